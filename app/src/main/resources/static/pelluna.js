// What the pages need beyond plain links and forms: saving as one types, places by key, and no page flash.
// Every answer is a whole page; the part called 'page' is morphed in, so that focus and what is being typed stay put.

import { say } from './say.js';
import { deliver } from './send.js';

const live = {
  // To another page, or to what follows a write. Resolves to whether it went well.
  async go(url, options, push) {
    if (options && options.method === 'POST') { return live.post(url, options.body, push); }
    return live.busy(async () => {
      try {
        const response = await fetch(url, { headers: { Accept: 'text/html' } });
        const text = await response.text();
        if (response.status >= 500) { live.tell(say('script.pageCannotBeShown')); return false; }
        if (!await live.show(text)) { window.location.assign(url); return false; }
        if (push && response.ok) { history.pushState({}, '', response.url); }
        return response.ok;
      } catch (error) {
        live.tell(say('script.noAnswerKept'));
        return false;
      }
    });
  },
  // Sends, and shows what follows. A page that is refused comes back with what was typed; anything else leaves the page as it is.
  async post(url, body, push, whole) {
    const answer = await live.busy(() => deliver(url, body));
    if (answer.refused) {
      if (answer.html) { await live.show(answer.html); }
      live.tell(answer.html ? say('script.notSaved') : answer.words);
      return false;
    }
    if (answer.then && whole) { live.open(answer.then); return true; }
    const shown = answer.then ? await live.go(answer.then, {}, push) : await live.show(answer.html);
    const refused = document.querySelector('#page [role="alert"]');
    live.tell(say(refused ? 'script.notAllSaved' : shown ? 'script.saved' : 'script.savedNotRenewed'));
    return !refused;
  },
  open(url) {
    const to = new URL(url, window.location.href);
    const here = to.pathname === window.location.pathname && to.search === window.location.search;
    window.location.assign(to);
    if (here && to.hash) { window.location.reload(); }
  },
  async busy(task) {
    const main = document.getElementById('page');
    main.setAttribute('aria-busy', 'true');
    try {
      return await task();
    } finally {
      const now = document.getElementById('page');
      if (now) { now.removeAttribute('aria-busy'); }
    }
  },
  // Puts a page in the place of this one, so that focus and what is being typed stay put. @return whether it was one of ours
  async show(html) {
    // what is typed before everything has loaded is saved all the same; the page follows when it can
    if (!window.Alpine) { await new Promise((loaded) => { document.addEventListener('alpine:initialized', loaded, { once: true }); }); }
    const next = new DOMParser().parseFromString(html, 'text/html');
    const fresh = next.getElementById('page');
    if (!fresh) { return false; }
    const link = document.activeElement && document.activeElement.closest('a');
    const href = link && link.getAttribute('href');
    window.Alpine.morph(document.getElementById('page'), fresh.outerHTML, { key: (el) => el.id, updating: live.drawing });
    if (href && document.activeElement === document.body) {
      const again = document.querySelector(`#page a[href="${CSS.escape(href)}"]`);
      if (again) { again.focus({ preventScroll: true }); }
    }
    const rail = next.getElementById('rail');
    const old = document.getElementById('rail');
    if (rail && old) { window.Alpine.morph(old, rail.outerHTML, { key: (el) => el.id }); }
    document.title = next.title;
    window.dispatchEvent(new CustomEvent('pelluna-page'));
    return true;
  },
  // A drawing is put in whole: its parts belong together.
  drawing(el, next, childrenOnly, skip) {
    if (el.dataset && 'scene' in el.dataset && next.dataset) {
      el.dataset.scene = next.dataset.scene;
      const old = el.querySelector('svg.reef');
      const fresh = next.querySelector('svg.reef');
      for (const attribute of fresh.attributes) { old.setAttribute(attribute.name, attribute.value); }
      old.innerHTML = fresh.innerHTML;
      live.layers(el, next);
      skip();
      return;
    }
    if (el.nodeName !== 'svg') { return; }
    for (const attribute of next.attributes) { el.setAttribute(attribute.name, attribute.value); }
    el.innerHTML = next.innerHTML;
    skip();
  },
  // Layers of the scenery that are as they were stay, so that their pictures need not be painted again.
  layers(el, next) {
    const [old, fresh] = [el, next].map((whole) => [...whole.querySelectorAll('.reef-layer')]);
    const before = el.querySelector('svg.reef');
    fresh.forEach((layer, i) => {
      if (!old[i]) { before.before(layer); return; }
      old[i].style.transform = '';
      if (old[i].innerHTML !== layer.innerHTML) { old[i].innerHTML = layer.innerHTML; }
      if (layer.dataset.heap) { old[i].dataset.heap = layer.dataset.heap; } else { delete old[i].dataset.heap; }
      old[i].setAttribute('viewBox', layer.getAttribute('viewBox'));
    });
    old.slice(fresh.length).forEach((layer) => layer.remove());
  },
  tell(text) {
    window.dispatchEvent(new CustomEvent('pelluna-says', { detail: text }));
  },
  // With the button that was pressed, which may say what to do.
  body(form, button) {
    const data = new FormData(form, button);
    return form.enctype === 'multipart/form-data' ? data : new URLSearchParams(data);
  },
};

window.pellunaLive = live;

// Parts of a page that take a moment are asked for once the page is there.
async function fetchParts() {
  for (const part of document.querySelectorAll('[data-fetch]')) {
    const url = part.dataset.fetch;
    try {
      const response = await fetch(url, { headers: { Accept: 'text/html' } });
      const text = await response.text();
      if (response.ok && part.isConnected && part.dataset.fetch === url) { part.innerHTML = text; }
    } catch (error) {
      live.tell(say('script.noAnswer'));
    }
  }
}
document.addEventListener('DOMContentLoaded', fetchParts);
window.addEventListener('pelluna-page', fetchParts);

