// Keeps the Log, Today, the shop card and what they need at hand for a phone without a connection. Always the network first: what is kept is only shown
// when nothing answers; what leads elsewhere, as to the page to sign in, is not kept. Signing out clears it.
const KEPT = 'pelluna-1';
const PAGES = /^\/tanks\/\d+\/(log|today|shop-card)$/;
const PARTS = /\.(css|js|svg|woff2)$/;

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
self.addEventListener('fetch', (event) => {
  const url = new URL(event.request.url);
  const ours = url.origin === self.location.origin && (PAGES.test(url.pathname) || PARTS.test(url.pathname));
  if (event.request.method !== 'GET' || !ours) { return; }
  event.respondWith((async () => {
    const cache = await caches.open(KEPT);
    try {
      const answer = await fetch(event.request);
      if (answer.ok && !answer.redirected) { await cache.put(url.pathname, answer.clone()); }
      // a database that is gone is no connection either: lines can still be tapped, and wait
      return answer.status === 503 ? (await cache.match(url.pathname)) || answer : answer;
    } catch (error) {
      const kept = await cache.match(url.pathname);
      if (kept) { return kept; }
      throw error;
    }
  })());
});
