// What waits on this device until Pelluna answers: the list of it, on every page, and the forms that may wait.
import { say, sayCount } from './say.js';
import { freshKey, sendOnce } from './send.js';
import { outbox } from './outbox.js';

function show() {
  const lines = outbox.read();
  const bar = document.getElementById('waiting');
  const list = document.getElementById('outbox');
  if (!bar || !list) { return; }
  const wait = lines.filter((l) => !l.refused).length;
  bar.hidden = wait === 0;
  bar.textContent = sayCount('script.log.waits', wait);
  list.hidden = lines.length === 0;
  list.replaceChildren(...lines.map((line) => {
    const item = document.createElement('li');
    const state = line.refused ? say('script.log.notTaken', line.refused) : say('script.log.waiting');
    item.textContent = `${new Date(line.fields.at).toTimeString().slice(0, 5)} ${line.says} — ${state} `;
    const undo = document.createElement('button');
    undo.type = 'button';
    undo.className = 'link soft';
    undo.textContent = say('script.log.undo');
    undo.dataset.drop = line.fields.key;
    item.append(undo);
    return item;
  }));
}

document.addEventListener('click', (event) => {
  const waits = event.target.closest('[data-drop]');
  if (waits) { outbox.drop(waits.dataset.drop); }
});

// A form that may wait says what it is while it does. With a file it can't: what is too large to keep is sent now or not at all.
window.addEventListener('submit', async (event) => {
  const form = event.target;
  if (!form.dataset.later || form.dataset.sending) { return; }
  const body = new FormData(form, event.submitter);
  if ([...body.values()].some((value) => value instanceof File && value.size)) { return; }
  event.preventDefault();
  event.stopImmediatePropagation();
  form.dataset.sending = 'true';
  // what lay here since another day still means today
  for (const field of form.querySelectorAll('[data-today]')) {
    if (field.value === field.defaultValue) { body.set(field.name, new Date().toLocaleDateString('sv')); }
  }
  const fields = Object.fromEntries([...body].filter(([name, value]) => name !== '_csrf' && typeof value === 'string'));
  const key = freshKey();
  fields.at = Date.now();
  // what waits already goes first
  const answer = outbox.waiting().length ? { away: true } : await sendOnce(form.action, new URLSearchParams({ ...fields, key }));
  if (answer.away) {
    const named = form.dataset.about ? `${form.dataset.about}: ` : '';
    const outcome = await outbox.put(form.action, fields, named + form.dataset.later, key);
    if (outcome === 'saved') { answer.saved = true; answer.then = outbox.then.get(key); }
    if (outcome === 'waits') { window.pellunaLive.tell(say('script.waits')); }
  }
  delete form.dataset.sending;
  await follow(form, answer);
}, true);

// What follows: the next page, or this one with the reason beside its field.
async function follow(form, answer) {
  const live = window.pellunaLive;
  if (answer.refused) {
    if (answer.html) { await live.show(answer.html); }
    live.tell(answer.html ? say('script.notSaved') : answer.words);
    return;
  }
  if ('fresh' in form.dataset) { form.reset(); }
  if (!answer.saved) { return; }
  if (answer.then && !('live' in form.dataset)) { live.open(answer.then); return; }
  if (answer.then) { await live.go(answer.then, {}, true); }
  live.tell(say('script.saved'));
}

show();
window.addEventListener('pelluna-page', show);
window.addEventListener('pelluna-outbox', show);
