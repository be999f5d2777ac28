// One tap is one touch: kept on the phone at once, sent when there is signal.
import { choose } from './chosen.js';
import { earlySigns } from './early.js';
import { Queue, badge } from './queue.js';

const { token } = document.body.dataset;
const at = (id) => document.getElementById(id);
const queue = new Queue(token, badge(at('waiting')));
const sitting = crypto.randomUUID();
const WORDS = { CALM: 'Calm.', STIFF: 'Stiff: shorter next time.', FLINCH: 'Flinched: one zone back.', LEFT: 'It left: wait, let it come.' };
const MOST_S = 600;
const taps = [];

const chosen = (name) => document.querySelector(`input[name=${name}]:checked`);
function aim() {
  const next = chosen('dog')?.dataset.next;
  const zone = document.querySelector(`input[name=zone][value="${next}"]`);
  if (zone) zone.checked = true;
}
function show(words) {
  at('says').textContent = words;
  at('undo').hidden = taps.length === 0;
  at('count').textContent = taps.length === 0 ? '' : `${taps.length} now`;
}

document.querySelectorAll('[data-seen]').forEach((button) => button.addEventListener('click', async () => {
  const typed = at('seconds').value.trim();
  const wrong = /^\d{1,3}$/.test(typed) && Number(typed) <= MOST_S ? '' : `Seconds must be a whole number up to ${MOST_S}, was “${typed}”.`;
  at('missing').hidden = wrong === '';
  at('missing').textContent = wrong;
  if (wrong || !chosen('dog') || !chosen('zone')) return;
  const { seen } = button.dataset;
  const id = crypto.randomUUID();
  taps.push(id);
  show(WORDS[seen]);
  navigator.vibrate?.(20);
  await queue.add('touch', { id, sitting, dog: chosen('dog').value, zone: chosen('zone').value, seconds: Number(typed), seen, back: seen === 'CALM' ? true : seen === 'LEFT' ? false : null, at: new Date().toISOString() });
  queue.send();
}));
at('undo').addEventListener('click', async () => {
  await queue.add('untouched', { id: taps.pop(), at: new Date().toISOString() });
  show('Taken back.');
  queue.send();
});
document.querySelectorAll('input[name=dog]').forEach((i) => i.addEventListener('change', aim));
choose();
aim();
queue.send();
earlySigns(queue, () => chosen('dog')?.value);
document.body.dataset.ready = 'yes';
