// What was tapped and not yet taken: kept in this browser, sent in order, each once. A key goes with every line, so that the
// server writes a line once even if its answer was lost on the way.

const KEPT = 'pelluna-outbox';
const AGAIN_AFTER = 15000;

export const outbox = {
  sending: false,
  read() {
    try { return JSON.parse(localStorage.getItem(KEPT) || '[]'); } catch (error) { return []; }
  },
  write(lines) {
    try { localStorage.setItem(KEPT, JSON.stringify(lines)); } catch (error) { /* private mode: then only what is online is taken */ }
    window.dispatchEvent(new CustomEvent('pelluna-outbox', { detail: lines }));
  },
  key() {
    const bytes = crypto.getRandomValues(new Uint8Array(12));
    return Array.from(bytes, (b) => b.toString(16).padStart(2, '0')).join('');
  },
  // A line for the log: where to, what, and how to say it while it waits.
  put(url, fields, says) {
    const line = { url, says, fields: { at: Date.now(), ...fields, key: outbox.key(), quiet: 'true' } };
    outbox.write([...outbox.read(), line]);
    return outbox.send();
  },
  waiting() { return outbox.read().filter((l) => !l.refused); },
  // Resolves to what became of it: true if everything is sent. A line that is refused stays here with the reason, until its keeper lets it go.
  async send() {
    if (outbox.sending) { return false; }
    outbox.sending = true;
    let sent = 0;
    try {
      for (let lines = outbox.waiting(); lines.length; lines = outbox.waiting()) {
        const line = lines[0];
        const response = await fetch(line.url, { method: 'POST', body: new URLSearchParams(line.fields) });
        if (response.status >= 500) { return false; }
        const rest = outbox.read();
        const refused = response.ok ? '' : response.status === 422 ? await response.text() : 'The tank or fish is not there any more.';
        outbox.write(refused ? rest.map((l) => (l.fields.key === line.fields.key ? { ...l, refused } : l)) : rest.filter((l) => l.fields.key !== line.fields.key));
        sent += 1;
      }
      return true;
    } catch (error) {
      return false;
    } finally {
      outbox.sending = false;
      if (sent) { window.dispatchEvent(new CustomEvent('pelluna-sent')); }
    }
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
