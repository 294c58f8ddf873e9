// A fish grows on its page: from the day it is bought until it is all but grown, beside the hand, in the keeper's glass.

const STILL = window.matchMedia('(prefers-reduced-motion: reduce)');
const WHOLE = 6000;
const WIDE = 1.16;
const BEFORE = 0.13;

class Film {
  constructor(root) {
    this.root = root;
    this.film = JSON.parse(root.dataset.film);
    this.fish = root.querySelector('.film-fish');
    this.slider = root.querySelector('input');
    this.button = root.querySelector('[data-film-play]');
    root.querySelector('.film-hands').classList.remove('invisible');
    this.slider.addEventListener('input', () => { this.stop(); this.show(Number(this.slider.value)); });
    this.button.addEventListener('click', () => (this.frame ? this.stop() : this.play()));
    root.querySelector('output').textContent = this.film.says[this.film.says.length - 1];
  }

  show(k) {
    const { share, says, looks, half } = this.film;
    const long = share[k] * this.fish.dataset.long;
    const set = (name, value) => this.fish.setAttribute(name, typeof value === 'number' ? value.toFixed(2) : value);
    set('href', looks[k]);
    set('x', this.fish.dataset.x - long / 2 - BEFORE * long);
    set('y', this.fish.dataset.y - half[k] * long);
    set('width', WIDE * long);
    set('height', 2 * half[k] * long);
    this.root.classList.toggle('growing', k < share.length - 1);
    this.slider.value = String(k);
    this.slider.setAttribute('aria-valuetext', says[k]);
    this.root.querySelector('output').textContent = says[k];
  }

  play() {
    const last = this.film.share.length - 1;
    this.button.setAttribute('aria-pressed', 'true');
    const began = performance.now();
    const pace = STILL.matches ? 1.5 : 1;
    const step = (now) => {
      // without motion wanted it goes in six pictures
      const t = Math.min(1, (now - began) / (WHOLE * pace));
      this.show(Math.round(last * (STILL.matches ? Math.floor(t * 6) / 6 : t)));
      this.frame = t < 1 ? requestAnimationFrame(step) : 0;
      if (t >= 1) { this.stop(); }
    };
    this.frame = requestAnimationFrame(step);
  }

  stop() {
    cancelAnimationFrame(this.frame);
    this.frame = 0;
    this.button.setAttribute('aria-pressed', 'false');
  }
}

const wake = () => {
  for (const root of document.querySelectorAll('.film')) {
    if (!root.pellunaFilm) { root.pellunaFilm = new Film(root); }
  }
};
wake();
window.addEventListener('pelluna-page', wake);
