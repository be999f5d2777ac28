// A long sitting, tapped while the world passes. Kept on the phone at once: a page that closes goes on where it was.
import { choose } from './chosen.js';
import { earlySigns, feeling } from './early.js';
import { Queue, badge } from './queue.js';
import { advice } from './watching.js';

const { token, ...figures } = document.body.dataset;
const rule = Object.fromEntries(['block', 'enough', 'least', 'most'].map((name) => [name, Number(figures[name])]));
const at = (id) => document.getElementById(id);
const queue = new Queue(token, badge(at('waiting')));
const STORE = `cahier.${token}.watch`;
const MOST_CARRIED = 2000;
const NEAREST_M = 0.5;
const FURTHEST_M = 200;
const WORDS = { CALM: 'Calm.', REACTED: 'Reacted.', ATE: 'Ate.', REFUSED: 'Would not eat.' };
let state = JSON.parse(localStorage.getItem(STORE) ?? 'null') ?? { taps: [] };

const chosen = (name) => (document.querySelector(`input[name=${name}]:checked`) ?? document.querySelector(`input[name=${name}][type=hidden]`))?.value ?? null;
const save = () => localStorage.setItem(STORE, JSON.stringify(state));
const minutes = () => (state.began ? (Date.now() - Date.parse(state.began)) / 60000 : 0);
const secondOf = (tap) => Math.floor((Date.parse(tap.at) - Date.parse(state.began)) / 1000);
const count = (taps, ...seen) => taps.filter((t) => seen.includes(t.seen)).length;

const SAYS = {
  NONE: '',
  FURTHER_OFF: 'Twice running: go further off, or home.',
  ENOUGH: 'Twice is enough for today: go home.',
  QUIETER: 'It does not eat here: choose a quieter place.',
  TOO_BUSY: `Too busy here: one in ${rule.least} to ${rule.most} minutes suits.`,
  TOO_EMPTY: `Too empty here: one in ${rule.least} to ${rule.most} minutes suits.`,
};
const said = () => SAYS[advice(rule, state.taps.map((t) => ({ seen: t.seen, second: secondOf(t) })), Math.floor(minutes() * 60), figures.expected === 'true')];

function draw() {
  const rows = Math.ceil(Math.max(minutes(), 0.01) / rule.block);
  at('minutes').textContent = state.began ? Math.floor(minutes()) : '';
  at('min').hidden = !state.began;
  at('blocks').hidden = !state.began;
  at('blocks').tBodies[0].innerHTML = Array.from({ length: rows }, (_, b) => {
    const taps = state.taps.filter((t) => Math.floor(secondOf(t) / 60 / rule.block) === b);
    return `<tr><th scope="row" class="num">${b * rule.block} to ${(b + 1) * rule.block}</th>${['CALM', 'REACTED', 'ATE', 'REFUSED'].map((s) => `<td class="num">${count(taps, s)}</td>`).join('')}</tr>`;
  }).join('');
  const carried = Number(at('carried').value);
  at('left').textContent = at('carried').value === '' ? '' : Math.max(0, carried - count(state.taps, 'CALM', 'ATE'));
  at('undo').hidden = state.taps.length === 0;
  at('end').hidden = !state.began;
  document.querySelectorAll('[data-before]').forEach((part) => { part.hidden = Boolean(state.began); });
}

function say(words) {
  at('says').textContent = [words, said()].filter(Boolean).join(' ');
  draw();
}

const sent = (tap) => ({ ...tap, sitting: state.id, dog: state.dog, place: state.place, began: state.began, carried: state.carried, metres: state.metres });

document.querySelectorAll('[data-seen]').forEach((button) => button.addEventListener('click', async () => {
  const carried = at('carried').value.trim();
  const metres = at('metres').value.trim().replace(',', '.');
  const problem = metres !== '' && !(Number(metres) >= NEAREST_M && Number(metres) <= FURTHEST_M) ? `Metres must be from ${NEAREST_M} to ${FURTHEST_M}, was “${metres}”.` : !chosen('dog') ? 'Tap which dog.' : !/^\d{0,4}$/.test(carried) || Number(carried) > MOST_CARRIED ? `Treats must be a whole number up to ${MOST_CARRIED}, was “${carried}”.` : '';
  at('missing').hidden = problem === '';
  at('missing').textContent = problem;
  if (problem) {
    at('missing').scrollIntoView({ block: 'center' });
    return;
  }
  const now = new Date().toISOString();
  if (!state.began) state = { id: crypto.randomUUID(), began: now, dog: chosen('dog'), place: chosen('place'), carried: Number(carried), metres: metres === '' ? null : Number(metres), taps: [] };
  const tap = { id: crypto.randomUUID(), seen: button.dataset.seen, kind: button.dataset.kind ?? null, at: now };
  state.taps.push(tap);
  save();
  navigator.vibrate?.(20);
  say(WORDS[tap.seen]);
  await queue.add('watch', sent(tap));
  queue.send();
}));
at('undo').addEventListener('click', async () => {
  const { id } = state.taps.pop();
  save();
  say('Taken back.');
  await queue.add('unwatch', { id, at: new Date().toISOString() });
  queue.send();
});
at('end').addEventListener('click', async () => {
  const passed = count(state.taps, 'CALM', 'REACTED');
  await queue.add('watch', sent({ id: crypto.randomUUID(), seen: 'END', at: new Date().toISOString() }));
  const words = `${passed} passed, calm at ${count(state.taps, 'CALM')}. Good place to stop.`;
  state = { taps: [] };
  localStorage.removeItem(STORE);
  at('says').textContent = words;
  draw();
  queue.send();
});
at('carried').addEventListener('input', draw);
if (state.carried) at('carried').value = state.carried;
['dog', 'place'].forEach((name) => {
  const input = document.querySelector(`input[name=${name}][value="${CSS.escape(state[name] ?? '')}"]`) ?? (name === 'dog' ? document.querySelector('input[name=dog]') : null);
  if (input?.type === 'radio') input.checked = true;
});
if (!state.sitting) choose();
setInterval(draw, 15000);
draw();
queue.send();
earlySigns(queue, () => state.dog ?? chosen('dog'));
feeling(queue, () => state.dog ?? chosen('dog'));
document.body.dataset.ready = 'yes';
