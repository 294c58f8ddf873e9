// What the pages need beyond plain links and forms: saving as one types, places by key, and no page flash.
// Every answer is a whole page; the part called 'page' is morphed in, so that focus and what is being typed stay put.

const live = {
  async go(url, options, push) {
    const main = document.getElementById('page');
    main.setAttribute('aria-busy', 'true');
    try {
      const response = await fetch(url, { ...options, headers: { Accept: 'text/html' } });
      const text = await response.text();
      // what is typed before everything has loaded is saved all the same; the page follows when it can
      if (!window.Alpine) { await new Promise((loaded) => { document.addEventListener('alpine:initialized', loaded, { once: true }); }); }
      const next = new DOMParser().parseFromString(text, 'text/html');
      const fresh = next.getElementById('page');
      if (!fresh) { window.location.assign(url); return false; }
      const link = document.activeElement && document.activeElement.closest('a');
      const href = link && link.getAttribute('href');
      window.Alpine.morph(main, fresh.outerHTML, { key: (el) => el.id, updating: live.drawing });
      if (href && document.activeElement === document.body) {
        const again = document.querySelector(`#page a[href="${CSS.escape(href)}"]`);
        if (again) { again.focus({ preventScroll: true }); }
      }
      const rail = next.getElementById('rail');
      const old = document.getElementById('rail');
      if (rail && old) { window.Alpine.morph(old, rail.outerHTML, { key: (el) => el.id }); }
      document.title = next.title;
      if (push && response.ok) { history.pushState({}, '', response.url); }
      window.dispatchEvent(new CustomEvent('pelluna-page'));
      const refused = !response.ok || document.querySelector('#page [role="alert"]');
      live.tell(response.ok ? (options && options.method === 'POST' && !refused ? 'Saved' : '') : 'Not all of it is saved; see beside the field');
      return !refused;
    } catch (error) {
      live.tell('Pelluna does not answer. What you typed is still here but not saved.');
      return false;
    } finally {
      const now = document.getElementById('page');
      if (now) { now.removeAttribute('aria-busy'); }
    }
  },
  // A drawing is put in whole: its parts belong together.
  drawing(el, next, childrenOnly, skip) {
    if (el.dataset && 'scene' in el.dataset && next.dataset) {
      el.dataset.scene = next.dataset.scene;
      const old = el.querySelector('svg.reef');
      const fresh = next.querySelector('svg.reef');
      for (const attribute of fresh.attributes) { old.setAttribute(attribute.name, attribute.value); }
      old.innerHTML = fresh.innerHTML;
      skip();
      return;
    }
    if (el.nodeName !== 'svg') { return; }
    for (const attribute of next.attributes) { el.setAttribute(attribute.name, attribute.value); }
    el.innerHTML = next.innerHTML;
    skip();
  },
  tell(text) {
    window.dispatchEvent(new CustomEvent('pelluna-says', { detail: text }));
  },
  // With the button that was pressed, which may say what to do.
  body(form, button) {
    return new URLSearchParams(new FormData(form, button));
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
      live.tell('Pelluna does not answer.');
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
  window.Alpine.data('keys', () => ({
    open: false,
    init() {
      document.addEventListener('keydown', (event) => {
        if (event.target.matches('input, select, textarea') || event.ctrlKey || event.metaKey || event.altKey) { return; }
        if (event.key === '?') { this.open = !this.open; return; }
        if (event.key === 'Escape') { this.open = false; return; }
        const log = document.getElementById('log-place');
        if (log && event.key === 'l') { event.preventDefault(); this.sighting(log.getAttribute('href')); return; }
        if (log && event.key === 'w') { event.preventDefault(); const here = document.querySelector('.watch-button'); if (here) { here.click(); return; } live.go(`${log.getAttribute('href')}/watch`, { method: 'POST', body: new URLSearchParams({ what: 'toggle' }) }, true); return; }
        const place = document.querySelector(`#rail [data-key="${CSS.escape(event.key)}"]`);
        if (place) { event.preventDefault(); place.click(); }
      });
    },
    close() { this.open = false; },
    sighting(log) {
      const sentence = document.getElementById('sentence');
      if (sentence) { sentence.focus(); } else { window.location.assign(`${log}#l`); }
    },
  }));
});

// A field that saves itself: only what changed is sent, with what this window had read before.
document.addEventListener('change', (event) => {
  const form = event.target.form;
  if (!form || !('autosave' in form.dataset)) { return; }
  const name = event.target.name;
  const sent = new URLSearchParams();
  for (const [key, value] of new FormData(form)) {
    if (key === name || key === `was-${name}`) { sent.append(key, value); }
  }
  if (!sent.has(name)) { sent.append(name, ''); }
  live.go(form.action, { method: 'POST', body: sent }, false);
});

document.addEventListener('submit', (event) => {
  const form = event.target;
  if (!('live' in form.dataset) && !('autosave' in form.dataset)) { return; }
  event.preventDefault();
  if (form.method === 'get') {
    live.go(`${form.action}?${live.body(form, event.submitter)}`, {}, true);
  } else {
    const sent = live.go(form.action, { method: 'POST', body: live.body(form, event.submitter) }, true);
    if ('fresh' in form.dataset) { sent.then((saved) => { if (saved) { form.reset(); } }); }
  }
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

window.addEventListener('popstate', () => live.go(window.location.href, {}, false));
