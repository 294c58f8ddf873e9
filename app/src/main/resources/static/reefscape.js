// The Reefscape in the browser: fish, grounds and arrows on a canvas over the server's drawing of the tank. What is
// computed comes from the server; here it is only drawn, between the sizes and places that came.

const WAVES = {
  calm: 'M2 8h28', ripple: 'M2 9q7 -8 14 0t14 0', chop: 'M2 6q5 -6 9 0t9 0t9 0M2 13q5 -6 9 0t9 0t9 0',
  surge: 'M2 12c4 -10 12 -12 16 -5c-5 -2 -7 2 -5 5M16 12c4 -10 10 -12 15 -5c-5 -2 -7 2 -5 5',
};
const INKS = { calm: '#a5cdc5', ripple: '#a9d0f5', chop: '#f5b04a', surge: '#ff8fbb' };
const MOST_ARROWS = 60;
// Dashes are slow to paint: beyond so many fish only the chosen grounds have them.
const MOST_DASHED = 40;
const BETWEEN_QUESTIONS = 200;
const still = () => window.matchMedia('(prefers-reduced-motion: reduce)').matches;

class Reefscape {
  constructor(root) {
    this.root = root;
    this.inner = root.querySelector('.reef-inner');
    this.canvas = root.querySelector('canvas');
    this.context = this.canvas.getContext('2d');
    this.pictures = new Map();
    this.sprites = new Map();
    this.zoom = { scale: 1, x: 0, y: 0 };
    this.pointers = new Map();
    this.frames = [];
    this.listen();
    this.read();
    new ResizeObserver(() => this.size()).observe(root);
  }

  // ---- what came from the server

  read() {
    this.scene = JSON.parse(this.root.dataset.scene);
    this.day = this.scene.day;
    this.now = this.scene.now;
    this.homes = { ...this.scene.now.homes };
    this.byId = new Map(this.scene.fish.map((f) => [f.id, f]));
    this.preview = null;
    for (const fish of this.scene.fish) {
      this.load(fish.picture);
      if (fish.youngPicture) { this.load(fish.youngPicture); }
    }
    const slider = document.getElementById('reef-slider');
    if (slider) { slider.value = String(Math.round(1000 * this.share(this.day))); }
    this.words();
    this.size();
  }

  load(path) {
    if (this.pictures.has(path)) { return; }
    const image = new Image();
    this.pictures.set(path, image);
    image.onload = () => this.ask();
    image.src = path;
  }

  // A fish as a bitmap, drawn once at its full size: scaling a bitmap is quick, drawing its paths is not.
  sprite(path, width) {
    const image = this.pictures.get(path);
    if (!image || !image.complete || !image.naturalWidth) { return null; }
    const wide = Math.min(1024, Math.max(32, 2 ** Math.ceil(Math.log2(width))));
    const kept = this.sprites.get(path);
    if (kept && kept.width >= wide) { return kept; }
    const bitmap = document.createElement('canvas');
    bitmap.width = wide;
    bitmap.height = Math.max(1, Math.round(wide * image.naturalHeight / image.naturalWidth));
    bitmap.getContext('2d').drawImage(image, 0, 0, bitmap.width, bitmap.height);
    this.sprites.set(path, bitmap);
    return bitmap;
  }

  share(day) { return Math.sqrt(Math.max(0, Math.min(1, day / this.scene.days))); }

  at(samples, day) {
    const k = this.share(day) * (samples.length - 1);
    const before = Math.min(samples.length - 2, Math.floor(k));
    return samples[before] + (samples[before + 1] - samples[before]) * (k - before);
  }

  dateOf(day) {
    const date = new Date(`${this.scene.start}T12:00:00Z`);
    date.setUTCDate(date.getUTCDate() + Math.round(day));
    return date;
  }

  iso(day) { return this.dateOf(day).toISOString().slice(0, 10); }

  // ---- size and zoom

  size() {
    const [, , wide, high] = this.scene.box;
    const width = this.root.clientWidth;
    if (!width) { return; }
    this.ratio = Math.min(3, (window.devicePixelRatio || 1) * Math.max(1, this.zoom.scale));
    this.perCm = width / wide;
    this.canvas.width = Math.round(width * this.ratio);
    this.canvas.height = Math.round(width * high / wide * this.ratio);
    this.ask();
  }

