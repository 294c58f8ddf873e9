// Names on the picture: of the chosen, the one under the pointer and those who are bullied; of all where it is wanted.
import { Tank } from './tank.js';

// As small print on a page, px: it grows with the letters that the reader has chosen.
const LETTERS = 0.75 * parseFloat(getComputedStyle(document.documentElement).fontSize);

export class Names extends Tank {
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
      const size = { wide: wide + 8, high: LETTERS + 8 };
      bitmap.width = Math.ceil(size.wide * scale);
      bitmap.height = Math.ceil(size.high * scale);
      const c = bitmap.getContext('2d');
      c.scale(bitmap.width / size.wide, bitmap.height / size.high);
      c.font = `${LETTERS}px 'Atkinson Hyperlegible Next', sans-serif`;
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

  // Whose names are there.
  named(swimmers, arrows) {
    if (this.shows.names) { return swimmers; }
    const ids = new Set([...(this.scene.chosen || '').split('~'), this.hovered, ...arrows.map((a) => a.to.fish.id)]);
    return swimmers.filter((s) => ids.has(s.fish.id));
  }

  // Names where there is room for them, the chosen and the pointed at first, then larger fish.
  drawNames(c, named, swimmers, px) {
    const letters = LETTERS * px;
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
    const first = (s) => (chosen.includes(s.fish.id) || this.hovered === s.fish.id ? 1000 : 0) + s.length;
    for (const s of [...named].sort((a, b) => first(b) - first(a))) {
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
        const left = Math.round((x - this.scene.box[0]) * k - label.width / 2);
        c.drawImage(label, left, Math.round((box[1] - 3 * px - this.scene.box[1]) * k));
        c.restore();
      }
    }
  }
}
