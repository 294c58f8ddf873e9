// What only some pages need is fetched where it is wanted: a page without a reef has no use for the reef's scripts.
const WANTS = [
  ['#reefscape', () => import('./reefscape/page.js')],
  ['svg.lanes[data-base]', () => import('./arrivals/lanes.js')],
  ['svg.lanes .chart-point', () => import('./charts.js')],
  ['.film', () => import('./film.js')],
  ['#sighting', () => import('./log/page.js')],
  ['form[data-way]', () => import('./log/sheets.js')],
  ['form[data-later], #outbox', () => import('./queue.js')],
  ['#push', () => import('./push/page.js')],
  ['#shop-card', () => import('./shop/card.js')],
  ['#page #help', () => import('./help.js')],
  ['[data-here]', () => import('./here.js')],
  ['#new-tank', () => import('./newtank.js')],
  ['[data-passkey], [data-passkey-form]', () => import('./passkeys.js')],
];

const look = () => {
  for (const [what, fetched] of WANTS) { if (document.querySelector(what)) { fetched(); } }
  // what is wider than its place can be moved by keys
  for (const box of document.querySelectorAll('.scroll-x')) {
    if (box.scrollWidth > box.clientWidth) { box.tabIndex = 0; } else { box.removeAttribute('tabindex'); }
  }
};
look();
window.addEventListener('pelluna-page', look);

// Pages open without a connection too, as they were last seen.
if ('serviceWorker' in navigator) { navigator.serviceWorker.register('/sw.js').catch(() => {}); }

// A device that gets its notifications from the simulated push service asks it while a page is open.
const keeper = document.querySelector('meta[name="keeper"]');
try {
  if (keeper && localStorage.getItem(`pelluna-push-${keeper.content}`)) { import('./push/arrives.js').then((here) => here.asks()); }
} catch (error) { /* no storage in this window */ }

// A phone keeps the shop card of the tank that it shows, once it has nothing else to do.
const tank = /^\/tanks\/(\d+)\//.exec(window.location.pathname);
if (tank && window.caches && window.matchMedia('(max-width: 51.25em)').matches) {
  const keep = () => import('./shop/keep.js').then((here) => here.keep(tank[1])).catch(() => {});
  window.addEventListener('load', () => setTimeout(keep, 3000));
}
