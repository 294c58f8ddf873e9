// Keeps the Log, Today, losses, the shop card and what they need at hand for a phone without a connection. Always the network first:
// what is kept is only shown when nothing answers; what leads elsewhere, as to the page to sign in, is not kept. Signing out clears it.
const KEPT = 'pelluna-1';
const PAGES = /^\/tanks\/\d+\/(today|shop-card|losses\/new|log(\/(head-count|health|introducing|bullied\/\d+))?)$/;
// whose page it is; another query is another look at the same page
const WHOSE = /^\?(whom|crew|stay|which|next)=\w+$/;
const PARTS = /\.(css|js|svg|woff2)$/;

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
self.addEventListener('fetch', (event) => {
  const url = new URL(event.request.url);
  const ours = url.origin === self.location.origin && (PAGES.test(url.pathname) || PARTS.test(url.pathname));
  if (event.request.method !== 'GET' || !ours) { return; }
  const name = url.pathname + (WHOSE.test(url.search) ? url.search : '');
  event.respondWith((async () => {
    const cache = await caches.open(KEPT);
    try {
      const answer = await fetch(event.request);
      if (answer.ok && !answer.redirected) { await cache.put(name, answer.clone()); }
      // a database that is gone is no connection either: lines can still be tapped, and wait
      return answer.status === 503 ? (await cache.match(name)) || answer : answer;
    } catch (error) {
      const kept = await cache.match(name);
      if (kept) { return kept; }
      throw error;
    }
  })());
});

// What is due is told here, whoever brings it: the browser's push service, or a page that has asked the simulated one.
async function tell(text) {
  const { title, body, tag, href, lang } = JSON.parse(text);
  await self.registration.showNotification(title, { body, tag, lang, renotify: true, icon: '/icon-192.png', data: { href } });
}
self.addEventListener('push', (event) => { event.waitUntil(tell(event.data.text())); });
self.addEventListener('message', (event) => { if (event.data.tell) { event.waitUntil(tell(event.data.tell)); } });
self.addEventListener('notificationclick', (event) => {
  event.notification.close();
  const href = new URL(event.notification.data.href, self.location.origin);
  event.waitUntil((async () => {
    const open = (await self.clients.matchAll({ type: 'window' })).find((page) => new URL(page.url).pathname === href.pathname);
    await (open ? open.focus() : self.clients.openWindow(href));
  })());
});
