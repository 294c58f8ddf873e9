// The date: moved, played, asked for, and the page that follows it.
import { dayFormat, say } from '../say.js';
import { Picture } from './picture.js';

const BETWEEN_QUESTIONS = 200;
// Made once: a formatter costs more than a frame's drawing.
const DAY = dayFormat({ day: 'numeric', month: 'long', year: 'numeric' });
const MONTH = dayFormat({ month: 'long', year: 'numeric' });
const still = () => window.matchMedia('(prefers-reduced-motion: reduce)').matches;

export class Dates extends Picture {
  words() {
    const says = document.getElementById('reef-day');
    const day = Math.round(this.day);
    if (says && this.said === day) { return; }
    this.said = day;
    if (says) { says.textContent = DAY.format(this.dateOf(day)); }
    const slider = document.getElementById('reef-slider');
    if (slider && says) { slider.setAttribute('aria-valuetext', says.textContent); }
  }

  // What changed between two days, said under the slider as it goes by.
  passing(from, to) {
    const changes = this.scene.changes;
    const after = this.firstAfter(Math.min(from, to));
    const last = this.firstAfter(Math.max(from, to)) - 1;
    const line = document.getElementById('reef-says');
    if (!line || last < after) { return; }
    const c = changes[last];
    let first = last;
    while (first > after && changes[first - 1].day === c.day) { first -= 1; }
    const said = changes.slice(first, Math.min(last + 1, first + 3)).map((m) => m.says).join('; ');
    line.textContent = say('script.reef.inMonth', MONTH.format(this.dateOf(c.day)), said);
  }

  // Changes come in the order of their days: the first one after a day, by halving.
  firstAfter(day) {
    let low = 0;
    let high = this.scene.changes.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if (this.scene.changes[middle].day > day) { high = middle; } else { low = middle + 1; }
    }
    return low;
  }

  goTo(day) {
    const before = this.day;
    this.day = Math.max(0, Math.min(this.scene.days, day));
    this.passing(before, this.day);
    this.words();
    this.moves();
    this.ask();
    this.fetchDay();
  }

  // One question at a time: while dragging, only the last day that was asked for matters.
  async fetchDay() {
    if (this.fetching) { this.again = true; return; }
    this.fetching = true;
    const query = new URLSearchParams({ on: this.iso(this.day), chosen: this.scene.chosen || '', ...(this.preview || {}) });
    try {
      const answer = await fetch(`${this.scene.base}/day?${query}`);
      if (answer.ok) {
        this.now = await answer.json();
        this.homes = this.now.homes;
        this.ask();
      }
    } catch (error) {
      window.pellunaLive.tell(say('script.reef.noAnswer'));
    }
    await new Promise((done) => { setTimeout(done, BETWEEN_QUESTIONS); });
    this.fetching = false;
    if (this.again) { this.again = false; this.fetchDay(); }
  }

  // The whole page for the day, so that the explanation follows.
  settle(chosen) {
    const url = new URL(window.location.href);
    url.pathname = this.scene.base;
    url.searchParams.set('on', this.iso(this.day));
    if (chosen !== undefined) {
      url.searchParams.delete('pair');
      url.searchParams.delete('fish');
      if (chosen) { url.searchParams.set(chosen.includes('~') ? 'pair' : 'fish', chosen); }
    }
    history.replaceState({}, '', url);
    window.pellunaLive.go(url.toString(), {}, false);
  }

  play() {
    const button = document.getElementById('reef-play');
    if (this.playing) { this.stop(); return; }
    this.playing = true;
    button.setAttribute('aria-pressed', 'true');
    button.textContent = say('script.reef.stop');
    if (this.share(this.day) > 0.995) { this.day = 0; }
    if (still()) { this.stepping(); return; }
    let last = performance.now();
    const frame = (time) => {
      if (!this.playing) { return; }
      const t = Math.min(1, this.share(this.day) + (time - last) / 16000);
      last = time;
      this.slide(t);
      if (t >= 1) { this.stop(); } else { requestAnimationFrame(frame); }
    };
    requestAnimationFrame(frame);
  }

  // Without motion: from one change to the next, a moment on each.
  stepping() {
    const next = this.scene.changes.find((c) => c.day > this.day);
    if (!this.playing || !next) { this.stop(); return; }
    this.slide(this.share(next.day));
    this.timer = setTimeout(() => this.stepping(), 1500);
  }

  stop() {
    this.playing = false;
    clearTimeout(this.timer);
    const button = document.getElementById('reef-play');
    button.setAttribute('aria-pressed', 'false');
    button.textContent = say('script.reef.play');
    this.settle();
  }

  slide(t) {
    const slider = document.getElementById('reef-slider');
    if (slider) { slider.value = String(Math.round(1000 * t)); }
    this.goTo(t * t * this.scene.days);
  }
}
