// Fish, grounds, arrows and names, painted for a day.
import { Names } from './names.js';

const WAVES = {
  calm: 'M2 8h28', ripple: 'M2 9q7 -8 14 0t14 0', chop: 'M2 6q5 -6 9 0t9 0t9 0M2 13q5 -6 9 0t9 0t9 0',
  surge: 'M2 12c4 -10 12 -12 16 -5c-5 -2 -7 2 -5 5M16 12c4 -10 10 -12 15 -5c-5 -2 -7 2 -5 5',
};
const INKS = { calm: '#a5cdc5', ripple: '#a9d0f5', chop: '#f5b04a', surge: '#ff8fbb' };
const MOST_ARROWS = 60;
// So many, the worst ones, until all are asked for.
const FEW_ARROWS = 5;
// Shades, dashes and arrows are slow to paint. Beyond so many fish only the chosen grounds have shades and dashes, and
// while the date moves only the hardest arrows and their grounds are drawn; all are there again as soon as it rests.
const MANY = 40;
const MOST_MOVING = 16;
const REST = 150;
const BEAT = 50;
const STILL = window.matchMedia('(prefers-reduced-motion: reduce)');

export class Picture extends Names {
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
        // who looks out of a hole is there and nowhere else
        const side = fish.shown < 1 ? 0 : length / 2;
        there.push({
          fish, length, half, picture: young ? fish.youngPicture : fish.picture,
          x: Math.max(side, Math.min(this.scene.length - side, x)),
          y: fish.rests === undefined ? Math.max(half * 0.8, Math.min(floor - half * 0.8, floor - y))
            : floor - fish.rests - fish.belly * length * 0.9,
          homeX: x, homeY: floor - y, ground: this.at(fish.grounds, this.day),
        });
      }
    }
    return there;
  }

  draw() {
    const began = performance.now();
    this.light();
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
    const swims = this.swims();
    for (const s of [...swimmers].sort((a, b) => b.length - a.length)) { this.drawFish(c, s, k, swims); }
    this.drawBoxes(c, k, px);
    for (const arrow of arrows) { this.drawArrow(c, arrow, px); }
    this.drawNames(c, this.named(swimmers, arrows), swimmers, px);
    this.shown = { swimmers, arrows };
    this.frames.push(performance.now() - began);
    if (this.frames.length > 600) { this.frames.shift(); }
  }

  chosenPair(arrow) { return this.scene.chosen === `${arrow.from.fish.id}~${arrow.to.fish.id}`; }

  moves() {
    this.moving = true;
    clearTimeout(this.resting);
    this.resting = setTimeout(() => { this.moving = false; this.ask(); this.swimOn(); }, REST);
  }

  arrows(where) {
    const least = Math.max(1, this.scene.arrowsFrom);
    const most = !this.shows.arrows ? FEW_ARROWS : this.moving && where.size >= MANY ? MOST_MOVING : MOST_ARROWS;
    const found = [];
    for (const [a, b, index, step] of this.now.presses) {
      const chosen = this.scene.chosen === `${a}~${b}`;
      if ((index >= least || chosen) && where.has(a) && where.has(b) && (found.length < most || chosen)) {
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
    const few = swimmers.length < MANY;
    const met = new Set(arrows.flatMap((a) => [a.from.fish.id, a.to.fish.id]));
    for (const s of swimmers) {
      const mine = chosen && chosen.split('~').includes(s.fish.id);
      const wanted = this.shows.grounds && (few || !this.moving || met.has(s.fish.id));
      if (s.ground > 0 && (mine || wanted)) {
        this.ellipse(c, s);
        if (mine || few) {
          c.fillStyle = mine ? 'rgba(255,255,255,.16)' : 'rgba(255,255,255,.05)';
          c.fill();
        }
        c.setLineDash(mine || few ? [4 * px, 4 * px] : []);
        c.lineWidth = (mine ? 1.6 : 0.9) * px;
        c.strokeStyle = mine ? 'rgba(255,255,255,.9)' : 'rgba(255,255,255,.4)';
        c.stroke();
      }
    }
    c.setLineDash([]);
    const seen = new Set();
    for (const { from, to } of arrows) {
      const pair = [from.fish.id, to.fish.id].sort().join('~');
      const wanted = this.shows.grounds || this.chosenPair({ from, to }) || this.chosenPair({ from: to, to: from });
      if (wanted && from.ground > 0 && to.ground > 0 && !seen.has(pair)) {
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
    c.beginPath();
    const step = 7 * px;
    // Each line runs where both ellipses have it: computed, since clipping by an ellipse is slow to paint.
    for (let x = Math.floor((left - (bottom - top)) / step) * step; x < right; x += step) {
      const [a0, a1] = this.within(a, x, bottom);
      const [b0, b1] = this.within(b, x, bottom);
      const from = Math.max(a0, b0);
      const to = Math.min(a1, b1);
      if (from < to) {
        c.moveTo(x + from, bottom - from);
        c.lineTo(x + to, bottom - to);
      }
    }
    c.lineWidth = 1.2 * px;
    c.strokeStyle = chosen ? 'rgba(223,233,74,.9)' : 'rgba(255,255,255,.28)';
    c.stroke();
  }

  // The part of the line (x + t, y − t) that lies in a ground, as two t; none if the first is not the smaller.
  within(s, x, y) {
    const r = s.ground;
    const f = s.fish.flat;
    const dx = x - s.homeX;
    const dy = (y - s.homeY) / f;
    const qa = 1 + 1 / (f * f);
    const qb = dx - dy / f;
    const root = qb * qb - qa * (dx * dx + dy * dy - r * r);
    return root <= 0 ? [1, 0] : [(-qb - Math.sqrt(root)) / qa, (-qb + Math.sqrt(root)) / qa];
  }

  drawFish(c, s, k, swims) {
    const width = 1.16 * s.length;
    const sprite = this.sprite(s.picture, 1.16 * s.fish.lengths[s.fish.lengths.length - 1] * k);
    if (!sprite) { return; }
    const n = s.fish.count;
    for (let i = n - 1; i >= 0; i--) {
      const [x, y] = this.member(s, i);
      c.save();
      c.translate(x, y);
      if (s.fish.right !== (i % 5 === 4)) { c.scale(-1, 1); }
      if (swims) { this.sway(c, s, i, swims); }
      if (s.fish.shown < 1) {
        c.translate((0.5 - s.fish.shown) * s.length, 0);
        c.beginPath();
        c.rect(-0.7 * s.length, -s.half, (0.2 + s.fish.shown) * s.length, 2 * s.half);
        c.clip();
      }
      c.drawImage(sprite, -0.63 * s.length, -s.half, width, 2 * s.half);
      c.restore();
      if (s.fish.shown < 1) { this.mouthOfHole(c, s); }
    }
    if (this.scene.chosen === s.fish.id) {
      c.beginPath();
      c.ellipse(s.x, s.y, s.length * 0.62, s.half + s.length * 0.1, 0, 0, 2 * Math.PI);
      c.lineWidth = 2.5 * this.px;
      c.strokeStyle = '#dfe94a';
      c.stroke();
    }
  }

  // The dark of the hole over the end of what is seen.
  mouthOfHole(c, s) {
    c.beginPath();
    c.ellipse(s.x, s.y - 0.008 * s.length, 0.022 * s.length, 0.052 * s.length, 0, 0, 2 * Math.PI);
    c.fillStyle = 'rgba(4,14,17,.94)';
    c.fill();
  }

  // Newcomers in the acclimation box, on the days on which the plan has them there.
  drawBoxes(c, k, px) {
    const day = Math.round(this.day);
    for (const box of this.scene.boxes.filter((b) => b.from <= day && day < b.until)) {
      c.beginPath();
      c.roundRect(box.x, -2 * px, box.wide, box.high, 3 * px);
      c.fillStyle = 'rgba(255,255,255,.13)';
      c.fill();
      c.lineWidth = 2 * px;
      c.strokeStyle = 'rgba(242,250,248,.85)';
      c.stroke();
      const sprite = this.sprite(box.picture, 1.16 * box.length * k);
      const half = box.half * box.length;
      const left = box.x + box.wide / 2 - 0.63 * box.length;
      if (sprite) { c.drawImage(sprite, left, box.high / 2 - half, 1.16 * box.length, 2 * half); }
    }
  }

  // Where motion is wanted, a fish that swims goes to and fro a little and its tail beats; one that lies breathes.
  sway(c, s, i, time) {
    const own = (s.homeX * 7 + i * 1.7) % 6.3;
    const rate = 0.9 + 3 / (3 + s.length);
    if (s.fish.rests === undefined) {
      const far = s.length * (s.fish.shown < 1 ? 0.03 : 0.09);
      c.translate(far * Math.sin(time * rate * 0.6 + own), far * 0.5 * Math.sin(time * rate * 0.43 + 2 * own));
      c.transform(1 - 0.025 * (1 + Math.sin(time * rate * 4 + own)), 0, 0, 1, 0, 0);
    } else {
      c.scale(1, 1 + 0.012 * Math.sin(time * 1.6 + own));
    }
  }

  // Seconds, if fish are to swim; 0 if not.
  swims() {
    return this.shows.swim && !this.moving && !STILL.matches ? performance.now() / 1000 : 0;
  }

  // While they swim, a picture every so often, as long as somebody can see it.
  swimOn() {
    clearTimeout(this.beating);
    const seen = document.visibilityState === 'visible' && this.canvas.isConnected;
    if (seen && this.swims()) { this.beating = setTimeout(() => { this.ask(); this.swimOn(); }, BEAT); }
  }

  // The members of a group lie in a loose spiral around their place.
  member(s, i) {
    if (i === 0) { return [s.x, s.y]; }
    const far = Math.sqrt(i) * s.length * 0.95;
    const angle = i * 2.4;
    const x = s.x + far * Math.cos(angle) * 1.15;
    const y = s.y + far * Math.sin(angle) * 0.6;
    const within = (v, margin, most) => Math.max(margin, Math.min(most - margin, v));
    return [within(x, s.length / 2, this.scene.length), within(y, s.half * 0.8, this.scene.floor - this.scene.sand)];
  }

  drawArrow(c, a, px) {
    const chosen = this.chosenPair(a);
    const wide = (2 + a.index / 20) * px;
    const ink = INKS[a.step];
    const angle = Math.atan2(a.tip.y - a.mid.y, a.tip.x - a.mid.x);
    const head = 4 * px + 2.2 * wide;
    const end = { x: a.tip.x - Math.cos(angle) * head * 0.8, y: a.tip.y - Math.sin(angle) * head * 0.8 };
    for (const [color, extra] of [[chosen ? '#dfe94a' : 'rgba(4,18,24,.85)', (chosen ? 4 : 3.2) * px], [ink, 0]]) {
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
    const badge = this.badge(a.step);
    const k = this.perCm * this.ratio;
    c.drawImage(badge, m.x - badge.width / 2 / k, m.y - badge.height / 2 / k, badge.width / k, badge.height / k);
  }

  // The wave mark on its dark ground as a bitmap, painted once for a size of the canvas.
  badge(step) {
    const scale = this.ratio / this.zoom.scale;
    if (this.badgesFor !== scale) { this.badges = new Map(); this.badgesFor = scale; }
    if (!this.badges.has(step)) {
      const size = 22;
      const bitmap = document.createElement('canvas');
      bitmap.width = Math.ceil(size * 1.3 * scale);
      bitmap.height = Math.ceil(size * 0.9 * scale);
      const c = bitmap.getContext('2d');
      c.scale(scale, scale);
      c.translate(size * 0.15, size * 0.18);
      c.fillStyle = 'rgba(4,26,31,.82)';
      c.beginPath();
      c.ellipse(size / 2, size * 0.27, size * 0.62, size * 0.42, 0, 0, 2 * Math.PI);
      c.fill();
      c.scale(size / 34, size / 34);
      c.lineWidth = 2.6;
      c.strokeStyle = INKS[step];
      c.stroke(new Path2D(WAVES[step]));
      this.badges.set(step, bitmap);
    }
    return this.badges.get(step);
  }

}
