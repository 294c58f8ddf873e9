// What was tapped and not yet taken: kept in this browser, sent in order, each once. A key goes with every line, so that the
// server writes a line once even if its answer was lost on the way. Only what is confirmed leaves this list.
import { freshKey, sendOnce } from './send.js';

// Of each account its own: what one has tapped is never sent in the name of another.
const keeper = document.querySelector('meta[name="keeper"]');
const BEFORE = 'pelluna-outbox';
const KEPT = keeper ? `${BEFORE}-${keeper.content}` : BEFORE;
const AGAIN_AFTER = 15000;

// A Pelluna without accounts kept one for all: whoever comes first after it takes it on.
function takeOn() {
  const old = keeper && localStorage.getItem(BEFORE);
  if (old && !localStorage.getItem(KEPT)) { localStorage.setItem(KEPT, old); localStorage.removeItem(BEFORE); }
}
try { takeOn(); } catch (error) { /* no storage in this window */ }

export const outbox = {
  turn: Promise.resolve(),
  read() {
    try { return JSON.parse(localStorage.getItem(KEPT) || '[]'); } catch (error) { return []; }
  },
  // Whether it is kept: not in private windows, or where there is no room.
  write(lines) {
    let kept = true;
    try { localStorage.setItem(KEPT, JSON.stringify(lines)); } catch (error) { kept = false; }
    window.dispatchEvent(new CustomEvent('pelluna-outbox', { detail: lines }));
    return kept;
  },
  // Where each line that was saved leads to, by its key, while this page is open.
  then: new Map(),
  // A line: where to, what, and how to say it while it waits. Resolves to 'saved', 'waits', or the reason why it was refused.
  async put(url, fields, says, key = freshKey()) {
    const line = { url, says, fields: { at: Date.now(), ...fields, key, quiet: 'true' } };
    if (!outbox.write([...outbox.read(), line])) {
      const answer = await sendOnce(url, new URLSearchParams(line.fields));
      if (answer.saved) { window.dispatchEvent(new CustomEvent('pelluna-sent')); }
      return answer.saved ? 'saved' : { reason: answer.words, key: line.fields.key };
    }
    await outbox.send();
    const left = outbox.read().find((l) => l.fields.key === line.fields.key);
    return !left ? 'saved' : left.refused ? { reason: left.refused, key: line.fields.key } : 'waits';
  },
  waiting() { return outbox.read().filter((l) => !l.refused); },
  // Sends what waits, in order, one turn after the other.
  send() {
    outbox.turn = outbox.turn.then(outbox.sendAll);
    return outbox.turn;
  },
  async sendAll() {
    let sent = 0;
    for (let lines = outbox.waiting(); lines.length; lines = outbox.waiting()) {
      const line = lines[0];
      const answer = await sendOnce(line.url, new URLSearchParams(line.fields));
      if (answer.away) { break; }
      if (answer.saved) { outbox.then.set(line.fields.key, answer.then); }
      const rest = outbox.read();
      outbox.write(answer.refused ? rest.map((l) => (l.fields.key === line.fields.key ? { ...l, refused: answer.words } : l))
        : rest.filter((l) => l.fields.key !== line.fields.key));
      sent += 1;
    }
    if (sent) { window.dispatchEvent(new CustomEvent('pelluna-sent')); }
  },
  // What waits can be taken back before anybody saw it.
  drop(key) {
    const lines = outbox.read();
    outbox.write(lines.filter((l) => l.fields.key !== key));
    return lines.length !== outbox.read().length;
  },
};

window.addEventListener('online', () => outbox.send());
setInterval(() => { if (outbox.waiting().length) { outbox.send(); } }, AGAIN_AFTER);
if (outbox.waiting().length) { outbox.send(); }
