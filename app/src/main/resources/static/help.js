// Help over any page: the page of help in a dialog, with its search; and whether single keys do something on this device.
import { folded } from './shop/names.js';

const KEYS = 'pelluna-keys';

function dialog() {
  let open = document.getElementById('help-dialog');
  if (!open) {
    open = document.createElement('dialog');
    open.id = 'help-dialog';
    document.body.append(open);
    open.addEventListener('click', (event) => {
      if (event.target === open || event.target.closest('a, [data-help-close]')) { open.close(); }
    });
  }
  return open;
}

// Lines that have every word of what was typed.
function narrow(field) {
  const words = folded(field.value).split(' ').filter((word) => word);
  const help = field.closest('.help');
  const lines = [...help.querySelector('.help-lines').children];
  for (const line of lines) {
    const text = folded(line.textContent);
    line.hidden = !words.every((word) => text.includes(word));
  }
  help.querySelector('[data-help-none]').hidden = lines.some((line) => !line.hidden);
}

function bind(help) {
  const on = help.querySelector('[data-keys-on]');
  on.checked = localStorage.getItem(KEYS) !== 'off';
  on.addEventListener('change', () => { localStorage.setItem(KEYS, on.checked ? 'on' : 'off'); });
  const field = help.querySelector('[data-help]');
  field.addEventListener('input', () => narrow(field));
  field.addEventListener('keydown', (event) => {
    const first = [...help.querySelector('.help-lines').children].find((line) => !line.hidden);
    if (event.key === 'Enter' && first) { event.preventDefault(); first.firstElementChild.click(); }
  });
}

export async function help() {
  const tank = /^\/tanks\/\d+/.exec(window.location.pathname);
  const answer = await fetch(`${tank ? tank[0] : ''}/help`, { headers: { Accept: 'text/html' } });
  const page = new DOMParser().parseFromString(await answer.text(), 'text/html').getElementById('help');
  if (!page) { return; }
  const open = dialog();
  open.setAttribute('aria-label', page.querySelector('[data-help]').getAttribute('aria-label'));
  page.removeAttribute('id');
  open.replaceChildren(page);
  bind(page);
  page.querySelector('[data-help-close]').hidden = false;
  open.showModal();
  page.querySelector('[data-help]').focus();
}

const here = document.querySelector('#page #help');
if (here) { bind(here); }
