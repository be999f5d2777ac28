// Ten minutes of counting who passes, without the dog. Kept on the phone at once, sent when it is over.
import { Queue, badge } from './queue.js';

const { token } = document.body.dataset;
const at = (id) => document.getElementById(id);
const queue = new Queue(token, badge(at('waiting')));
const STORE = `cahier.${token}.count`;
const FULL_MIN = 10;
const LONGEST_MIN = 60;
const MOST = 500;
const KINDS = ['people', 'dogs', 'others'];
let state = JSON.parse(localStorage.getItem(STORE) ?? 'null') ?? { taps: [] };
let sent = null;

const place = () => document.querySelector('input[name=place]:checked');
const minutes = () => (state.began ? (Date.now() - Date.parse(state.began)) / 60000 : 0);
const count = (kind) => state.taps.filter((t) => t === kind).length;

function draw() {
  at('minutes').textContent = state.began ? Math.floor(minutes()) : '';
  at('min').hidden = !state.began;
  KINDS.forEach((kind) => { document.querySelector(`[data-count=${kind}]`).textContent = count(kind); });
  at('end').hidden = !state.began;
  at('undo').hidden = state.taps.length === 0 && !sent;
  document.querySelectorAll('input[name=place]').forEach((i) => { i.disabled = Boolean(state.began); });
  if (state.began && minutes() >= FULL_MIN) at('says').textContent = 'Ten minutes. End it, or count on.';
}

/** The time runs from the choice of the place: nobody passing is an answer too. */
function begin() {
  state = { place: place().value, began: new Date().toISOString(), taps: [] };
  sent = null;
  localStorage.setItem(STORE, JSON.stringify(state));
  at('missing').hidden = true;
  at('says').textContent = 'Counting. Ten minutes say enough.';
  draw();
}

document.querySelectorAll('input[name=place]').forEach((i) => i.addEventListener('change', begin));
document.querySelectorAll('[data-passed]').forEach((b) => b.addEventListener('click', () => {
  at('missing').hidden = Boolean(state.began);
  if (!state.began || count(b.dataset.passed) >= MOST) return;
  state.taps.push(b.dataset.passed);
  localStorage.setItem(STORE, JSON.stringify(state));
  navigator.vibrate?.(20);
  draw();
}));
at('undo').addEventListener('click', async () => {
  if (state.began) {
    state.taps.pop();
    localStorage.setItem(STORE, JSON.stringify(state));
    draw();
    return;
  }
  const id = sent;
  sent = null;
  at('says').textContent = 'Taken back.';
  draw();
  await queue.add('uncount', { id });
  queue.send();
});
at('end').addEventListener('click', async () => {
  sent = crypto.randomUUID();
  const body = { id: sent, place: state.place, began: state.began, minutes: Math.min(LONGEST_MIN, Math.max(1, Math.round(minutes()))), people: count('people'), dogs: count('dogs'), others: count('others') };
  state = { taps: [] };
  localStorage.removeItem(STORE);
  if (place()) place().checked = false;
  at('says').textContent = `Kept: ${body.people + body.dogs + body.others} passed in ${body.minutes} min.`;
  draw();
  await queue.add('count', body);
  queue.send();
});
if (state.place) {
  const input = document.querySelector(`input[name=place][value="${CSS.escape(state.place)}"]`);
  if (input) input.checked = true;
}
setInterval(draw, 5000);
draw();
queue.send();
document.body.dataset.ready = 'yes';