  place() {
    const z = this.zoom;
    const width = this.root.clientWidth;
    const height = this.root.clientHeight;
    z.scale = Math.max(1, Math.min(8, z.scale));
    z.x = Math.min(0, Math.max(width * (1 - z.scale), z.x));
    z.y = Math.min(0, Math.max(height * (1 - z.scale), z.y));
    this.inner.style.transform = z.scale === 1 ? '' : `translate(${z.x}px, ${z.y}px) scale(${z.scale})`;
    this.root.style.touchAction = z.scale > 1 ? 'none' : 'pan-y';
  }

  zoomBy(factor, x, y) {
    const before = this.zoom.scale;
    this.zoom.scale = Math.max(1, Math.min(8, before * factor));
    const real = this.zoom.scale / before;
    this.zoom.x = x - (x - this.zoom.x) * real;
    this.zoom.y = y - (y - this.zoom.y) * real;
    this.place();
    clearTimeout(this.crisp);
    this.crisp = setTimeout(() => this.size(), 150);
  }

  // From a pointer to cm from the left glass and from the surface.
  cm(event) {
    const box = this.inner.getBoundingClientRect();
    const [left, top, wide] = this.scene.box;
    const per = box.width / wide;
    return { x: (event.clientX - box.left) / per + left, y: (event.clientY - box.top) / per + top, per };
  }

  // ---- drawing

  ask() {
    if (!this.asked) {
      this.asked = requestAnimationFrame(() => { this.asked = 0; this.draw(); });
    }
  }

  swimmers() {
    const there = [];
    for (const fish of this.scene.fish) {
      if (fish.from <= this.day) {
        const length = this.at(fish.lengths, this.day);
        const [x, y] = this.homes[fish.id] || [0, 0];
        const young = fish.youngPicture && length <= fish.youngUntil;
        const half = (young ? fish.youngHalf : fish.half) * length;
        const floor = this.scene.floor;
        there.push({
          fish, length, half, picture: young ? fish.youngPicture : fish.picture,
          x: Math.max(length / 2, Math.min(this.scene.length - length / 2, x)),
          y: Math.max(half * 0.8, Math.min(floor - half * 0.8, floor - y)),
          homeX: x, homeY: floor - y, ground: this.at(fish.grounds, this.day),
        });
      }
    }
    return there;
  }

  draw() {
    const began = performance.now();
    const c = this.context;
    const [left, top] = this.scene.box;
    const k = this.perCm * this.ratio;
    c.setTransform(1, 0, 0, 1, 0, 0);
    c.clearRect(0, 0, this.canvas.width, this.canvas.height);
    c.setTransform(k, 0, 0, k, -left * k, -top * k);
    const swimmers = this.swimmers();
    const where = new Map(swimmers.map((s) => [s.fish.id, s]));
    const px = 1 / (this.perCm * this.zoom.scale);
    this.px = px;
    const arrows = this.arrows(where);
    this.drawGrounds(c, swimmers, arrows, px);
    for (const s of [...swimmers].sort((a, b) => b.length - a.length)) { this.drawFish(c, s, k); }
    for (const arrow of arrows) { this.drawArrow(c, arrow, px); }
    this.drawNames(c, swimmers, px);
    this.shown = { swimmers, arrows };
    this.frames.push(performance.now() - began);
    if (this.frames.length > 600) { this.frames.shift(); }
  }

  chosenPair(arrow) { return this.scene.chosen === `${arrow.from.fish.id}~${arrow.to.fish.id}`; }

  arrows(where) {
    const least = Math.max(1, this.scene.arrowsFrom);
    const found = [];
    for (const [a, b, index, step] of this.now.presses) {
      const chosen = this.scene.chosen === `${a}~${b}`;
      if ((index >= least || chosen) && where.has(a) && where.has(b) && (found.length < MOST_ARROWS || chosen)) {
        found.push(this.arrow(where.get(a), where.get(b), index, step));
      }
    }
    return found;
  }

  arrow(from, to, index, step) {
    const dx = to.x - from.x;
    const dy = to.y - from.y;
    const far = Math.hypot(dx, dy) || 1;
    const bend = Math.min(0.35 * far, 42 * this.px) * (dx >= 0 ? 1 : -1);
    const mid = { x: (from.x + to.x) / 2 + dy / far * bend, y: (from.y + to.y) / 2 - dx / far * bend };
    const gap = Math.min(0.32, (to.length * 0.35) / far);
    const tip = this.curve(from, mid, to, 1 - gap);
    const start = this.curve(from, mid, to, Math.min(0.3, from.length * 0.3 / far));
    return { from, to, index, step, mid, tip, start };
  }

