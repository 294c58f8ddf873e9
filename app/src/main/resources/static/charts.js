// Values of a chart's points: said where somebody points, touches, or goes by keys.

const CHART = 'svg.lanes';

const charts = {
  points(chart) {
    return [...chart.querySelectorAll('.chart-point')]
      .sort((a, b) => a.getBBox().x - b.getBBox().x || a.getBBox().y - b.getBBox().y);
  },
  // The word beside a point: one for the page, put into the chart's own box.
  tip(chart) {
    const box = chart.parentElement;
    let tip = box.querySelector(':scope > .chart-tip');
    if (!tip) {
      tip = document.createElement('p');
      tip.className = 'chart-tip';
      tip.setAttribute('role', 'status');
      box.classList.add('chart-box');
      box.append(tip);
    }
    return tip;
  },
  show(chart, point) {
    charts.hide(chart);
    if (!point) { return; }
    point.classList.add('on');
    const tip = charts.tip(chart);
    tip.textContent = point.dataset.says;
    tip.hidden = false;
    const at = point.getBoundingClientRect();
    const box = chart.parentElement.getBoundingClientRect();
    const left = at.left + at.width / 2 - box.left;
    tip.style.left = `${Math.max(4, Math.min(box.width - tip.offsetWidth - 4, left - tip.offsetWidth / 2))}px`;
    const above = at.top - box.top - tip.offsetHeight - 8;
    tip.style.top = `${above < 0 ? at.bottom - box.top + 8 : above}px`;
  },
  hide(chart) {
    for (const point of chart.querySelectorAll('.chart-point.on')) { point.classList.remove('on'); }
    const tip = chart.parentElement.querySelector(':scope > .chart-tip');
    if (tip) { tip.hidden = true; }
  },
  nearest(chart, x, y) {
    let best = null;
    let least = 40;
    for (const point of charts.points(chart)) {
      const at = point.getBoundingClientRect();
      const far = Math.hypot(at.left + at.width / 2 - x, at.top + at.height / 2 - y);
      if (far < least) { best = point; least = far; }
    }
    return best;
  },
  step(chart, way) {
    const all = charts.points(chart);
    const now = all.findIndex((p) => p.classList.contains('on'));
    const next = way === 'first' ? 0 : way === 'last' ? all.length - 1 : now < 0 ? 0 : now + way;
    charts.show(chart, all[Math.max(0, Math.min(all.length - 1, next))]);
  },
  wake() {
    for (const chart of document.querySelectorAll(CHART)) {
      // the browser's own word beside a mark is for files without scripts
      chart.querySelectorAll('.chart-point > title').forEach((title) => title.remove());
      if (chart.querySelector('.chart-point') && !chart.dataset.base) { chart.setAttribute('tabindex', '0'); }
    }
  },
};

charts.wake();
window.addEventListener('pelluna-page', charts.wake);
for (const kind of ['pointermove', 'pointerdown']) {
  document.addEventListener(kind, (event) => {
    const chart = event.target.closest && event.target.closest(CHART);
    if (chart) { charts.show(chart, charts.nearest(chart, event.clientX, event.clientY)); }
  });
}
document.addEventListener('pointerout', (event) => {
  const chart = event.target.closest && event.target.closest(CHART);
  if (chart && event.pointerType === 'mouse' && !chart.contains(event.relatedTarget)) { charts.hide(chart); }
});
document.addEventListener('focusout', (event) => {
  if (event.target.matches && event.target.matches(CHART)) { charts.hide(event.target); }
});
document.addEventListener('keydown', (event) => {
  const chart = event.target.matches && event.target.matches(CHART) && event.target;
  const ways = { ArrowLeft: -1, ArrowRight: 1, Home: 'first', End: 'last' };
  if (!chart || event.ctrlKey || event.metaKey || event.altKey) { return; }
  if (event.key in ways) { event.preventDefault(); charts.step(chart, ways[event.key]); }
  if (event.key === 'Escape') { charts.hide(chart); }
});
