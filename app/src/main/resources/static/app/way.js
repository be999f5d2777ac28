// Today's walk, place by place: in again after each, and home at the first that is not calm. Kept on the phone at once, sent when it is over.
import { choose } from './chosen.js';
import { feeling } from './early.js';
import { Queue, badge } from './queue.js';

const { token } = document.body.dataset;
const at = (id) => document.getElementById(id);
const queue = new Queue(token, badge(at('waiting')));
const STORE = `cahier.${token}.way`;
const SAME_WALK_MS = 3 * 3600_000;
const fresh = () => ({ calm: 0, over: false, sent: null });
let state = JSON.parse(localStorage.getItem(STORE) ?? 'null');
if (!state || Date.now() - state.begun > SAME_WALK_MS) state = fresh();

const dog = () => document.querySelector('input[name=dog]:checked');
const places = () => state.places ?? (dog()?.dataset.places ?? '').split('|').filter(Boolean);
const save = () => localStorage.setItem(STORE, JSON.stringify(state));

function draw() {
  const all = places();
  at('asked').hidden = all.length === 0;
  at('plan').replaceChildren(...all.map((place, i) => {
    const line = document.createElement('li');
    line.className = i === state.calm && !state.over ? 'now' : '';
    line.textContent = place + (i < state.calm ? ', calm' : state.over && i === state.calm ? ', not calm' : '');
    return line;
  }));
  at('number').textContent = all.length === 0 ? '' : Math.min(all.length, state.calm + 1);
  if (!state.over && all[state.calm]) at('place').textContent = all[state.calm];
  at('tapping').hidden = state.over || all.length === 0;
  at('undo').hidden = state.calm === 0 && !state.over;
  document.querySelectorAll('input[name=dog]').forEach((i) => { i.disabled = Boolean(state.places) && !state.over; });
}

function begin() {
  if (!state.places) state = { ...fresh(), dog: dog().value, places: places(), begun: Date.now() };
}

async function end(tried) {
  state.over = true;
  state.sent = crypto.randomUUID();
  const walk = { id: state.sent, dog: state.dog, places: state.places.slice(0, tried), calm: state.calm, at: new Date().toISOString() };
  save();
  draw();
  await queue.add('outing', walk);
  localStorage.removeItem(STORE);
  queue.send();
}

at('calm').addEventListener('click', () => {
  begin();
  state.calm += 1;
  if (state.calm < state.places.length) {
    at('says').textContent = `In again. Then out to ${state.places[state.calm]}.`;
    save();
    draw();
    return;
  }
  at('says').textContent = 'Calm all the way. Good place to stop.';
  end(state.calm);
});
at('not').addEventListener('click', () => {
  begin();
  at('says').textContent = 'Home now, quietly. It ends there today.';
  end(state.calm + 1);
});
at('undo').addEventListener('click', async () => {
  const { sent } = state;
  if (!sent) state.calm -= 1;
  else if (state.calm === state.places.length) state.calm -= 1;
  state.over = false;
  state.sent = null;
  save();
  at('says').textContent = 'Taken back.';
  draw();
  if (sent) await queue.add('unout', { id: sent, at: new Date().toISOString() });
  queue.send();
});
document.querySelectorAll('input[name=dog]').forEach((i) => i.addEventListener('change', () => { if (state.over) state = fresh(); draw(); }));
if (state.dog) document.querySelector(`input[name=dog][value="${CSS.escape(state.dog)}"]`)?.click();
else choose();
draw();
queue.send();
feeling(queue, () => dog()?.value ?? state.dog);
document.body.dataset.ready = 'yes';