  curve(a, m, b, t) {
    const s = 1 - t;
    return { x: s * s * a.x + 2 * s * t * m.x + t * t * b.x, y: s * s * a.y + 2 * s * t * m.y + t * t * b.y };
  }

  ellipse(c, s) {
    c.beginPath();
    c.ellipse(s.homeX, s.homeY, s.ground, s.ground * s.fish.flat, 0, 0, 2 * Math.PI);
  }

  drawGrounds(c, swimmers, arrows, px) {
    c.save();
    c.beginPath();
    c.rect(0, 0, this.scene.length, this.scene.floor);
    c.clip();
    const chosen = this.scene.chosen;
    for (const s of swimmers) {
      if (s.ground > 0) {
        const mine = chosen && chosen.split('~').includes(s.fish.id);
        this.ellipse(c, s);
        c.fillStyle = mine ? 'rgba(255,255,255,.16)' : 'rgba(255,255,255,.05)';
        c.fill();
        c.setLineDash(mine || swimmers.length < MOST_DASHED ? [4 * px, 4 * px] : []);
        c.lineWidth = (mine ? 1.6 : 0.9) * px;
        c.strokeStyle = mine ? 'rgba(255,255,255,.9)' : 'rgba(255,255,255,.4)';
        c.stroke();
      }
    }
    c.setLineDash([]);
    const seen = new Set();
    for (const { from, to } of arrows) {
      const pair = [from.fish.id, to.fish.id].sort().join('~');
      if (from.ground > 0 && to.ground > 0 && !seen.has(pair)) {
        seen.add(pair);
        this.hatch(c, from, to, px, chosen === `${from.fish.id}~${to.fish.id}` || chosen === `${to.fish.id}~${from.fish.id}`);
      }
    }
    c.restore();
  }

  hatch(c, a, b, px, chosen) {
    const left = Math.max(a.homeX - a.ground, b.homeX - b.ground);
    const right = Math.min(a.homeX + a.ground, b.homeX + b.ground);
    const top = Math.max(a.homeY - a.ground * a.fish.flat, b.homeY - b.ground * b.fish.flat);
    const bottom = Math.min(a.homeY + a.ground * a.fish.flat, b.homeY + b.ground * b.fish.flat);
    if (right <= left || bottom <= top) { return; }
    c.save();
    this.ellipse(c, a);
    c.clip();
    this.ellipse(c, b);
    c.clip();
    c.beginPath();
    const step = 7 * px;
    for (let x = Math.floor((left - (bottom - top)) / step) * step; x < right; x += step) {
      c.moveTo(x, bottom);
      c.lineTo(x + (bottom - top), top);
    }
    c.lineWidth = 1.2 * px;
    c.strokeStyle = chosen ? 'rgba(223,233,74,.9)' : 'rgba(255,255,255,.28)';
    c.stroke();
    c.restore();
  }

  drawFish(c, s, k) {
    const width = 1.16 * s.length;
    const sprite = this.sprite(s.picture, 1.16 * s.fish.lengths[s.fish.lengths.length - 1] * k);
    if (!sprite) { return; }
    const n = s.fish.count;
    for (let i = n - 1; i >= 0; i--) {
      const [x, y] = this.member(s, i);
      c.drawImage(sprite, x - s.length / 2 - 0.13 * s.length, y - s.half, width, 2 * s.half);
    }
    if (this.scene.chosen === s.fish.id) {
      c.beginPath();
      c.ellipse(s.x, s.y, s.length * 0.62, s.half + s.length * 0.1, 0, 0, 2 * Math.PI);
      c.lineWidth = 2.5 * this.px;
      c.strokeStyle = '#dfe94a';
      c.stroke();
    }
  }

  // The members of a group lie in a loose spiral around their place.
  member(s, i) {
    if (i === 0) { return [s.x, s.y]; }
    const far = Math.sqrt(i) * s.length * 0.95;
    const angle = i * 2.4;
    const x = s.x + far * Math.cos(angle) * 1.15;
    const y = s.y + far * Math.sin(angle) * 0.6;
    return [Math.max(s.length / 2, Math.min(this.scene.length - s.length / 2, x)), Math.max(s.half * 0.8, Math.min(this.scene.floor - s.half * 0.8, y))];
  }

