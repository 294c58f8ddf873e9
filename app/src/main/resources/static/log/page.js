// The Log: a sentence built from four taps, or typed; a watch with its clock.
import { say } from '../say.js';
import { outbox } from '../outbox.js';
import '../queue.js';

const sighting = {
  said: {},
  root() { return document.getElementById('sighting'); },
  afresh() {
    sighting.said = { times: 1 };
    sighting.show('who');
  },
  show(step) {
    const root = sighting.root();
    if (!root) { return; }
    sighting.step = step;
    for (const part of root.querySelectorAll('[data-step]')) { part.hidden = part.dataset.step !== step; }
    const s = sighting.said;
    const words = { who: s.who && s.who.said, did: s.did && s.did.says, whom: s.whom && s.whom.said, where: s.where };
    for (const button of root.querySelectorAll('#built [data-part]')) {
      const part = button.dataset.part;
      button.textContent = words[part] || say(`script.log.${part}`);
      button.classList.toggle('given', Boolean(words[part]));
      button.classList.toggle('now', part === step);
      button.hidden = part === 'whom' && Boolean(s.did) && !s.did.to;
    }
    const gravity = s.gravity || (s.did && s.did.gravity) || 1;
    for (const button of root.querySelectorAll('#how [data-gravity]')) {
      button.setAttribute('aria-pressed', String(Number(button.dataset.gravity) === gravity));
    }
    root.querySelector('#times').textContent = s.times || 1;
    const atTheBox = Boolean(s.did && s.did.word === 'struck-box');
    for (const chip of s.who ? root.querySelectorAll('[data-step="whom"] .fishchip') : []) {
      chip.hidden = chip.dataset.fish === s.who.id || (chip.dataset.boxed === 'true') !== atTheBox;
    }
  },
  log(x, y) {
    const s = sighting.said;
    const fields = { fish: s.who.id, doing: s.did.word, gravity: s.gravity || s.did.gravity, times: s.times || 1 };
    if (s.did.to) { fields.other = s.whom.id; }
    if (x !== undefined) { fields.x = x.toFixed(4); fields.y = y.toFixed(4); }
    const says = sighting.sentence(s) + (s.times > 1 ? say('script.log.times', s.times) : '');
    sighting.afresh();
    sighting.send('sighting', fields, says);
  },
  // 'the coral beauty chased Saffron', each in the case that the sentence asks for.
  sentence({ who, did, whom }) {
    const cases = { Der: 'said', Den: 'object', Dem: 'indirect' };
    return did.to ? did.sentence.replace(/\{([01])(Der|Den|Dem)?\}/g, (whole, place, as) => [who, whom][place][cases[as] || 'said'])
      : `${who.said} ${did.says}`;
  },
  last: '',
  tell(text) {
    sighting.last = text;
    const line = document.getElementById('said');
    if (line) { line.textContent = text; }
  },
  // Says 'Logged' when it is, and not before. Resolves to the reason if it is refused.
  async send(what, fields, says) {
    sighting.tell(say('script.log.sending', says));
    const outcome = await outbox.put(`${sighting.root().dataset.base}/${what}`, fields, says);
    if (outcome === 'saved') {
      sighting.tell(say('script.log.logged', says));
    } else if (outcome === 'waits') {
      sighting.tell(say('script.log.notYet', says));
    } else {
      sighting.tell(say('script.log.notLogged', outcome.reason));
    }
    return outcome;
  },
};

function chip(button) {
  const s = sighting.said;
  const step = button.closest('[data-step]').dataset.step;
  const { fish: id, said, object, indirect } = button.dataset;
  if (step === 'who') {
    s.who = { id, said, object, indirect };
    sighting.show(s.did ? s.did.to && !s.whom ? 'whom' : 'where' : 'did');
  } else {
    s.whom = { id, said, object, indirect };
    sighting.show('where');
  }
}

// In the drawing's own centimetres.
function tapped(svg, event) {
  const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
  const x = point.x / Number(svg.dataset.length);
  const y = 1 - point.y / Number(svg.dataset.floor);
  return [Math.min(1, Math.max(0, x)), Math.min(1, Math.max(0, y))];
}

document.addEventListener('click', (event) => {
  const root = sighting.root();
  const pair = event.target.closest('.pairtap');
  if (pair) {
    taps.counts.set(pair.dataset.says, (taps.counts.get(pair.dataset.says) || 0) + 1);
    tally();
    const { fish, doing, other, says } = pair.dataset;
    outbox.put(`${document.getElementById('sighting').dataset.base}/sighting`, { fish, doing, other, times: 1 }, says);
    return;
  }
  if (!root || !root.contains(event.target)) { return; }
  const s = sighting.said;
  const button = event.target.closest('button');
  const svg = event.target.closest('svg.tap-reef');
  if (svg) { sighting.log(...tapped(svg, event)); return; }
  if (!button) { return; }
  if (button.matches('.fishchip')) { chip(button); }
  if (button.matches('[data-doing]')) {
    const { doing, says, sentence, to, gravity } = button.dataset;
    s.did = { word: doing, says, sentence, to: to === 'true', gravity: Number(gravity) };
    sighting.show(s.did.to ? 'whom' : 'where');
  }
  if (button.id === 'anywhere') { sighting.log(); }
  if (button.id === 'afresh') { sighting.afresh(); }
  if (button.matches('#how [data-gravity]')) { s.gravity = Number(button.dataset.gravity); sighting.show(sighting.step); }
  if (button.matches('[data-less]')) { s.times = Math.max(1, (s.times || 1) - 1); sighting.show(sighting.step); }
  if (button.matches('[data-more]')) { s.times = Math.min(99, (s.times || 1) + 1); sighting.show(sighting.step); }
  if (button.matches('[data-part]')) {
    const part = button.dataset.part;
    const whom = Boolean(s.did && s.did.to);
    const where = Boolean(s.did && (!s.did.to || s.whom));
    const ready = { who: true, did: Boolean(s.who), whom, where }[part];
    if (ready) { sighting.show(part); }
  }
});

