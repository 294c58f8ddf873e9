// The shop card: a name, and what that fish means for this tank today. It reads what lies on this device and brings it up to date
// beside that, so that a shop without a connection makes no difference.
import { checkedAt, kept, keep, renewed } from './keep.js';
import { matches } from './names.js';

const OTHERS = 8;
const CHOP = 2;
const SURGE = 3;

const card = {
  page: null,
  data: null,
  pairs: null,
  first: null,
  second: null,

  async begin() {
    const page = document.getElementById('shop-card');
    if (!page) { return; }
    if (page !== card.page) {
      page.addEventListener('input', (event) => card.typed(event.target));
      page.addEventListener('click', (event) => card.pressed(event));
      page.addEventListener('error', (event) => { if (event.target.tagName === 'IMG') { event.target.hidden = true; } }, true);
      Object.assign(card, { page, first: null, second: null });
    }
    // the page may have come anew after a write, and the plan with it
    const { tank } = page.dataset;
    await card.take(await kept(tank, 'fish.json').catch(() => null));
    try {
      await card.take(await renewed(tank, 'fish.json'));
    } catch (error) {
      if (!card.data) { card.state('none'); }
    }
    card.aged();
    keep(tank).then(() => card.pair()).catch(() => card.pair());
  },

  async take(data) {
    if (!data) { return; }
    card.data = data;
    card.state('ready');
    for (const which of ['first', 'second']) {
      const was = card[which];
      card[which] = was ? data.fish.find((one) => one.path === was.path) || null : null;
    }
    for (const field of card.page.querySelectorAll('[data-which]')) { card.typed(field); }
  },

  state(word) {
    card.page.dataset.state = word;
  },

  // How long ago it was last seen to be right.
  aged() {
    const at = checkedAt(card.page.dataset.tank);
    const says = card.page.querySelector('[data-age]');
    const minutes = at ? Math.round((Date.now() - at) / 60000) : 0;
    const told = new Intl.RelativeTimeFormat(document.documentElement.lang, { numeric: 'auto' });
    const long = minutes < 60 ? [minutes, 'minute'] : minutes < 2880 ? [Math.round(minutes / 60), 'hour']
      : [Math.round(minutes / 1440), 'day'];
    says.textContent = at && minutes > 4 ? ` · ${told.format(-long[0], long[1])}` : '';
  },

  typed(field) {
    if (!('which' in field.dataset) || !card.data) { return; }
    const { which } = field.dataset;
    const all = matches(card.data.fish, field.value);
    const still = card[which] && all.includes(card[which]) && field.dataset.chosen === card[which].path;
    if (!still) { [card[which]] = all; delete field.dataset.chosen; }
    card.others(which, all.filter((one) => one !== card[which]).slice(0, OTHERS), field.value.trim() !== '' && !all.length);
    card.show();
  },

  others(which, all, nothing) {
    const box = card.page.querySelector(`[data-others="${which}"]`);
    box.querySelector('[data-nothing]').hidden = !nothing;
    box.querySelector('[data-also]').hidden = !all.length;
    box.querySelectorAll('button').forEach((button) => button.remove());
    for (const one of all) {
      const button = document.createElement('button');
      Object.assign(button, { type: 'button', className: 'toggle', textContent: one.name });
      Object.assign(button.dataset, { choose: which, path: one.path });
      box.append(button, ' ');
    }
  },

  pressed(event) {
    const button = event.target.closest('button[data-choose]');
    if (button) { card.choose(button.dataset.choose, button.dataset.path); }
  },

  choose(which, path) {
    const one = card.data.fish.find((fish) => fish.path === path);
    const field = card.page.querySelector(`[data-which="${which}"]`);
    field.value = one.name;
    card[which] = one;
    field.dataset.chosen = path;
    card.typed(field);
    card.page.querySelector('[data-answer]').focus({ preventScroll: false });
  },

  text(place) { return card.data.texts[place]; },

  show() {
    const one = card.first;
    const answer = card.page.querySelector('[data-answer]');
    answer.hidden = !one;
    if (one) { card.fill(answer, one); }
    card.page.querySelector('[data-bag]').hidden = !one;
    card.both();
  },

  fill(answer, one) {
    answer.dataset.says = one.says;
    const set = (name, text) => { answer.querySelector(`[data-put="${name}"]`).textContent = text; };
    const picture = answer.querySelector('img');
    picture.hidden = false;
    picture.src = one.file;
    set('name', one.name);
    set('sizes', card.text(one.sizes));
    set('says', `${card.page.dataset[`says-${one.says}`.replace(/-./g, (x) => x[1].toUpperCase())]}`);
    set('from', one.from < 0 ? '' : card.text(one.from));
    set('main', card.text(one.main));
    card.list(answer, 'must', one.mustBe.map(card.text));
    card.list(answer, 'look', one.look.map(card.text));
    card.list(answer, 'ask', one.ask.map(card.text));
    answer.querySelector('[data-if]').hidden = !one.mustBe.length;
    const box = answer.querySelector('[data-instead]');
    box.hidden = !one.instead.length;
    box.querySelector('ul').replaceChildren(...one.instead.map((at) => card.other(card.data.fish[at])));
    answer.querySelector('[data-more]').href = `/tanks/${card.page.dataset.tank}/species/${one.path}`;
    answer.querySelectorAll('form').forEach((form) => {
      form.elements.species.value = one.path.replace('-', ' ');
      form.dataset.about = one.name;
    });
  },

  list(answer, name, texts) {
    answer.querySelector(`[data-list="${name}"]`).replaceChildren(...texts.map((text) => {
      const line = document.createElement('li');
      line.textContent = text;
      return line;
    }));
  },

  other(one) {
    const line = card.page.querySelector('[data-one-other]').content.cloneNode(true).firstElementChild;
    line.querySelector('img').src = one.file;
    line.querySelector('b').textContent = one.name;
    line.querySelector('span').textContent = card.text(one.special);
    Object.assign(line.querySelector('button').dataset, { choose: 'first', path: one.path });
    return line;
  },

  // The two in the bag.
  async pair() {
    const { tank } = card.page.dataset;
    card.pairs = await kept(tank, 'pairs.json').catch(() => null) || await renewed(tank, 'pairs.json').catch(() => null);
    if (card.data) { card.both(); }
  },

  told() {
    const places = [card.first, card.second].map((one) => card.pairs.fish.indexOf(card.data.fish.indexOf(one)));
    const [lower, upper] = places[0] <= places[1] ? places : [places[1], places[0]];
    const told = card.pairs.told[card.pairs.pairs.charCodeAt((upper * (upper + 1)) / 2 + lower) - 48];
    const first = told.first === 0 ? null : card.data.fish[card.pairs.fish[told.first === 1 ? lower : upper]];
    return { ...told, first };
  },

  both() {
    const box = card.page.querySelector('[data-pair]');
    const two = card.first && card.second;
    box.hidden = !two;
    if (!two) { return; }
    const says = card.page.dataset;
    const never = [card.first, card.second].filter((one) => one.says === 'not-this-one').length;
    const set = (word, head, text) => {
      box.dataset.says = word;
      box.querySelector('h2').textContent = head;
      box.querySelector('p').textContent = text;
    };
    if (never) { set('not-this-one', says.notBoth, never === 2 ? says.none : says.alone); return; }
    if (!card.pairs) { set('yes-if', '…', says.waitingPairs); return; }
    const told = card.told();
    if (told.step >= SURGE) { set('not-this-one', says.notBoth, `${told.text} ${says.onlyOne}`); return; }
    const order = told.first ? says.firstOne.replace('{0}', told.first.name) : '';
    const days = Math.max(card.first.rest, card.second.rest);
    const later = [card.first, card.second].filter((one) => one.from >= 0).map((one) => `${one.name}: ${card.text(one.from)}.`);
    const pace = later.length ? later.join(' ') : card.data.places > 1 ? says.places : says.oneByOne.replace('{0}', days);
    const calm = told.step < CHOP;
    const head = calm && [card.first, card.second].every((one) => one.says === 'yes') ? says.both : says.bothWithCare;
    set(head === says.both ? 'yes' : 'yes-if', head, [told.text, order, pace].filter((text) => text).join(' '));
  },
};

card.begin();
window.addEventListener('pelluna-page', () => card.begin());