  drawArrow(c, a, px) {
    const chosen = this.chosenPair(a);
    const wide = (1.5 + a.index / 22) * px;
    const ink = INKS[a.step];
    const angle = Math.atan2(a.tip.y - a.mid.y, a.tip.x - a.mid.x);
    const head = 4 * px + 2.2 * wide;
    const end = { x: a.tip.x - Math.cos(angle) * head * 0.8, y: a.tip.y - Math.sin(angle) * head * 0.8 };
    for (const [color, extra] of [[chosen ? '#dfe94a' : 'rgba(4,26,31,.55)', (chosen ? 3.4 : 2.2) * px], [ink, 0]]) {
      c.strokeStyle = color;
      c.fillStyle = color;
      c.lineWidth = wide + extra;
      c.lineCap = 'round';
      c.beginPath();
      c.moveTo(a.start.x, a.start.y);
      c.quadraticCurveTo(a.mid.x, a.mid.y, end.x, end.y);
      c.stroke();
      c.beginPath();
      const r = head + extra / 2;
      c.moveTo(a.tip.x + Math.cos(angle) * extra / 2, a.tip.y + Math.sin(angle) * extra / 2);
      c.lineTo(a.tip.x - r * Math.cos(angle - 0.45), a.tip.y - r * Math.sin(angle - 0.45));
      c.lineTo(a.tip.x - r * Math.cos(angle + 0.45), a.tip.y - r * Math.sin(angle + 0.45));
      c.fill();
    }
    const m = this.curve(a.start, a.mid, a.tip, 0.5);
    const size = 22 * px;
    c.save();
    c.translate(m.x - size / 2, m.y - size * 0.27);
    c.fillStyle = 'rgba(4,26,31,.82)';
    c.beginPath();
    c.ellipse(size / 2, size * 0.27, size * 0.62, size * 0.42, 0, 0, 2 * Math.PI);
    c.fill();
    c.scale(size / 34, size / 34);
    c.lineWidth = 2.6;
    c.strokeStyle = ink;
    c.stroke(Reefscape.wave(a.step));
    c.restore();
  }

  static wave(step) {
    Reefscape.paths = Reefscape.paths || {};
    Reefscape.paths[step] = Reefscape.paths[step] || new Path2D(WAVES[step]);
    return Reefscape.paths[step];
  }

  // Width of a text in letters' heights, measured once.
  widthOf(c, text) {
    this.widths = this.widths || new Map();
    if (!this.widths.has(text)) {
      c.save();
      c.setTransform(1, 0, 0, 1, 0, 0);
      c.font = "100px 'Atkinson Hyperlegible Next', sans-serif";
      this.widths.set(text, c.measureText(text).width / 100);
      c.restore();
    }
    return this.widths.get(text);
  }

  // A name with its dark edge as a bitmap, painted once for a size of the canvas.
  label(text, wide) {
    const scale = this.ratio / this.zoom.scale;
    if (this.labelsFor !== scale) { this.labels = new Map(); this.labelsFor = scale; }
    if (!this.labels.has(text)) {
      const bitmap = document.createElement('canvas');
      const size = { wide: wide + 8, high: 20 };
      bitmap.width = Math.ceil(size.wide * scale);
      bitmap.height = Math.ceil(size.high * scale);
      const c = bitmap.getContext('2d');
      c.scale(bitmap.width / size.wide, bitmap.height / size.high);
      c.font = "12px 'Atkinson Hyperlegible Next', sans-serif";
      c.textBaseline = 'top';
      c.lineJoin = 'round';
      c.lineWidth = 3;
      c.strokeStyle = 'rgba(4,26,31,.75)';
      c.strokeText(text, 4, 3);
      c.fillStyle = '#f2faf8';
      c.fillText(text, 4, 3);
      this.labels.set(text, bitmap);
    }
    return this.labels.get(text);
  }

