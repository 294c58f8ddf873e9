// The Reefscape in the browser: fish, grounds and arrows on a canvas over the server's drawing of the tank. What is
// computed comes from the server; here it is only drawn, between the sizes and places that came.

const SHOWS = 'pelluna-reef';
// A browser that keeps nothing, or keeps something else under that name, has what is usual.
function kept() {
  try { return JSON.parse(localStorage.getItem(SHOWS)) || {}; } catch (error) { return {}; }
}

// What came from the server, and how it lies on the screen.
export class Tank {
  constructor(root) {
    this.root = root;
    this.inner = root.querySelector('.reef-inner');
    this.canvas = root.querySelector('canvas');
    this.context = this.canvas.getContext('2d');
    this.pictures = new Map();
    this.sprites = new Map();
    this.zoom = { scale: 1, x: 0, y: 0 };
    this.frames = [];
    this.shows = { swim: true, ...kept() };
    this.read();
    new ResizeObserver(() => this.size()).observe(root);
    // Names painted before the letters had come are painted again.
    document.fonts.ready.then(() => { this.labelsFor = 0; this.widths = new Map(); this.ask(); });
  }

  // ---- what came from the server

  read() {
    this.scene = JSON.parse(this.root.dataset.scene);
    this.day = this.scene.day;
    this.now = this.scene.now;
    this.homes = { ...this.scene.now.homes };
    this.byId = new Map(this.scene.fish.map((f) => [f.id, f]));
    this.preview = null;
    this.said = null;
    for (const fish of this.scene.fish) {
      this.load(fish.picture);
      if (fish.youngPicture) { this.load(fish.youngPicture); }
    }
    for (const box of this.scene.boxes) { this.load(box.picture); }
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

  // By night fish are painted darker, once for as long as the light stays.
  light() {
    const night = getComputedStyle(this.root).colorScheme === 'dark';
    if (night !== this.night) { this.sprites.clear(); this.night = night; }
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
    const c = bitmap.getContext('2d');
    c.drawImage(image, 0, 0, bitmap.width, bitmap.height);
    if (this.night) {
      c.globalCompositeOperation = 'source-atop';
      c.fillStyle = 'rgba(8,24,72,.46)';
      c.fillRect(0, 0, bitmap.width, bitmap.height);
    }
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
    if (!this.root.clientWidth) { return; }
    const width = this.inner.clientWidth;
    this.ratio = Math.min(3, (window.devicePixelRatio || 1) * Math.max(1, this.zoom.scale));
    this.perCm = width / wide;
    this.canvas.width = Math.round(width * this.ratio);
    this.canvas.height = Math.round(width * high / wide * this.ratio);
    this.ask();
  }

  // Where the tank is scrolled, the chosen fish comes into the middle.
  bringIn() {
    const first = (this.scene.chosen || '').split('~')[0];
    const home = this.homes[first];
    if (home && this.inner.clientWidth > this.root.clientWidth) {
      this.root.scrollLeft = (home[0] - this.scene.box[0]) * this.perCm - this.root.clientWidth / 2;
    }
  }

  // What is to be seen, as this browser had it the last time.
  show(what, wanted) {
    this.shows[what] = wanted;
    localStorage.setItem(SHOWS, JSON.stringify(this.shows));
    this.ask();
  }

  place() {
    const z = this.zoom;
    const width = this.inner.clientWidth;
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
}