// Typed, with ways to go on.
let asked = 0;
async function offer(input) {
  const mine = ++asked;
  try {
    const response = await fetch(`${sighting.root().dataset.base}/complete?${new URLSearchParams({ text: input.value })}`);
    const { offers } = await response.json();
    const box = document.getElementById('offers');
    if (mine !== asked || !box) { return; }
    box.replaceChildren(...(input.value.trim() ? offers : []).map((text) => {
      const button = document.createElement('button');
      button.type = 'button';
      button.className = 'tap';
      button.textContent = text;
      button.addEventListener('click', () => { input.value = `${text} `; input.focus(); offer(input); });
      return button;
    }));
  } catch (error) { /* offline: the sentence is still taken */ }
}
document.addEventListener('input', (event) => { if (event.target.id === 'sentence') { offer(event.target); } });
document.addEventListener('keydown', (event) => {
  if (event.target.id === 'sentence' && event.key === 'Tab' && !event.shiftKey && event.target.value.trim()) {
    const first = document.querySelector('#offers button');
    if (first) { event.preventDefault(); first.click(); }
  }
});
document.addEventListener('submit', async (event) => {
  if (event.target.id !== 'typed') { return; }
  event.preventDefault();
  const input = document.getElementById('sentence');
  const text = input.value.trim();
  if (!text) { return; }
  document.getElementById('offers').replaceChildren();
  input.value = '';
  const outcome = await sighting.send('typed', { text }, text);
  const field = document.getElementById('sentence');
  // a sentence that was not understood goes back to where it can be put right
  if (outcome.key && field && !field.value) {
    outbox.drop(outcome.key);
    field.value = text;
    field.focus();
  }
});

// What is on the page but not in it: counters of a watch, the line just said.
const taps = { of: '', counts: new Map() };
function tally() {
  const watch = document.getElementById('watch');
  if (!watch) { return; }
  if (taps.of !== watch.dataset.began) { taps.of = watch.dataset.began; taps.counts.clear(); }
  for (const p of document.querySelectorAll('.pairtap')) { p.querySelector('output').textContent = taps.counts.get(p.dataset.says) || 0; }
}
function fresh() {
  window.pellunaLive.go(window.location.pathname + window.location.search, {}, false).then(() => { sighting.tell(sighting.last); });
}

function clock() {
  const watch = document.getElementById('watch');
  const face = document.getElementById('clock');
  if (!watch || !face || watch.dataset.began === '0') { return; }
  const seconds = Math.max(0, Math.floor((Date.now() - Number(watch.dataset.began)) / 1000));
  face.textContent = `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}
setInterval(clock, 1000);

// A watch begins and ends without a connection too; what is on the page follows by itself, and the server hears of it later.
document.addEventListener('submit', (event) => {
  if (event.target.id !== 'watch-form') { return; }
  event.preventDefault();
  const watch = document.getElementById('watch');
  const what = event.target.elements.what;
  const begins = what.value === 'begin';
  const at = Date.now();
  outbox.put(event.target.action, { what: what.value, at }, say(begins ? 'script.log.watchBegan' : 'script.log.watchEnded'));
  watch.dataset.began = begins ? String(at) : '0';
  watch.classList.toggle('runs', begins);
  what.value = begins ? 'end' : 'begin';
  watch.querySelector('.watch-button').textContent = say(begins ? 'script.log.endTheWatch' : 'script.log.startAWatch');
  clock();
  tally();
});

function wake() {
  if (sighting.root()) {
    sighting.show(sighting.step || 'who');
    clock();
    tally();
    if (window.location.hash === '#l') { document.getElementById('sentence').focus(); }
  }
}
sighting.afresh();
wake();
window.addEventListener('pelluna-page', wake);
window.addEventListener('pelluna-sent', () => { if (sighting.root()) { fresh(); } });

// Where a meal was given: the tap is kept in the form until it is sent.
document.addEventListener('click', (event) => {
  const svg = event.target.closest('svg.tap-feed');
  if (!svg) { return; }
  const form = svg.closest('form');
  const [x, y] = tapped(svg, event);
  form.elements.x.value = x.toFixed(4);
  form.elements.y.value = y.toFixed(4);
  const dot = svg.querySelector('.tapped') || svg.appendChild(document.createElementNS('http://www.w3.org/2000/svg', 'circle'));
  dot.setAttribute('class', 'tapped');
  dot.setAttribute('cx', x * Number(svg.dataset.length));
  dot.setAttribute('cy', (1 - y) * Number(svg.dataset.floor));
  dot.setAttribute('r', Number(svg.dataset.length) / 50);
});