  // Names where there is room for them, larger fish first.
  drawNames(c, swimmers, px) {
    const letters = 12 * px;
    const taken = [];
    const bodies = [];
    for (const s of swimmers) {
      for (let i = 0; i < Math.min(s.fish.count, 12); i++) {
        const [x, y] = this.member(s, i);
        bodies.push([x - s.length / 2, y - s.half * 0.7, x + s.length / 2, y + s.half * 0.7]);
      }
    }
    const meets = (a) => (b) => a[0] < b[2] && b[0] < a[2] && a[1] < b[3] && b[1] < a[3];
    const chosen = (this.scene.chosen || '').split('~');
    const first = (s) => (chosen.includes(s.fish.id) ? 1000 : 0) + s.length;
    for (const s of [...swimmers].sort((a, b) => first(b) - first(a))) {
      const text = (s.fish.count > 1 ? `${s.fish.count} × ` : '') + s.fish.name;
      const wide = this.widthOf(c, text) * letters;
      const spread = s.fish.count > 1 ? Math.sqrt(s.fish.count - 1) * s.length * 0.57 : 0;
      const x = Math.max(wide / 2, Math.min(this.scene.length - wide / 2, s.x));
      const boxes = [s.y + s.half * 0.75 + spread + 2 * px, s.y - s.half * 0.75 - spread - letters - 2 * px, s.y + s.half * 0.75 + 2 * px]
        .map((y) => [x - wide / 2, y, x + wide / 2, y + letters])
        .filter((box) => box[1] > 0 && box[3] < this.scene.floor + letters * 0.4 && !taken.some(meets(box)));
      const box = boxes.find((b) => !bodies.some(meets(b))) || boxes[0];
      if (box) {
        taken.push(box);
        const label = this.label(text, wide / px);
        const k = this.perCm * this.ratio;
        c.save();
        c.setTransform(1, 0, 0, 1, 0, 0);
        c.drawImage(label, Math.round((x - this.scene.box[0]) * k - label.width / 2), Math.round((box[1] - 3 * px - this.scene.box[1]) * k));
        c.restore();
      }
    }
  }

  // ---- the date

