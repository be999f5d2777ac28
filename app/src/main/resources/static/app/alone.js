// A session of departures, timed from the door. Kept on the phone at once: a page that closes goes on where it was.
import { choose } from './chosen.js';
import { afterUpset } from './departing.js';
import { Queue, badge } from './queue.js';

const { token, school } = document.body.dataset;
const atQuiet = school === 'RETURN_AT_QUIET';
const at = (id) => document.getElementById(id);
const queue = new Queue(token, badge(at('waiting')));
const STORE = `cahier.${token}.alone`;
const MOST_S = 43200;
const MOST_SETTLING_S = 3600;
let state = JSON.parse(localStorage.getItem(STORE) ?? 'null') ?? { went: [] };

const dog = () => document.querySelector('input[name=dog]:checked');
const plan = () => state.plan ?? (dog()?.dataset.plan ?? '').split(',').filter(Boolean).map(Number);
const words = (s) => (s < 60 ? `${s} s` : `${Math.floor(s / 60)} min${s % 60 ? ` ${s % 60} s` : ''}`);
const save = () => localStorage.setItem(STORE, JSON.stringify(state));
const elapsed = () => Math.min(MOST_S, Math.max(1, Math.round((Date.now() - state.out) / 1000)));

/** One departure as long as it is, filled as far as it went: to be seen from the door. */
function bar(seconds, went, isNext, longest) {
  const line = document.createElement('li');
  line.className = went ? (went.upset === null ? 'calm' : 'upset') : isNext ? 'now' : '';
  line.append(words(seconds) + (went ? `, ${went.upset === null ? 'calm' : `upset after ${words(went.upset)}`}` : ''));
  const long = document.createElement('span');
  long.className = 'long';
  long.style.width = `${Math.max(4, (100 * seconds) / longest)}%`;
  const gone = document.createElement('span');
  gone.style.width = went ? `${Math.min(100, (100 * (went.left ?? seconds)) / seconds)}%` : 0;
  long.append(gone);
  line.append(long);
  return line;
}

/** The running one grows; past its time it is another colour. */
function grow() {
  at('gone').textContent = state.out ? words(elapsed()) : '';
  const running = state.out && at('plan').querySelector('.now');
  if (!running) return;
  const seconds = plan()[state.went.length];
  running.classList.toggle('late', elapsed() > seconds);
  running.querySelector('.long > span').style.width = `${Math.min(100, (100 * elapsed()) / seconds)}%`;
}

function draw() {
  const next = state.went.length;
  const longest = Math.max(...plan(), 1);
  at('plan').replaceChildren(...plan().map((s, i) => bar(s, state.went[i], i === next, longest)));
  grow();
  at('out').hidden = Boolean(state.out) || next >= plan().length || plan().length === 0;
  at('back').hidden = !state.out;
  at('undo').hidden = next === 0 || Boolean(state.out);
  at('lies').hidden = !state.rests || Boolean(state.out);
  document.querySelectorAll('input[name=dog]').forEach((i) => { i.disabled = Boolean(state.sitting); });
}

at('out').addEventListener('click', () => {
  if (!state.sitting) state = { sitting: crypto.randomUUID(), dog: dog().value, plan: plan(), went: [] };
  state.out = Date.now();
  state.rests = null;
  save();
  at('says').textContent = `Out: back at ${words(plan()[state.went.length])}, ${atQuiet ? 'or at a second of quiet when it calls' : 'sooner when it stirs'}.`;
  draw();
});

async function back(upset) {
  const left = elapsed();
  const tap = { id: crypto.randomUUID(), sitting: state.sitting, dog: state.dog, left, upset: upset ? left : null, at: new Date().toISOString() };
  state.went.push({ id: tap.id, upset: tap.upset, left });
  state.out = null;
  state.rests = upset ? null : { id: tap.id, since: Date.now() };
  save();
  if (upset) {
    const done = state.went.length;
    state.plan = [...plan().slice(0, done), ...afterUpset(plan().slice(done), left, state.went.filter((w) => w.upset !== null).length, atQuiet)];
    save();
  }
  const over = state.went.length >= plan().length;
  at('says').textContent = upset ? (over ? 'Enough for today. The next is shorter.' : 'Wait until it rests. The next ones are shorter.')
    : over ? 'Good place to stop.' : 'Calm. Wait until it rests, then the next.';
  await queue.add('departure', tap);
  if (over) {
    localStorage.removeItem(STORE);
    state = { went: state.went, plan: state.plan, over: true, sitting: state.sitting, rests: state.rests };
    at('out').hidden = true;
  }
  draw();
  if (over) at('out').hidden = true;
  queue.send();
}
at('calm').addEventListener('click', () => back(false));
at('upset').addEventListener('click', () => back(true));
/** From the return until it lies: asked once, and nothing waits for it. */
at('lies').addEventListener('click', async () => {
  const { id, since } = state.rests;
  const seconds = Math.min(MOST_SETTLING_S, Math.round((Date.now() - since) / 1000));
  state.rests = null;
  if (!state.over) save();
  at('says').textContent = `It lay down after ${words(seconds)}.`;
  draw();
  await queue.add('settled', { id, seconds });
  queue.send();
});
at('undo').addEventListener('click', async () => {
  const { id } = state.went.pop();
  state.rests = null;
  if (!state.over) save();
  await queue.add('undeparted', { id, at: new Date().toISOString() });
  at('says').textContent = 'Taken back.';
  draw();
  queue.send();
});
document.querySelectorAll('input[name=dog]').forEach((i) => i.addEventListener('change', draw));
if (state.dog) document.querySelector(`input[name=dog][value="${CSS.escape(state.dog)}"]`)?.click();
else choose();
setInterval(grow, 1000);
draw();
queue.send();
document.body.dataset.ready = 'yes';