document.addEventListener('alpine:init', () => {
  window.Alpine.data('says', () => ({
    text: '',
    timer: null,
    init() {
      window.addEventListener('pelluna-says', (event) => {
        this.text = event.detail;
        clearTimeout(this.timer);
        this.timer = setTimeout(() => { this.text = ''; }, 4000);
      });
    },
    get shown() { return this.text !== ''; },
  }));
});

// Single keys, where this device wants them.
const keys = {
  async pressed(event) {
    if (event.target.matches('input, select, textarea') || event.ctrlKey || event.metaKey || event.altKey) { return; }
    if (event.key.length > 1 || localStorage.getItem('pelluna-keys') === 'off') { return; }
    if (event.key === '?' || event.key === 'h') { event.preventDefault(); keys.help(); return; }
    const log = document.getElementById('log-place');
    if (log && event.key === 'l') { event.preventDefault(); keys.sighting(log.getAttribute('href')); return; }
    if (log && event.key === 'w') { event.preventDefault(); keys.watch(log.getAttribute('href')); return; }
    const place = document.querySelector(`#rail [data-key="${CSS.escape(event.key)}"]`);
    if (place) { event.preventDefault(); place.click(); }
  },
  help() { import('./help.js').then((open) => open.help()).catch(() => live.tell(say('script.noAnswer'))); },
  watch(log) {
    const here = document.querySelector('.watch-button');
    if (here) { here.click(); return; }
    live.go(`${log}/watch`, { method: 'POST', body: new URLSearchParams({ what: 'toggle' }) }, true);
  },
  sighting(log) {
    const sentence = document.getElementById('sentence');
    if (sentence) { sentence.focus(); } else { window.location.assign(`${log}#l`); }
  },
};
document.addEventListener('keydown', keys.pressed);

// A field that saves itself: only what changed is sent, with what this window had read before.
function saves(field) {
  const { form, name } = field;
  if (!form || !('autosave' in form.dataset)) { return; }
  const sent = new URLSearchParams();
  for (const [key, value] of new FormData(form)) {
    if (key === name || key === `was-${name}`) { sent.append(key, value); }
  }
  if (!sent.has(name)) { sent.append(name, ''); }
  live.go(form.action, { method: 'POST', body: sent }, false);
}

document.addEventListener('change', (event) => saves(event.target));

// What was typed and left before this script was there; what a browser brings back of an earlier visit is not that.
if ((performance.getEntriesByType('navigation')[0]?.type ?? 'navigate') === 'navigate') {
  for (const field of document.querySelectorAll('form[data-autosave] :is(input:not([type=hidden]), textarea)')) {
    const typed = field.value !== field.defaultValue || field.checked !== field.defaultChecked;
    if (typed && field !== document.activeElement) { saves(field); }
  }
}

// Every form that writes is sent in the one way; while it is on its way, a second press is the same press.
document.addEventListener('submit', async (event) => {
  const form = event.target;
  const quick = 'live' in form.dataset || 'autosave' in form.dataset;
  if (event.defaultPrevented || 'plain' in form.dataset || (form.method === 'get' && !quick)) { return; }
  event.preventDefault();
  if (form.method === 'get') {
    live.go(`${form.action}?${live.body(form, event.submitter)}`, {}, true);
    return;
  }
  if (form.dataset.sending) { return; }
  form.dataset.sending = 'true';
  const saved = await live.post(form.action, live.body(form, event.submitter), true, !quick);
  delete form.dataset.sending;
  if (saved && 'fresh' in form.dataset) { form.reset(); }
});

document.addEventListener('click', (event) => {
  const ask = event.target.closest('[data-ask]');
  if (ask && !window.confirm(ask.dataset.ask)) { event.preventDefault(); return; }
  if (event.target.closest('[data-print]')) { window.print(); return; }
  const link = event.target.closest('a[data-live]');
  if (!link || event.ctrlKey || event.metaKey || event.shiftKey || event.button !== 0) { return; }
  event.preventDefault();
  const href = link.getAttribute('href');
  live.go(href, {}, true);
});

// Pages that a phone keeps for hours without a connection are those of one account.
async function ofWhom() {
  const keeper = document.querySelector('meta[name="keeper"]');
  if (!keeper || !window.caches) { return; }
  const last = localStorage.getItem('pelluna-keeper');
  if (last !== keeper.content) {
    for (const name of await window.caches.keys()) { await window.caches.delete(name); }
    localStorage.setItem('pelluna-keeper', keeper.content);
  }
}
ofWhom().catch(() => {});

// A page that says more in a moment asks again, while somebody looks at it.
function again() {
  const waits = document.querySelector('[data-again]');
  if (!waits) { return; }
  window.setTimeout(async () => {
    if (!document.hidden && document.body.contains(waits)) { await live.go(window.location.href, {}, false); }
    again();
  }, Number(waits.dataset.again));
}
again();

window.addEventListener('popstate', () => live.go(window.location.href, {}, false));

// An explanation closes when something else is touched, or by Escape.
function closeWhy(but) {
  for (const open of document.querySelectorAll('.why[open]')) { if (!open.contains(but)) { open.open = false; } }
}
document.addEventListener('click', (event) => closeWhy(event.target));
document.addEventListener('keydown', (event) => { if (event.key === 'Escape') { closeWhy(null); } });
