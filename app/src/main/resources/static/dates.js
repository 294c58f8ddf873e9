// A day that is typed stays as the browser has it; while nobody types, it is shown as the reader's language writes days.

import { dayFormat } from './say.js';

const DAY = dayFormat({ day: 'numeric', month: 'short', year: 'numeric' });

function show(field) {
  const shown = field.value ? DAY.format(new Date(`${field.value}T00:00:00Z`)) : '';
  if (field.dataset.shown !== shown) { field.dataset.shown = shown; }
}

function showAll() {
  document.querySelectorAll('input[type=date]').forEach(show);
}

showAll();
new MutationObserver(showAll).observe(document.body, { childList: true, subtree: true, attributeFilter: ['value'] });
document.addEventListener('input', (event) => { if (event.target.type === 'date') { show(event.target); } });
document.addEventListener('change', (event) => { if (event.target.type === 'date') { show(event.target); } });
window.addEventListener('pelluna-page', showAll);
