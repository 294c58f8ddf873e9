// The switch for this device on the page of reminders. It appears where a browser can show notifications at all.
import { say } from '../say.js';
import { base64, bytesOf, endpoint, forget, keep, kept, made } from './device.js';

const box = document.getElementById('push');
const form = document.getElementById('push-on');
const outside = box.dataset.outside === 'true';
const can = window.isSecureContext && 'Notification' in window && 'serviceWorker' in navigator && (!outside || 'PushManager' in window);

const subscription = async () => (await navigator.serviceWorker.ready).pushManager.getSubscription();

// Where this device is written to; empty for one that takes nothing.
async function own() {
  if (outside) { return ((await subscription()) || { endpoint: '' }).endpoint; }
  const device = kept();
  return device ? endpoint(device) : '';
}

async function subscribed() {
  if (outside) {
    const worker = await navigator.serviceWorker.ready;
    const own = await worker.pushManager.subscribe({ userVisibleOnly: true, applicationServerKey: bytesOf(box.dataset.serverKey) });
    return [own.endpoint, base64(own.getKey('p256dh')), base64(own.getKey('auth'))];
  }
  // numbers of messages may begin anew, as after a restore
  const device = { ...(kept() || await made()), last: 0 };
  keep(device);
  return [await endpoint(device), device.open, device.auth];
}

async function turnsOn() {
  const allowed = await Notification.requestPermission();
  if (allowed !== 'granted') { return says(allowed); }
  try {
    [form.endpoint.value, form.publicKey.value, form.secret.value] = await subscribed();
    form.requestSubmit();
  } catch (error) { says('failed'); }
  return null;
}

async function turnsOff(off) {
  if (outside) { await ((await subscription()) || { unsubscribe() {} }).unsubscribe(); } else { forget(); }
  off.requestSubmit();
}

function says(how) {
  document.getElementById('push-says').textContent = how === 'default' ? '' : say(`script.remind.${how}`);
}

async function show() {
  if (!can) { return says('cannot'); }
  const here = await own();
  const off = here && document.querySelector(`form[data-endpoint="${CSS.escape(here)}"]`);
  (off || form).hidden = false;
  if (off) {
    off.querySelector('button').onclick = () => turnsOff(off);
    document.querySelector(`[data-device="${CSS.escape(here)}"] [data-here-device]`).hidden = false;
    return says(Notification.permission);
  }
  form.querySelector('button').onclick = turnsOn;
  return says(Notification.permission === 'denied' ? 'denied' : 'default');
}

show();
