// What a mouse, fingers and keys do to the reef.
import { Dates } from './dates.js';

export class Reefscape extends Dates {
  constructor(root) {
    super(root);
    this.pointers = new Map();
    this.listen();
  }

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
    this.root.addEventListener('pointerleave', () => this.hover(null));
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
    if (!this.pointers.has(event.pointerId)) { this.hover(this.fishAt(this.cm(event))); return; }
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
      this.root.scrollLeft -= event.clientX - was.x;
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
      this.heap = this.inner.querySelector(`.reef-layer[data-heap="${held.i}"]`);
      const outline = held.piece.querySelector('.rock-outline').getBBox();
      for (const el of this.root.querySelectorAll('.grip, .hide-piece')) {
        const mine = el.dataset.kind === 'foot' ? el.dataset.i === held.i
          : el.dataset.kind === 'point' && el.dataset.i.startsWith(`${held.i}.`);
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
    if (this.heap && held.kind === 'rock') { this.heap.style.transform = `translate(${held.dx * this.perCm}px)`; }
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
      if (this.heap) { this.heap.style.transform = ''; }
      if (held.along) { this.fetchDay(); }
      if (cancelled || !this.choose(event)) { held.piece.focus({ preventScroll: true }); }
      return;
    }
    this.put(held.kind, held.i, held.dx, held.dy);
  }

  async put(kind, i, dx, dy) {
    const chosen = this.scene.chosen || '';
    const body = new URLSearchParams({ kind, i, dx: dx.toFixed(2), dy: dy.toFixed(2), on: this.iso(this.day), chosen });
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
      const goes = (level && dx) || (kind === 'point' && dy) || kind === 'hide' || kind === 'run';
      if (goes) { this.put(kind, i, kind === 'point' ? 0 : dx, level ? 0 : dy); }
    } else if ((event.key === 'Delete' || event.key === 'Backspace') && (kind === 'hide' || kind === 'rock')) {
      event.preventDefault();
      const body = new URLSearchParams({ kind, i, on: this.iso(this.day) });
      window.pellunaLive.go(`${this.scene.base}/take`, { method: 'POST', body }, false);
    }
  }

  hover(id) {
    if (this.hovered !== id) { this.hovered = id; this.ask(); }
  }

  // The fish at a place, the smallest if several: its id, or none.
  fishAt(at) {
    const { swimmers } = this.shown || { swimmers: [] };
    const reach = 9 / at.per;
    let best = null;
    for (const s of swimmers) {
      for (let i = 0; i < s.fish.count; i++) {
        const [x, y] = this.member(s, i);
        const far = Math.hypot((at.x - x) / Math.max(reach, s.length / 2), (at.y - y) / Math.max(reach, s.half * 0.8));
        if (far < 1 && (!best || s.length < best.size)) { best = { key: s.fish.id, size: s.length }; }
      }
    }
    return best && best.key;
  }

  choose(event) {
    const at = this.cm(event);
    const reach = 9 / at.per;
    const fish = this.fishAt(at);
    let best = fish && { key: fish };
    if (!best) {
      for (const a of (this.shown || { arrows: [] }).arrows) {
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
