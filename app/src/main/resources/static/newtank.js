// A new tank as it is typed, drawn with two fish to scale, and what it holds.
import { say } from './say.js';

const WIDE = 560;
const HIGH = 240;
const LITRES = 1000;

const tank = {
  figure(page, name) {
    const typed = page.querySelector(`[name="${name}"]`).value.trim().replace(',', '.');
    const value = Number(typed) * Number(page.dataset.perUnit);
    return value > 0 && value < 2000 ? value : null;
  },
  draw() {
    const page = document.getElementById('new-tank');
    if (!page) { return; }
    const length = tank.figure(page, 'lengthCm') || 120;
    const width = tank.figure(page, 'widthCm') || 50;
    const height = tank.figure(page, 'waterHeightCm') || 55;
    const scale = Math.min(WIDE / (length + 0.35 * width), HIGH / (height + 0.18 * width));
    const set = (name, values) => {
      const el = page.querySelector(name);
      for (const [key, value] of Object.entries(values)) { el.setAttribute(key, value.toFixed(1)); }
    };
    const w = length * scale;
    const h = height * scale;
    const top = 276 - h;
    set('.nt-side', { x: 30 + 0.3 * width * scale, y: top - 0.16 * width * scale, width: w, height: h });
    set('.nt-water', { x: 30, y: top, width: w, height: h });
    set('.nt-sand', { x: 30, y: 270, width: w, height: 6 });
    for (const fish of page.querySelectorAll('.nt-fish')) {
      const long = Number(fish.dataset.cm) * scale * 1.16;
      const at = fish.dataset.cm === '8' ? 0.26 : 0.64;
      fish.setAttribute('width', long.toFixed(1));
      fish.setAttribute('height', long.toFixed(1));
      fish.setAttribute('x', (30 + w * at - long / 2).toFixed(1));
      fish.setAttribute('y', (top + h * 0.45 - long / 2).toFixed(1));
    }
    const litres = Math.round(length * width * height / LITRES);
    const typed = ['lengthCm', 'widthCm', 'waterHeightCm'].every((name) => tank.figure(page, name));
    const holds = Number(page.dataset.perUnit) === 1 ? say('script.newTank.litres', litres)
      : say('script.newTank.gallons', Math.round(litres / 3.785));
    page.querySelector('.nt-figure').textContent = typed ? holds : '';
  },
};

tank.draw();
document.addEventListener('input', (event) => { if (event.target.closest('#new-tank')) { tank.draw(); } });
document.addEventListener('click', (event) => {
  const usual = event.target.closest('[data-usual]');
  if (!usual) { return; }
  const page = document.getElementById('new-tank');
  for (const [name, key] of [['lengthCm', 'length'], ['widthCm', 'width'], ['waterHeightCm', 'height']]) {
    page.querySelector(`[name="${name}"]`).value = usual.dataset[key];
  }
  tank.draw();
});
