// A field in which a fish is named: what the name may mean is listed under it while it is typed.
// Without this script the list comes with the answer.

import { say } from './say.js';

const names = {
  wait: 110,
  timer: null,
  asked: 0,
  list(field) { return document.getElementById(field.getAttribute('aria-controls')); },
  rows(field) { return [...names.list(field).querySelectorAll('.namerow')]; },
  shut(field) {
    names.list(field).classList.add('shut');
    field.setAttribute('aria-expanded', 'false');
    field.removeAttribute('aria-activedescendant');
  },
  mark(field, row) {
    names.rows(field).forEach((r) => r.setAttribute('aria-selected', r === row ? 'true' : 'false'));
    if (row) {
      field.setAttribute('aria-activedescendant', row.id);
      row.scrollIntoView({ block: 'nearest' });
    }
  },
  active(field) { return names.rows(field).find((r) => r.getAttribute('aria-selected') === 'true'); },
  async ask(field) {
    const typed = field.value.trim();
    names.asked += 1;
    const turn = names.asked;
    if (typed.length < 2) { names.shut(field); return; }
    try {
      const response = await fetch(`${field.dataset.names}?q=${encodeURIComponent(typed)}`, { headers: { Accept: 'text/html' } });
      const text = await response.text();
      if (!response.ok || turn !== names.asked || document.activeElement !== field) { return; }
      const list = names.list(field);
      list.innerHTML = text;
      list.classList.remove('shut');
      field.setAttribute('aria-expanded', 'true');
      names.mark(field, names.rows(field)[0]);
    } catch (error) {
      window.pellunaLive.tell(say('script.noAnswerKept'));
    }
  },
  // Taken into the field where more is to be said of the fish; sent at once where its name is all.
  take(field, row) {
    if (field.closest('[data-pick]').dataset.pick === 'fill') {
      field.value = row.dataset.name;
      names.shut(field);
      field.focus();
    } else {
      field.form.requestSubmit(row);
      names.asked += 1;
      names.shut(field);
    }
  },
};

document.addEventListener('input', (event) => {
  if (!event.target.matches('[data-names]')) { return; }
  clearTimeout(names.timer);
  names.timer = setTimeout(() => names.ask(event.target), names.wait);
});

document.addEventListener('keydown', (event) => {
  const field = event.target;
  if (!field.matches || !field.matches('[data-names]')) { return; }
  const rows = names.rows(field);
  const open = !names.list(field).classList.contains('shut') && rows.length > 0;
  const at = rows.indexOf(names.active(field));
  if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
    event.preventDefault();
    if (!open) { names.ask(field); return; }
    names.mark(field, rows[(at + (event.key === 'ArrowDown' ? 1 : -1) + rows.length) % rows.length]);
  } else if (event.key === 'Enter' && open && field.getAttribute('aria-expanded') === 'true') {
    event.preventDefault();
    names.take(field, rows[Math.max(0, at)]);
  } else if (event.key === 'Escape' && open) {
    event.preventDefault();
    event.stopPropagation();
    names.shut(field);
  }
});

document.addEventListener('click', (event) => {
  const row = event.target.closest('.namerow');
  const field = row && row.closest('.namefield').querySelector('[data-names]');
  if (field && field.closest('[data-pick]').dataset.pick === 'fill') {
    event.preventDefault();
    names.take(field, row);
  }
});

// A click elsewhere shuts the list; a press on a row must not take the focus first.
document.addEventListener('mousedown', (event) => { if (event.target.closest('.namerow')) { event.preventDefault(); } });
document.addEventListener('focusout', (event) => { if (event.target.matches('[data-names]')) { names.shut(event.target); } });
