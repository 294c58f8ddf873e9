// The Reefscape on a page: woken with it, and joined to the slider, the buttons and the keys around it.
import { Reefscape } from './hands.js';
import { say } from '../say.js';
import { deliver } from '../send.js';

const reef = {
  here: null,
  wake() {
    const root = document.getElementById('reefscape');
    if (!root) { reef.here = null; return; }
    const before = reef.here && reef.here.scene.chosen;
    if (!reef.here || reef.here.root !== root) {
      reef.here = new Reefscape(root);
      window.pellunaReef = reef.here;
    } else {
      reef.here.read();
    }
    for (const button of document.querySelectorAll('[data-shows]')) {
      button.setAttribute('aria-pressed', String(Boolean(reef.here.shows[button.dataset.shows])));
    }
    reef.here.swimOn();
    if (reef.here.focus) {
      const again = root.querySelector(reef.here.focus);
      if (again) { again.focus({ preventScroll: true }); }
      reef.here.focus = null;
    }
    // On a phone the explanation is a sheet over the lower half: what it is about is brought into the upper one.
    const sheet = document.querySelector('#explains.sheet-up');
    const covers = sheet && reef.here.scene.chosen !== before && getComputedStyle(sheet).position === 'fixed';
    if (covers) { root.scrollIntoView({ block: 'start' }); }
    if (reef.here.scene.chosen !== before) { reef.here.bringIn(); }
  },
};

reef.wake();
window.addEventListener('pelluna-page', reef.wake);

document.addEventListener('input', (event) => {
  if (!reef.here) { return; }
  if (event.target.id === 'reef-slider') { reef.here.goTo((event.target.value / 1000) ** 2 * reef.here.scene.days); }
  if (event.target.id === 'arrows-from') {
    reef.here.scene.arrowsFrom = Number(event.target.value);
    document.getElementById('arrows-word').textContent = event.target.value;
    reef.here.ask();
  }
});

document.addEventListener('change', async (event) => {
  if (!reef.here) { return; }
  if (event.target.id === 'reef-slider') { reef.here.settle(); }
  if (event.target.id === 'arrows-from') {
    await deliver('/settings/arrows', new URLSearchParams({ from: event.target.value }));
    reef.here.settle();
  }
});

document.addEventListener('click', (event) => {
  if (!reef.here) { return; }
  const button = event.target.closest('button');
  if (!button) { return; }
  const middle = [reef.here.root.clientWidth / 2, reef.here.root.clientHeight / 2];
  if (button.id === 'reef-play') { reef.here.play(); }
  const shows = button.dataset.shows;
  if (shows) {
    reef.here.show(shows, button.getAttribute('aria-pressed') !== 'true');
    button.setAttribute('aria-pressed', String(reef.here.shows[shows]));
    reef.here.swimOn();
  }
  if (button.id === 'reef-hot') { button.setAttribute('aria-pressed', String(reef.here.root.classList.toggle('show-hot'))); }
  if (button.id === 'reef-end') { reef.here.slide(1); reef.here.settle(); }
  if (button.id === 'reef-zoom-in') { reef.here.zoomBy(1.5, ...middle); }
  if (button.id === 'reef-zoom-out') { reef.here.zoomBy(1 / 1.5, ...middle); }
});

// A fish of the list under the pointer or the focus is named in the picture.
for (const kind of ['pointerover', 'focusin']) {
  document.addEventListener(kind, (event) => {
    const fish = reef.here && event.target.closest && event.target.closest('.reef-fish [data-fish]');
    if (fish) { reef.here.hover(fish.dataset.fish); }
  });
}
for (const kind of ['pointerout', 'focusout']) {
  document.addEventListener(kind, (event) => {
    if (reef.here && event.target.closest && event.target.closest('.reef-fish [data-fish]')) { reef.here.hover(null); }
  });
}
document.addEventListener('visibilitychange', () => reef.here && reef.here.swimOn());

// The picture that goes out shows as much as the one here; the PNG is the server's SVG, painted twice as fine.
document.addEventListener('click', (event) => {
  const link = event.target.closest('#picture-png, #picture-svg');
  if (!link || !reef.here) { return; }
  const address = new URL(link.href);
  for (const what of ['arrows', 'grounds']) { address.searchParams.set(what, String(Boolean(reef.here.shows[what]))); }
  link.href = address.href;
  if (link.id === 'picture-svg') { return; }
  event.preventDefault();
  const image = new Image();
  image.onload = () => {
    const canvas = document.createElement('canvas');
    canvas.width = 2 * image.naturalWidth;
    canvas.height = 2 * image.naturalHeight;
    canvas.getContext('2d').drawImage(image, 0, 0, canvas.width, canvas.height);
    canvas.toBlob((blob) => {
      const save = document.createElement('a');
      save.href = URL.createObjectURL(blob);
      save.download = link.dataset.name;
      save.click();
      setTimeout(() => URL.revokeObjectURL(save.href), 10000);
    }, 'image/png');
  };
  image.onerror = () => window.pellunaLive.tell(say('script.reef.notPainted'));
  image.src = link.getAttribute('href');
});

document.addEventListener('keydown', (event) => {
  if (!reef.here || event.target.matches('input, select, textarea') || event.ctrlKey || event.metaKey || event.altKey) { return; }
  if (event.key === '[' || event.key === ']') {
    const way = event.key === '[' ? -1 : 1;
    const day = reef.here.day;
    const month = day < 120 ? 7 : day < 500 ? 30 : 91;
    reef.here.slide(reef.here.share(Math.max(0, day + way * month)));
    clearTimeout(reef.settling);
    reef.settling = setTimeout(() => reef.here.settle(), 250);
  }
});
