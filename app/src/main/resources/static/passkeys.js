// Signs in with a passkey, and makes one. What the device says goes to the server as it is.

import { sendJson } from './send.js';

function trouble(button) {
  const said = button.closest('form, [data-passkey-form]').querySelector('[data-passkey-trouble]');
  said.hidden = false;
}

async function signIn(button) {
  const asked = await sendJson('/webauthn/authenticate/options', {});
  const credential = await navigator.credentials.get({ publicKey: PublicKeyCredential.parseRequestOptionsFromJSON(asked) });
  await sendJson('/login/webauthn', credential.toJSON());
  window.location.assign(button.dataset.to);
}

async function add(button) {
  const label = button.closest('[data-passkey-form]').querySelector('[name=label]').value.trim();
  const asked = await sendJson('/webauthn/register/options', {});
  const credential = await navigator.credentials.create({ publicKey: PublicKeyCredential.parseCreationOptionsFromJSON(asked) });
  await sendJson('/webauthn/register', { publicKey: { credential: credential.toJSON(), label: label || navigator.platform } });
  window.location.assign('/account');
}

if (window.PublicKeyCredential && PublicKeyCredential.parseRequestOptionsFromJSON) {
  document.querySelectorAll('[data-passkey]').forEach((button) => { button.hidden = false; });
  document.addEventListener('click', async (event) => {
    const button = event.target.closest('[data-passkey]');
    if (!button) { return; }
    button.disabled = true;
    try {
      await (button.dataset.passkey === 'in' ? signIn(button) : add(button));
    } catch (error) {
      trouble(button);
    }
    button.disabled = false;
  });
}
