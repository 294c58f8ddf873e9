// Fields that stay on this device: numbers of telephones are nobody else's business.
const PREFIX = 'pelluna-here-';

function bind() {
  for (const field of document.querySelectorAll('[data-here]')) {
    field.value = localStorage.getItem(PREFIX + field.dataset.here) || '';
    field.oninput = () => localStorage.setItem(PREFIX + field.dataset.here, field.value);
  }
}
bind();
window.addEventListener('pelluna-page', bind);
