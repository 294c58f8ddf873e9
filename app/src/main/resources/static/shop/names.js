// From what somebody types in a shop to fish: parts of words, wrong plurals, slips of the finger.
const NOTHING = new Set(['a', 'an', 'the', 'fish', 'fishes', 'ein', 'eine', 'der', 'die', 'das', 'fisch', 'fische']);
const INSIDE_FROM = 4;

export function folded(text) {
  return text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase().replace(/ß/g, 'ss').replace(/['’`´]/g, '')
    .replace(/[^a-z0-9]+/g, ' ').trim();
}

function forms(token) {
  const all = [token];
  if (token.length > 4 && token.endsWith('ies')) { all.push(`${token.slice(0, -3)}y`); }
  if (token.length > 3 && token.endsWith('es')) { all.push(token.slice(0, -2)); }
  if (token.length > 3 && token.endsWith('s')) { all.push(token.slice(0, -1)); }
  if (token.length > 5 && /(fische|barsche|en|ln)$/.test(token)) { all.push(token.slice(0, -1)); }
  return all;
}

// Letters to change, add, leave out or swap to come from one word to another.
function slips(a, b) {
  const rows = [[...Array(b.length + 1).keys()]];
  for (let i = 1; i <= a.length; i += 1) {
    const row = [i];
    for (let j = 1; j <= b.length; j += 1) {
      row[j] = Math.min(row[j - 1] + 1, rows[i - 1][j] + 1, rows[i - 1][j - 1] + (a[i - 1] === b[j - 1] ? 0 : 1));
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1]) { row[j] = Math.min(row[j], rows[i - 2][j - 2] + 1); }
    }
    rows.push(row);
  }
  return rows[a.length][b.length];
}

// How far a typed word is from the nearest of a fish's: 0 the same, 1 its beginning, 2 within it; null if it is none.
function near(token, words) {
  let best = null;
  for (const form of forms(token)) {
    for (const word of words) {
      const far = word === form ? 0 : word.startsWith(form) ? 1 : form.length >= INSIDE_FROM && word.includes(form) ? 2 : null;
      if (far !== null && (best === null || far < best)) { best = far; }
    }
  }
  return best;
}

function misspelt(token, words) {
  const most = token.length < 4 ? 0 : token.length < 6 ? 1 : 2;
  const all = words.filter((word) => Math.abs(word.length - token.length) <= most).map((word) => slips(token, word));
  const least = Math.min(...all);
  return least <= most ? 3 + least : null;
}

function found(fish, tokens, how) {
  return fish.map((one) => {
    const words = one.words.split(' ');
    const far = tokens.map((token) => how(token, words));
    return far.includes(null) ? null : { one, far: far.reduce((sum, f) => sum + f, 0) };
  }).filter((match) => match);
}

// Fish by what was typed, the likeliest first.
export function matches(fish, typed) {
  const whole = folded(typed);
  const tokens = whole.split(' ').filter((token) => token && !NOTHING.has(token));
  if (!tokens.length) { return []; }
  let all = found(fish, tokens, near);
  if (!all.length) { all = found(fish, tokens, (token, words) => near(token, words) ?? misspelt(token, words)); }
  const rank = (match) => (folded(match.one.name) === whole ? -100 : 0) + match.far * 2 + match.one.sold;
  return all.sort((a, b) => rank(a) - rank(b) || a.one.name.localeCompare(b.one.name)).map((match) => match.one);
}
