// How far a long sheet is while it is looked through or taken in, and a button that ends it.
import { freshKey, sendOnce } from '../send.js';

const EVERY = 700;

async function follow(way) {
  const bar = document.getElementById('on-its-way');
  const [progress, said, stop] = [bar.querySelector('progress'), bar.querySelector('span'), bar.querySelector('button')];
  stop.onclick = () => sendOnce(`/sheets/${way}/stop`, new URLSearchParams({ key: freshKey() }));
  for (;;) {
    await new Promise((then) => { setTimeout(then, EVERY); });
    if (!bar.isConnected) { return; }
    const answer = await fetch(`/sheets/${way}`, { headers: { Accept: 'application/json' } }).catch(() => null);
    if (answer && answer.ok) {
      const { done, of } = await answer.json();
      bar.hidden = false;
      progress.max = Math.max(1, of);
      progress.value = done;
      said.textContent = of ? `${Math.floor((100 * done) / of)} %` : '';
    } else if (!bar.hidden) {
      bar.hidden = true;
      return;
    }
  }
}

document.addEventListener('submit', (event) => {
  const form = event.target.closest('form[data-way]');
  if (form) { follow(form.elements.way.value); }
}, true);