  words() {
    const says = document.getElementById('reef-day');
    if (says && this.said === this.iso(this.day)) { return; }
    this.said = this.iso(this.day);
    if (says) { says.textContent = this.dateOf(this.day).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric', timeZone: 'UTC' }); }
    const slider = document.getElementById('reef-slider');
    if (slider && says) { slider.setAttribute('aria-valuetext', says.textContent); }
  }

  // What changed between two days, said under the slider as it goes by.
  passing(from, to) {
    const line = document.getElementById('reef-says');
    const met = this.scene.changes.filter((c) => c.day > Math.min(from, to) && c.day <= Math.max(from, to));
    if (line && met.length) {
      const c = met[met.length - 1];
      const on = this.dateOf(c.day).toLocaleDateString('en-GB', { month: 'long', year: 'numeric', timeZone: 'UTC' });
      const same = met.filter((m) => m.day === c.day).slice(0, 3).map((m) => m.says);
      line.textContent = `In ${on} ${same.join('; ')}.`;
    }
  }

  goTo(day) {
    const before = this.day;
    this.day = Math.max(0, Math.min(this.scene.days, day));
    this.passing(before, this.day);
    this.words();
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
      window.pellunaLive.tell('Pelluna does not answer; the arrows are those of the day before.');
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
    button.textContent = 'Stop';
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
    button.textContent = 'Play';
    this.settle();
  }

  slide(t) {
    const slider = document.getElementById('reef-slider');
    if (slider) { slider.value = String(Math.round(1000 * t)); }
    this.goTo(t * t * this.scene.days);
  }

  // ---- hands

  listen() {
    this.root.addEventListener('pointerdown', (event) => this.down(event));
    this.root.addEventListener('pointermove', (event) => this.move(event));
    for (const kind of ['pointerup', 'pointercancel']) { this.root.addEventListener(kind, (event) => this.up(event)); }
    this.root.addEventListener('wheel', (event) => {
      if (event.ctrlKey) {
        event.preventDefault();
        const box = this.root.getBoundingClientRect();
        this.zoomBy(event.deltaY < 0 ? 1.15 : 1 / 1.15, event.clientX - box.left, event.clientY - box.top);
      }
    }, { passive: false });
    this.root.addEventListener('keydown', (event) => this.key(event));
    this.place();
  }

  down(event) {
    this.pointers.set(event.pointerId, { x: event.clientX, y: event.clientY });
    const piece = event.target.closest('.piece');
    if (this.pointers.size === 2) {
      this.drop(true);
      this.pinch = this.spread();
      return;
    }
    const start = this.cm(event);
    this.moved = false;
    if (piece && (event.button === 0 || event.pointerType !== 'mouse')) {
      this.held = { piece, kind: piece.dataset.kind, i: piece.dataset.i, start, dx: 0, dy: 0 };
      this.root.setPointerCapture(event.pointerId);
    } else {
      this.pan = { x: event.clientX, y: event.clientY };
    }
  }

  move(event) {
    if (!this.pointers.has(event.pointerId)) { return; }
    const was = this.pointers.get(event.pointerId);
    this.pointers.set(event.pointerId, { x: event.clientX, y: event.clientY });
    if (this.pinch && this.pointers.size === 2) {
      const now = this.spread();
      const box = this.root.getBoundingClientRect();
      this.zoom.x += now.x - this.pinch.x;
      this.zoom.y += now.y - this.pinch.y;
      this.zoomBy(now.far / this.pinch.far, now.x - box.left, now.y - box.top);
      this.pinch = now;
      this.moved = true;
      return;
    }
    if (this.held) {
      const at = this.cm(event);
      this.carry(at.x - this.held.start.x, this.held.start.y - at.y);
    } else if (this.pan && this.zoom.scale > 1) {
      this.zoom.x += event.clientX - was.x;
      this.zoom.y += event.clientY - was.y;
      this.place();
      this.moved = this.moved || Math.hypot(event.clientX - this.pan.x, event.clientY - this.pan.y) > 6;
    } else if (this.pan) {
      this.moved = this.moved || Math.hypot(event.clientX - this.pan.x, event.clientY - this.pan.y) > 8;
    }
  }

  up(event) {
    if (!this.pointers.delete(event.pointerId)) { return; }
    if (this.pinch) {
      if (this.pointers.size === 0) { this.pinch = null; this.pan = null; }
      return;
    }
    if (this.held) { this.drop(event.type === 'pointercancel', event); return; }
    if (this.pan && !this.moved && event.type === 'pointerup') { this.choose(event); }
    this.pan = null;
  }

  spread() {
    const [a, b] = [...this.pointers.values()];
    return { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2, far: Math.max(10, Math.hypot(a.x - b.x, a.y - b.y)) };
  }

  // The pieces that go with what is held: a heap takes its grips and the hides in it along.
  along(held) {
    const all = [held.piece];
    if (held.kind === 'rock') {
      const outline = held.piece.querySelector('.rock-outline').getBBox();
      for (const el of this.root.querySelectorAll('.grip, .hide-piece')) {
        const mine = el.dataset.kind === 'foot' ? el.dataset.i === held.i : el.dataset.kind === 'point' && el.dataset.i.startsWith(`${held.i}.`);
        const box = el.dataset.kind === 'hide' && el.getBBox();
        const inside = box && box.x + box.width / 2 > outline.x && box.x + box.width / 2 < outline.x + outline.width;
        if (mine || inside) { all.push(el); }
      }
    }
    if (held.kind === 'run') { all.push(...this.root.querySelectorAll('[data-kind=runend]')); }
    return all;
  }

  carry(dx, dy) {
    const held = this.held;
    const level = held.kind === 'rock' || held.kind === 'foot' || held.kind === 'runend';
    held.dx = held.kind === 'point' ? 0 : dx;
    held.dy = level ? 0 : dy;
    this.moved = this.moved || Math.hypot(held.dx, held.dy) * this.perCm > 3;
    held.along = held.along || this.along(held);
    for (const el of held.along) { el.setAttribute('transform', `translate(${held.dx} ${-held.dy})`); }
    if (this.moved) {
      this.preview = { kind: held.kind, i: held.i, dx: held.dx.toFixed(2), dy: held.dy.toFixed(2) };
      this.fetchDay();
    }
  }

  drop(cancelled, event) {
    const held = this.held;
    this.held = null;
    this.preview = null;
    if (!held) { return; }
    if (cancelled || !this.moved) {
      for (const el of held.along || []) { el.removeAttribute('transform'); }
      if (held.along) { this.fetchDay(); }
      if (cancelled || !this.choose(event)) { held.piece.focus({ preventScroll: true }); }
      return;
    }
    this.put(held.kind, held.i, held.dx, held.dy);
  }

  async put(kind, i, dx, dy) {
    const body = new URLSearchParams({ kind, i, dx: dx.toFixed(2), dy: dy.toFixed(2), on: this.iso(this.day), chosen: this.scene.chosen || '' });
    this.focus = `[data-kind="${kind}"][data-i="${i}"]`;
    await window.pellunaLive.go(`${this.scene.base}/move`, { method: 'POST', body }, false);
  }

  key(event) {
    const piece = event.target.closest && event.target.closest('.piece');
    if (!piece || event.ctrlKey || event.metaKey || event.altKey) { return; }
    const step = (event.shiftKey ? 5 : 1) * (this.scene.perUnit === 1 ? 2 : this.scene.perUnit);
    const ways = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, step], ArrowDown: [0, -step] };
    const { kind, i } = piece.dataset;
    if (event.key in ways) {
      event.preventDefault();
      const [dx, dy] = ways[event.key];
      const level = kind === 'rock' || kind === 'foot' || kind === 'runend';
      if ((level && dx) || (kind === 'point' && dy) || kind === 'hide' || kind === 'run') { this.put(kind, i, kind === 'point' ? 0 : dx, level ? 0 : dy); }
    } else if ((event.key === 'Delete' || event.key === 'Backspace') && (kind === 'hide' || kind === 'rock')) {
      event.preventDefault();
      window.pellunaLive.go(`${this.scene.base}/take`, { method: 'POST', body: new URLSearchParams({ kind, i, on: this.iso(this.day) }) }, false);
    }
  }

  choose(event) {
    const at = this.cm(event);
    const { swimmers, arrows } = this.shown || { swimmers: [], arrows: [] };
    const reach = 9 / at.per;
    let best = null;
    for (const s of swimmers) {
      for (let i = 0; i < s.fish.count; i++) {
        const [x, y] = this.member(s, i);
        const far = Math.hypot((at.x - x) / Math.max(reach, s.length / 2), (at.y - y) / Math.max(reach, s.half * 0.8));
        if (far < 1 && (!best || s.length < best.size)) { best = { key: s.fish.id, size: s.length }; }
      }
    }
    if (!best) {
      for (const a of arrows) {
        for (let t = 0; t <= 1; t += 0.05) {
          const p = this.curve(a.start, a.mid, a.tip, t);
          const far = Math.hypot(p.x - at.x, p.y - at.y);
          if (far < reach && (!best || far < best.size)) { best = { key: `${a.from.fish.id}~${a.to.fish.id}`, size: far }; }
        }
      }
    }
    if (best) { this.settle(best.key); }
    return Boolean(best);
  }
}

