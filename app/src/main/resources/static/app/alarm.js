// Stop and call: kept on the phone at once, sent when there is signal, and plainly said when it was not.
import { Queue, badge } from './queue.js';

const { token } = document.body.dataset;
const at = (id) => document.getElementById(id);
const queue = new Queue(token, badge(at('waiting')));
const value = (name) => document.querySelector(`input[name=${name}]:checked, input[type=hidden][name=${name}]`)?.value;

function say(sent) {
  at('sent').textContent = sent ? 'Your trainer has been told.' : 'Not sent: no signal.';
  at('ring').hidden = sent;
}

at('raise').addEventListener('click', async () => {
  at('no-kind').hidden = Boolean(value('kind'));
  if (!value('kind')) return;
  at('raise').disabled = true;
  const id = crypto.randomUUID();
  await queue.add('alarm', { id, dog: value('dog'), kind: value('kind'), what: at('what').value, at: new Date().toISOString() });
  await Promise.race([queue.send(), new Promise((go) => setTimeout(go, 4000))]);
  const waits = async () => (await queue.mine()).some((w) => w.body.id === id);
  at('ask').hidden = true;
  at('sending').hidden = true;
  at('after').hidden = false;
  say(!await waits());
  const again = setInterval(async () => {
    if (!await waits()) {
      say(true);
      clearInterval(again);
    }
  }, 3000);
});
document.body.dataset.ready = 'yes';
