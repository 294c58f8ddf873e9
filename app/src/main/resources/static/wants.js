// What only some pages need is fetched where it is wanted: a page without a reef has no use for the reef's scripts.
const WANTS = [
  ['#reefscape', () => import('./reefscape/page.js')],
  ['svg.lanes[data-base]', () => import('./arrivals/lanes.js')],
  ['svg.lanes .chart-point', () => import('./charts.js')],
  ['.film', () => import('./film.js')],
  ['#new-tank', () => import('./newtank.js')],
  ['[data-passkey], [data-passkey-form]', () => import('./passkeys.js')],
];

const look = () => {
  for (const [what, fetched] of WANTS) { if (document.querySelector(what)) { fetched(); } }
};
look();
window.addEventListener('pelluna-page', look);
