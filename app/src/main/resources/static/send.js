// The one way in which a page sends what is to be kept. Only an answer that names the key that was sent counts as saved;
// whatever else comes back, what was typed stays where it is, waits visibly, and is sent again by itself with the same key,
// so that it is written once.

import { say, sayCount } from './say.js';

const AGAIN_AFTER = 3000;
const PATIENCE = 20000;
// What is under this many signs is sent on even if its page is left meanwhile.
const LEAVES_WITH = 50000;

export function freshKey() {
  const bytes = crypto.getRandomValues(new Uint8Array(12));
  return Array.from(bytes, (b) => b.toString(16).padStart(2, '0')).join('');
}

// What a page of failure says, without its frame.
function words(html) {
  const page = new DOMParser().parseFromString(html, 'text/html');
  const said = page.getElementById('failure-what') || page.querySelector('[role="alert"]');
  return said ? said.textContent.trim() : '';
}

// The token of this session, which every write brings along. A page that was kept from before somebody signed in again asks anew.
function token() {
  const said = document.querySelector('meta[name=csrf]');
  return said ? said.content : '';
}

async function freshToken() {
  try {
    const page = new DOMParser().parseFromString(await (await fetch('/account', { headers: { Accept: 'text/html' } })).text(), 'text/html');
    const fresh = page.querySelector('meta[name=csrf]');
    const said = document.querySelector('meta[name=csrf]');
    if (fresh && said) { said.content = fresh.content; }
  } catch (error) {
    // nobody answers: the next time
  }
}

// Asks for what a passkey needs, or brings what it said. Resolves to the answer.
export async function sendJson(url, body) {
  const response = await fetch(url, {
    method: 'POST', body: JSON.stringify(body), headers: { 'Content-Type': 'application/json', 'X-CSRF-TOKEN': token() },
  });
  if (!response.ok) { throw new Error(String(response.status)); }
  return response.json();
}

// Sends once. Resolves to one of
//   { saved: true, then, html }     it is in the database; then is the page that follows, html the page that came instead
//   { refused: true, words, html }  it cannot be so, and sending it again changes nothing; html only where it is the page it was typed on
//   { away: true, words }           nobody knows: to be sent again
export async function sendOnce(url, body) {
  const key = body.get('key');
  body.delete('_csrf');
  const keepalive = body instanceof URLSearchParams && body.toString().length < LEAVES_WITH;
  try {
    const response = await fetch(url, {
      method: 'POST',
      body,
      keepalive,
      headers: { Accept: 'text/html', 'Pelluna-Send': '1', 'X-CSRF-TOKEN': token() },
      signal: AbortSignal.timeout(PATIENCE),
    });
    if (response.status === 401) {
      await freshToken();
      return { away: true, words: say('script.signedOut') };
    }
    const text = await response.text();
    if (response.ok && response.headers.get('Pelluna-Saved') === key) {
      return { saved: true, then: response.headers.get('Pelluna-Then'), html: text };
    }
    const page = (response.headers.get('Content-Type') || '').startsWith('text/html');
    const said = page ? words(text) : text;
    if (response.status >= 400 && response.status < 500 && response.status !== 408 && response.status !== 429) {
      const html = page && response.status === 422 ? text : '';
      return { refused: true, words: said || say('script.notTaken'), html };
    }
    return { away: true, words: said || say('script.notSaidSaved') };
  } catch (error) {
    return { away: true, words: say('script.noAnswer') };
  }
}

// What waits on this page, in order. It is kept in the fields too; whoever leaves is asked.
const queue = [];
let running = null;

function show(text) {
  const bar = document.getElementById('unsent');
  if (!bar) { return; }
  bar.hidden = text === '';
  bar.querySelector('b').textContent = text === '' ? '' : sayCount('script.unsent', queue.length);
  bar.querySelector('span').textContent = text === '' ? '' : say('script.unsentStays', text);
}

async function run() {
  while (queue.length) {
    const answer = await sendOnce(queue[0].url, queue[0].body);
    if (answer.away) {
      show(answer.words);
      await new Promise((again) => { queue.again = again; setTimeout(again, AGAIN_AFTER); });
    } else {
      queue.shift().done(answer);
      show('');
    }
  }
  running = null;
}

// Sends until it is saved or refused; resolves to that answer.
export function deliver(url, body) {
  if (!body.get('key')) { body.set('key', freshKey()); }
  return new Promise((done) => {
    queue.push({ url, body, done });
    running = running || run();
  });
}

window.addEventListener('beforeunload', (event) => {
  if (queue.length && !document.getElementById('unsent').hidden) { event.preventDefault(); }
});
document.addEventListener('click', (event) => { if (event.target.closest('#unsent button') && queue.again) { queue.again(); } });
window.addEventListener('online', () => { if (queue.again) { queue.again(); } });

// A page that comes back as it was left has forms that may have been sent: what is sent from it now is something new.
window.addEventListener('pageshow', (event) => {
  if (event.persisted) { document.querySelectorAll('form input[type=hidden][name=key]').forEach((field) => { field.value = freshKey(); }); }
});
