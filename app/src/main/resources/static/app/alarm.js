// Stop and call: kept on the phone at once, sent when there is signal, and plainly said how far it has got.
import { Queue, badge } from './queue.js';

const ASK_AGAIN_MS = 3000;
const GIVE_UP_MS = 4000;

const { token } = document.body.dataset;
const at = (id) => document.getElementById(id);
const queue = new Queue(token, badge(at('waiting')));
const value = (name) => document.querySelector(`input[name=${name}]:checked, input[type=hidden][name=${name}]`)?.value;

/** What the server knows of it; null while it cannot be asked. */
async function known(id) {
  try {
    const answer = await fetch(`/o/${token}/alarms/${id}`, { headers: { Accept: 'application/json' }, cache: 'no-store' });
    return answer.ok ? await answer.json() : null;
  } catch {
    return null;
  }
}

function say(state, refused) {
  at('sent').textContent = refused ? 'Not taken. Ring your trainer now.' : !state?.received ? 'Not sent: no signal.'
    : state.opened ? 'Your trainer has read it.'
      : state.mail ? 'Sent, and a mail is on its way.' : 'Sent. Ring your trainer now.';
  at('ring').hidden = Boolean(state?.received);
}

at('raise').addEventListener('click', async () => {
  at('no-kind').hidden = Boolean(value('kind'));
  at('no-dog')?.toggleAttribute('hidden', Boolean(value('dog')));
  if (!value('kind') || !value('dog')) {
    (value('dog') ? at('no-kind') : at('no-dog')).scrollIntoView({ block: 'center' });
    return;
  }
  at('raise').disabled = true;
  const id = crypto.randomUUID();
  await queue.add('alarm', { id, dog: value('dog'), kind: value('kind'), what: at('what').value, at: new Date().toISOString() });
  await Promise.race([queue.send(), new Promise((go) => setTimeout(go, GIVE_UP_MS))]);
  at('ask').hidden = true;
  at('sending').hidden = true;
  at('after').hidden = false;
  let state = await known(id);
  const refused = (await queue.parked()).some((w) => w.body.id === id);
  say(state, refused);
  if (refused) return;
  const again = setInterval(async () => {
    state = (await known(id)) ?? state;
    say(state);
    if (state?.opened) clearInterval(again);
  }, ASK_AGAIN_MS);
});
document.body.dataset.ready = 'yes';
