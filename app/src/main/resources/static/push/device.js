// This device as the simulated push service knows it: a secret of its own, whose hash is its address there, and the keys that what
// is sent to it is encrypted with (RFC 8291). They are kept in this browser, for this account, until it signs out.
const keeper = document.querySelector('meta[name="keeper"]');
const KEPT = keeper ? `pelluna-push-${keeper.content}` : '';
const CURVE = { name: 'ECDH', namedCurve: 'P-256' };
const SECRET_BYTES = 32;
const AUTH_BYTES = 16;

const utf8 = new TextEncoder();

export const base64 = (bytes) => btoa(String.fromCharCode(...new Uint8Array(bytes)))
  .replaceAll('+', '-').replaceAll('/', '_').replace(/=+$/, '');
export const bytesOf = (text) => Uint8Array.from(atob(text.replaceAll('-', '+').replaceAll('_', '/')), (c) => c.charCodeAt(0));

// What is kept: the secret, the key pair, and the last message that has come; null for a device that has none.
export function kept() {
  try { return JSON.parse(localStorage.getItem(KEPT)); } catch (error) { return null; }
}
export function keep(device) { localStorage.setItem(KEPT, JSON.stringify(device)); }
export function forget() { localStorage.removeItem(KEPT); }

// A new one, as a browser makes it that subscribes.
export async function made() {
  const pair = await crypto.subtle.generateKey(CURVE, true, ['deriveBits']);
  return {
    secret: base64(crypto.getRandomValues(new Uint8Array(SECRET_BYTES))),
    auth: base64(crypto.getRandomValues(new Uint8Array(AUTH_BYTES))),
    open: base64(await crypto.subtle.exportKey('raw', pair.publicKey)),
    own: await crypto.subtle.exportKey('jwk', pair.privateKey),
    last: 0,
  };
}

export async function endpoint(device) {
  const address = await crypto.subtle.digest('SHA-256', utf8.encode(device.secret));
  return `/push-service/${base64(address)}`;
}

async function hkdf(key, salt, info, bytes) {
  const from = await crypto.subtle.importKey('raw', key, 'HKDF', false, ['deriveBits']);
  return crypto.subtle.deriveBits({ name: 'HKDF', hash: 'SHA-256', salt, info }, from, bytes * 8);
}

const joined = (...parts) => Uint8Array.from(parts.flatMap((part) => [...new Uint8Array(part)]));

// What only this device can read: RFC 8291 around RFC 8188, as a browser does it before it wakes its worker.
export async function opened(body, device) {
  const [salt, rest] = [body.slice(0, 16), body.slice(20)];
  const [theirs, sealed] = [rest.slice(1, 1 + rest[0]), rest.slice(1 + rest[0])];
  const own = await crypto.subtle.importKey('jwk', device.own, CURVE, false, ['deriveBits']);
  const their = await crypto.subtle.importKey('raw', theirs, CURVE, false, []);
  const shared = await crypto.subtle.deriveBits({ name: 'ECDH', public: their }, own, 256);
  const info = joined(utf8.encode('WebPush: info\0'), bytesOf(device.open), theirs);
  const secret = await hkdf(shared, bytesOf(device.auth), info, 32);
  const key = await hkdf(secret, salt, utf8.encode('Content-Encoding: aes128gcm\0'), 16);
  const nonce = await hkdf(secret, salt, utf8.encode('Content-Encoding: nonce\0'), 12);
  const lock = await crypto.subtle.importKey('raw', key, 'AES-GCM', false, ['decrypt']);
  const padded = new Uint8Array(await crypto.subtle.decrypt({ name: 'AES-GCM', iv: nonce }, lock, sealed));
  // a delimiter and zeros stand behind what was meant
  return new TextDecoder().decode(padded.slice(0, padded.lastIndexOf(2)));
}
