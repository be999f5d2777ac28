// The reps of the last days, to be put right; what is changed waits like a rep where there is no signal.
import { Correction } from './correct.js';
import { counted, mark } from './marks.js';
import { keepPages } from './offline.js';
import { Queue, badge } from './queue.js';

const { token } = document.body.dataset;
const queue = new Queue(token, badge(document.getElementById('waiting')));
const reps = (row) => [...row.querySelectorAll('[data-rep]')].map((cell) => ({ id: cell.dataset.rep, outcome: cell.dataset.outcome, at: cell.dataset.at }));

const correction = new Correction(async (was, n, outcome) => {
  const cell = document.querySelector(`[data-rep="${was.id}"]`);
  const row = cell.closest('.cells');
  const at = new Date().toISOString();
  let handed;
  if (outcome) {
    const as = crypto.randomUUID();
    Object.assign(cell.dataset, { rep: as, outcome });
    cell.replaceChildren(mark(outcome, 24));
    handed = queue.add('correct', { id: was.id, as, outcome, at });
  } else {
    cell.remove();
    handed = queue.add('undo', { id: was.id, at });
  }
  row.parentElement.querySelector('.said').textContent = `${counted(reps(row)) || 'No reps'}. Put right.`;
  await handed;
});
document.querySelectorAll('.cells').forEach((row) => row.addEventListener('click', () => correction.choose(reps(row))));
queue.send();
keepPages(token, []);
document.body.dataset.ready = 'yes';