const reef = {
  here: null,
  wake() {
    const root = document.getElementById('reefscape');
    if (!root) { reef.here = null; return; }
    if (!reef.here || reef.here.root !== root) {
      reef.here = new Reefscape(root);
      window.pellunaReef = reef.here;
    } else {
      reef.here.read();
    }
    if (reef.here.focus) {
      const again = root.querySelector(reef.here.focus);
      if (again) { again.focus({ preventScroll: true }); }
      reef.here.focus = null;
    }
  },
};

document.addEventListener('DOMContentLoaded', reef.wake);
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
    await fetch('/settings/arrows', { method: 'POST', body: new URLSearchParams({ from: event.target.value }), redirect: 'manual' });
    reef.here.settle();
  }
});

document.addEventListener('click', (event) => {
  if (!reef.here) { return; }
  const button = event.target.closest('button');
  if (!button) { return; }
  const middle = [reef.here.root.clientWidth / 2, reef.here.root.clientHeight / 2];
  if (button.id === 'reef-play') { reef.here.play(); }
  if (button.id === 'reef-end') { reef.here.slide(1); reef.here.settle(); }
  if (button.id === 'reef-zoom-in') { reef.here.zoomBy(1.5, ...middle); }
  if (button.id === 'reef-zoom-out') { reef.here.zoomBy(1 / 1.5, ...middle); }
});

// The PNG is the server's SVG, painted here.
document.addEventListener('click', (event) => {
  const link = event.target.closest('#picture-png');
  if (!link) { return; }
  event.preventDefault();
  const image = new Image();
  image.onload = () => {
    const canvas = document.createElement('canvas');
    canvas.width = image.naturalWidth;
    canvas.height = image.naturalHeight;
    canvas.getContext('2d').drawImage(image, 0, 0);
    canvas.toBlob((blob) => {
      const save = document.createElement('a');
      save.href = URL.createObjectURL(blob);
      save.download = link.dataset.name;
      save.click();
      setTimeout(() => URL.revokeObjectURL(save.href), 10000);
    }, 'image/png');
  };
  image.onerror = () => window.pellunaLive.tell('The picture could not be painted; the SVG beside it holds the same.');
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
