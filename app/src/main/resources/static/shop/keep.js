// What lies on this device of a tank for the shop: the page, its two files, and what the page needs. A file is asked for again with
// the mark of the one that is here, so that nothing comes while nothing has changed.
const KEPT = 'pelluna-1';
const CHECKED = 'pelluna-shop-checked';
// what is written down beside the tank
const PAGES = ['today', 'log', 'log/head-count', 'log/health', 'log/introducing', 'losses/new'];
const MOST_LOSSES = 30;
const PARTS = /\.(css|js|woff2)$/;

async function store() {
  try { return await caches.open(KEPT); } catch (error) { return null; }
}

const base = (tank) => `/tanks/${tank}/shop-card`;
const checked = () => { try { return JSON.parse(localStorage.getItem(CHECKED) || '{}'); } catch (error) { return {}; } };

// When a tank's answers were last seen to be right, in ms; undefined if never.
export const checkedAt = (tank) => checked()[tank];

function seen(tank) {
  try { localStorage.setItem(CHECKED, JSON.stringify({ ...checked(), [tank]: Date.now() })); } catch (error) { /* not kept here */ }
}

// The file as it is here; undefined if it is not.
export async function kept(tank, file) {
  const cache = await store();
  const answer = cache && await cache.match(`${base(tank)}/${file}`);
  return answer && answer.json();
}

// The file as it should be now. Resolves to null where the one that is here still holds; rejects without a connection.
export async function renewed(tank, file) {
  const cache = await store();
  const here = cache && await cache.match(`${base(tank)}/${file}`);
  const mark = here && here.headers.get('ETag');
  const answer = await fetch(`${base(tank)}/${file}`, { headers: mark ? { 'If-None-Match': mark } : {} });
  if (answer.status === 304) { seen(tank); return null; }
  if (!answer.ok || answer.redirected) { throw new Error(String(answer.status)); }
  if (cache) { await cache.put(`${base(tank)}/${file}`, answer.clone()); }
  seen(tank);
  return answer.json();
}

// Brings everything here up to date.
export async function keep(tank) {
  const cache = await store();
  if (!cache) { return; }
  const fresh = await renewed(tank, 'fish.json');
  if (fresh || !await cache.match(`${base(tank)}/pairs.json`)) { await renewed(tank, 'pairs.json'); }
  const parts = performance.getEntriesByType('resource').map((part) => new URL(part.name))
    .filter((url) => url.origin === window.location.origin && PARTS.test(url.pathname)).map((url) => url.pathname);
  const needed = [base(tank), '/shop/card.js', '/shop/keep.js', '/shop/names.js', '/log/page.js', '/queue.js', ...parts];
  for (const path of new Set([...needed, ...PAGES.map((page) => `/tanks/${tank}/${page}`)])) { await take(cache, path, fresh); }
  for (const path of await lossesOf(cache, tank)) { await take(cache, path, fresh); }
}

async function take(cache, path, fresh) {
  if (!fresh && await cache.match(path)) { return; }
  const answer = await fetch(path);
  if (answer.ok && !answer.redirected) { await cache.put(path, answer); }
}

// The forms of losses, one for each who lives there.
async function lossesOf(cache, tank) {
  const page = await cache.match(`/tanks/${tank}/losses/new`);
  const links = page ? new DOMParser().parseFromString(await page.text(), 'text/html').querySelectorAll('.sheet-fish a') : [];
  return [...links].slice(0, MOST_LOSSES).map((link) => link.getAttribute('href'));
}
