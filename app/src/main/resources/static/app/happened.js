// Something real: kept on the phone at once, sent when there is signal.
import { Queue, badge } from './queue.js';

const { token } = document.body.dataset;
const at = (id) => document.getElementById(id);
const queue = new Queue(token, badge(at('waiting')));
const chosen = (name) => document.querySelector(`input[name=${name}]:checked`)?.value;

at('keep').addEventListener('click', async () => {
  const far = at('distance').value.trim();
  const measured = far === '' || /^\d+([.,]\d+)?\s*(m|ft|yd)?$/i.test(far) && parseFloat(far) <= 1000;
  at('missing').hidden = Boolean(chosen('kind') && chosen('went') && measured);
  at('missing').textContent = measured ? 'Tap what came and how it went.' : `How far must be up to 1000, such as 8 m or 25 ft, was “${far}”.`;
  if (!at('missing').hidden) return;
  await queue.add('incident', { id: crypto.randomUUID(), kind: chosen('kind'), went: chosen('went'), place: chosen('place') ?? null,
    distance: /^\d+([.,]\d+)?$/.test(far) ? `${far} m` : far, words: at('words').value, at: new Date().toISOString() });
  document.querySelectorAll('input[type=radio]').forEach((i) => { i.checked = false; });
  at('distance').value = '';
  at('words').value = '';
  await Promise.race([queue.send(), new Promise((go) => setTimeout(go, 2000))]);
  at('kept').textContent = await queue.says('Kept.');
  scrollTo(0, 0);
});
queue.send();
document.body.dataset.ready = 'yes';
