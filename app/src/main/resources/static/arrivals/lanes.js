// The lanes of arrival: dragged up or down to another place, left or right to another day; the same by the arrow keys.

import { dayFormat, say } from '../say.js';

const FAR = 6;
const PRICE_AFTER = 120;
const KEYS_AFTER = 400;
const DAY = dayFormat({ weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' });

const lanes = {
  drag: null,
  dropped: false,
  focus: null,
  svg() { return document.querySelector('svg.lanes[data-base]'); },
  says(text) {
    const line = document.getElementById('lane-says');
    if (line) { line.textContent = text; }
  },
  figures(svg) {
    const d = svg.dataset;
    const number = (name) => Number(d[name]);
    return {
      from: d.from, days: number('days'), x0: number('x0'), x1: number('x1'), lane: number('lane'), top: number('top'),
      steps: number('steps'), base: d.base,
    };
  },
  // From a pointer to the drawing's own units.
  at(svg, event) {
    const box = svg.getBoundingClientRect();
    const k = svg.viewBox.baseVal.width / box.width;
    return { x: (event.clientX - box.left) * k, y: (event.clientY - box.top) * k };
  },
  plus(iso, days) {
    const day = new Date(`${iso}T12:00:00Z`);
    day.setUTCDate(day.getUTCDate() + days);
    return day.toISOString().slice(0, 10);
  },
  day(iso) { return DAY.format(new Date(`${iso}T12:00:00Z`)); },
  send(lane, what, fields) {
    const svg = lanes.svg();
    lanes.focus = lane.dataset.fish;
    const body = new URLSearchParams({ fish: lane.dataset.fish, of: document.querySelector('.lanes-box').dataset.mark, ...fields });
    window.pellunaLive.go(`${svg.dataset.base}/${what}`, { method: 'POST', body }, true);
  },
  async price(lane, place) {
    const svg = lanes.svg();
    try {
      const answer = await fetch(`${svg.dataset.base}/price?${new URLSearchParams({ fish: lane.dataset.fish, place })}`);
      if (answer.ok && lanes.drag && lanes.drag.place === place) { lanes.says(say('script.lanes.points', await answer.text())); }
    } catch (error) {
      lanes.says(say('script.lanes.noAnswer'));
    }
  },
};

document.addEventListener('pointerdown', (event) => {
  const svg = lanes.svg();
  const lane = event.target.closest && event.target.closest('.lane');
  if (!svg || !lane || event.button !== 0) { return; }
  const handle = event.target.closest('.release, .place');
  if (event.pointerType !== 'mouse' && !handle) { return; }
  const { place, on } = lane.dataset;
  lanes.drag = { lane, start: lanes.at(svg, event), way: null, place: Number(place), on, id: event.pointerId };
});

document.addEventListener('pointermove', (event) => {
  const drag = lanes.drag;
  const svg = lanes.svg();
  if (!drag || !svg || event.pointerId !== drag.id) { return; }
  const f = lanes.figures(svg);
  const now = lanes.at(svg, event);
  const dx = now.x - drag.start.x;
  const dy = now.y - drag.start.y;
  if (!drag.way && Math.hypot(dx, dy) > FAR) {
    drag.way = Math.abs(dy) > Math.abs(dx) ? 'place' : 'day';
    drag.lane.classList.add('dragged');
    svg.setPointerCapture(event.pointerId);
  }
  if (drag.way === 'place') {
    drag.lane.setAttribute('transform', `translate(0 ${dy})`);
    const place = Math.max(1, Math.min(f.steps, 1 + Math.floor((now.y - f.top) / f.lane)));
    if (place !== drag.place) {
      drag.place = place;
      clearTimeout(drag.timer);
      const was = Number(drag.lane.dataset.place);
      if (place === was) {
        lanes.says(say('script.lanes.whereItWas'));
      } else {
        drag.timer = setTimeout(() => lanes.price(drag.lane, place), PRICE_AFTER);
      }
    }
  } else if (drag.way === 'day') {
    const moved = Math.round(dx / (f.x1 - f.x0) * f.days);
    drag.lane.querySelector('.release').setAttribute('transform', `translate(${moved * (f.x1 - f.x0) / f.days} 0)`);
    drag.on = lanes.plus(drag.lane.dataset.on, moved);
    lanes.says(say('script.lanes.inTheTankOn', lanes.day(drag.on)));
  }
});

const drop = (event) => {
  const drag = lanes.drag;
  if (!drag || event.pointerId !== drag.id) { return; }
  lanes.drag = null;
  clearTimeout(drag.timer);
  if (!drag.way) { return; }
  lanes.dropped = true;
  setTimeout(() => { lanes.dropped = false; }, 50);
  drag.lane.classList.remove('dragged');
  drag.lane.removeAttribute('transform');
  drag.lane.querySelector('.release').removeAttribute('transform');
  lanes.says('');
  if (event.type === 'pointercancel') { return; }
  if (drag.way === 'place' && drag.place !== Number(drag.lane.dataset.place)) { lanes.send(drag.lane, 'place', { place: drag.place }); }
  if (drag.way === 'day' && drag.on !== drag.lane.dataset.on) { lanes.send(drag.lane, 'day', { on: drag.on }); }
};
document.addEventListener('pointerup', drop);
document.addEventListener('pointercancel', drop);

// A lane is a link too: after a drag the click that follows is not one.
document.addEventListener('click', (event) => {
  if (lanes.dropped && event.target.closest('.lane')) { event.preventDefault(); event.stopPropagation(); }
}, true);
document.addEventListener('dragstart', (event) => {
  if (event.target.closest && event.target.closest('.lane')) { event.preventDefault(); }
});

// Keys come in runs: the day or place is sent when they rest.
document.addEventListener('keydown', (event) => {
  const lane = document.activeElement && document.activeElement.closest && document.activeElement.closest('svg.lanes .lane');
  const way = { ArrowUp: [0, -1], ArrowDown: [0, 1], ArrowLeft: [-1, 0], ArrowRight: [1, 0] }[event.key];
  if (!lane || !way || event.ctrlKey || event.metaKey || event.altKey) { return; }
  event.preventDefault();
  const f = lanes.figures(lanes.svg());
  if (!lanes.run || lanes.run.lane !== lane) { lanes.run = { lane, days: 0, place: Number(lane.dataset.place) }; }
  const run = lanes.run;
  run.days += way[0] * (event.shiftKey ? 7 : 1);
  run.place = Math.max(1, Math.min(f.steps, run.place + way[1]));
  lanes.says(way[0] ? say('script.lanes.inTheTankOn', lanes.day(lanes.plus(lane.dataset.on, run.days)))
    : say('script.lanes.place', run.place));
  clearTimeout(run.timer);
  run.timer = setTimeout(() => {
    lanes.run = null;
    if (run.days) {
      lanes.send(lane, 'day', { on: lanes.plus(lane.dataset.on, run.days) });
    } else if (run.place !== Number(lane.dataset.place)) {
      lanes.send(lane, 'place', { place: run.place });
    }
  }, KEYS_AFTER);
});

window.addEventListener('pelluna-page', () => {
  if (!lanes.focus) { return; }
  const again = document.querySelector(`svg.lanes .lane[data-fish="${CSS.escape(lanes.focus)}"]`);
  if (again) { again.focus({ preventScroll: true }); }
  lanes.focus = null;
});

document.addEventListener('click', (event) => {
  if (event.target.closest('#print')) { window.print(); }
});
