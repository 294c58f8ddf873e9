// Asks the simulated push service what has come for this device, as long as a page is open, and hands it to the worker, which shows it
// as it shows what a browser's own push service brings.
import { bytesOf, keep, kept, opened } from './device.js';

const EVERY = 60000;

// Of several windows one asks.
export async function asksOnce() {
  const device = kept();
  if (!device || Notification.permission !== 'granted') { return; }
  try {
    const answer = await fetch(`/push-service/messages?after=${device.last}`, { headers: { Authorization: `Bearer ${device.secret}` } });
    if (!answer.ok) { return; }
    const worker = (await navigator.serviceWorker.ready).active;
    for (const message of await answer.json()) {
      device.last = message.id;
      keep(device);
      // one that was sealed for other keys holds up nobody
      const tell = await opened(bytesOf(message.body), device).catch(() => '');
      if (tell) { worker.postMessage({ tell }); }
    }
  } catch (error) { /* not reachable now: it is asked again */ }
}

export function asks() {
  const turn = () => navigator.locks.request('pelluna-push', { ifAvailable: true }, (mine) => (mine ? asksOnce() : null));
  turn();
  setInterval(turn, EVERY);
}
