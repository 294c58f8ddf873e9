// Reminders of what is due, as notifications of this device: only where its keeper has allowed them, and each once.
// They come while a page of
// Pelluna is open; nothing is sent over the network for them.

import { say } from '../say.js';

const TOLD = 'pelluna-told';
const EVERY = 60000;

function told() {
  try { return JSON.parse(localStorage.getItem(TOLD) || '[]'); } catch (error) { return []; }
}

async function look() {
  const log = document.getElementById('log-place');
  if (!log || !('Notification' in window) || Notification.permission !== 'granted') { return; }
  try {
    const response = await fetch(log.getAttribute('href').replace(/\/log$/, '/today/due'));
    if (!response.ok) { return; }
    const known = told();
    for (const item of await response.json()) {
      if (!known.includes(item.key)) {
        known.push(item.key);
        new Notification(`${item.tank}: ${item.says}`, { body: item.why, tag: item.key });
      }
    }
    localStorage.setItem(TOLD, JSON.stringify(known.slice(-200)));
  } catch (error) { /* not reachable now: it is asked again */ }
}

function show() {
  const box = document.querySelector('[data-remind]');
  if (!box) { return; }
  box.hidden = !('Notification' in window);
  if (box.hidden) { return; }
  const button = document.getElementById('remind');
  button.hidden = Notification.permission !== 'default';
  document.getElementById('remind-says').textContent =
    Notification.permission === 'default' ? '' : say(`script.remind.${Notification.permission}`);
}

document.addEventListener('click', async (event) => {
  if (event.target.id !== 'remind') { return; }
  await Notification.requestPermission();
  show();
  look();
});
show();
look();
setInterval(look, EVERY);
window.addEventListener('pelluna-page', show);
