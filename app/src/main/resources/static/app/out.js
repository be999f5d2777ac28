// One walk from the door and home again: kept on the phone at once, sent when there is signal.
import { choose } from './chosen.js';
import { feeling } from './early.js';
import { Queue, badge } from './queue.js';

const { token } = document.body.dataset;
const at = (id) => document.getElementById(id);
const queue = new Queue(token, badge(at('waiting')));
const ROUND = `cahier.${token}.round`;
const MOST = 20000;
let last = null;

const chosen = (name) => (document.querySelector(`input[name=${name}]:checked`) ?? document.querySelector(`input[name=${name}][type=hidden]`))?.value ?? null;
const whole = (id) => (/^\d{1,5}$/.test(at(id).value.trim()) && Number(at(id).value) <= MOST ? Number(at(id).value) : null);

function problem() {
  if (whole('paces') === null) return `How far out must be a whole number of paces up to ${MOST}, was “${at('paces').value}”.`;
  if (whole('calm') === null || whole('calm') > whole('paces')) return `Calm up to must be from 0 to ${whole('paces')}, was “${at('calm').value}”.`;
  if (at('round').value.trim() !== '' && !whole('round')) return `The round must be a whole number of paces from 1 to ${MOST}, was “${at('round').value}”.`;
  return '';
}

at('keep').addEventListener('click', async () => {
  const wrong = problem();
  at('missing').hidden = wrong === '';
  at('missing').textContent = wrong;
  if (wrong) return;
  last = crypto.randomUUID();
  localStorage.setItem(ROUND, at('round').value.trim());
  await queue.add('outing', { id: last, dog: chosen('dog'), paces: whole('paces'), calm: whole('calm'), round: whole('round'), at: new Date().toISOString() });
  at('says').textContent = `Kept: ${at('paces').value} paces out, calm to ${at('calm').value}.`;
  at('undo').hidden = false;
  at('paces').value = '';
  at('calm').value = '';
  queue.send();
  scrollTo(0, 0);
});
at('undo').addEventListener('click', async () => {
  await queue.add('unout', { id: last, at: new Date().toISOString() });
  at('undo').hidden = true;
  at('says').textContent = 'Taken back.';
  queue.send();
});
choose();
at('round').value = localStorage.getItem(ROUND) ?? '';
queue.send();
feeling(queue, () => (document.querySelector('input[name=dog]:checked') ?? document.querySelector('input[name=dog][type=hidden]'))?.value);
document.body.dataset.ready = 'yes';
