// One rep is one tap. The page only keeps and shows what was tapped; what it means is decided on the server.
import { Queue, badge, sitting } from './queue.js';
import { keepPages } from './offline.js';

const OUTCOMES = { CLEAN: 'clean', HELPED: 'helped', MISSED: 'missed', TOO_MUCH: 'too much' };
const UNDO_MS = 60_000;
const SAME_SITTING_MS = 30 * 60_000;

const page = document.body.dataset;
const step = page.step;
const dose = Number(page.dose);
const at = (id) => document.getElementById(id);
const queue = new Queue(page.token, badge(at('waiting')));
// items waits to be handed to the queue: a tap is kept here first, at once, and leaves when the queue has it.
let state = { step: `${page.token}/${step}`, session: crypto.randomUUID(), reps: [], items: [] };

// ---- who and where, remembered from last time ----

function remember(name) {
  const key = `cahier.${page.token.slice(0, 8)}.${name}`;
  const all = [...document.querySelectorAll(`input[name=${name}]`)];
  const known = all.find((i) => i.value === localStorage.getItem(key));
  const first = (name === 'place' && all.find((i) => i.dataset.named)) || known || all[0];
  if (first) first.checked = true;
  all.forEach((i) => i.addEventListener('change', () => { localStorage.setItem(key, i.value); saySetup(); }));
}
function choose(name, value) {
  const choice = document.querySelector(`input[name=${name}][value="${value}"]`);
  if (choice) choice.checked = true;
  saySetup();
}
const word = (name) => document.querySelector(`input[name=${name}]:checked + span`)?.textContent;
function saySetup() {
  if (at('setup')) at('setup-says').textContent = [word('person'), word('place')].filter(Boolean).join(', ');
}
const chosen = (name) => document.querySelector(`input[name=${name}]:checked`)?.value ?? null;

// ---- the marks ----

const SVG = 'http://www.w3.org/2000/svg';
function mark(outcome) {
  const svg = document.createElementNS(SVG, 'svg');
  const use = document.createElementNS(SVG, 'use');
  svg.setAttribute('class', `pen ${OUTCOMES[outcome].replace(' ', '')}`);
  svg.setAttribute('viewBox', '0 0 24 24');
  svg.setAttribute('aria-hidden', 'true');
  use.setAttribute('href', `#g-${OUTCOMES[outcome].replace(' ', '-')}`);
  svg.append(use);
  return svg;
}

function spoken() {
  return Object.entries(OUTCOMES).map(([o, word]) => [state.reps.filter((r) => r.outcome === o).length, word])
    .filter(([n]) => n > 0).map(([n, word]) => `${n} ${word}`).join(', ');
}

function draw() {
  const n = state.reps.length;
  const cells = state.reps.map((r) => mark(r.outcome));
  for (let i = n; i < dose; i++) {
    const dot = document.createElement('span');
    dot.className = i === n ? 'nowc' : 'dot';
    cells.push(dot);
  }
  at('cells').replaceChildren(...cells);
  at('cells').setAttribute('aria-label', n === 0 ? 'No reps yet' : `${n} of ${dose} done: ${spoken()}`);
  at('rep').textContent = n + 1;
  at('total').textContent = n;
  at('count').textContent = n < dose ? `${n} of ${dose} done` : `${n} done. Good place to stop.`;
  at('summary').textContent = n === 0 ? 'No reps this time.' : `${spoken()}. That counts.`;
  at('stop').hidden = state.reps.at(-1)?.outcome !== 'TOO_MUCH';
  offerUndo();
}

function offerUndo() {
  const last = state.reps.at(-1);
  at('undo').hidden = !last || Date.now() - Date.parse(last.at) > UNDO_MS;
  at('undo').textContent = last ? `Undo ${OUTCOMES[last.outcome]}` : '';
}

// ---- tapping ----

async function tap(outcome) {
  const rep = { id: crypto.randomUUID(), sessionId: state.session, stepId: Number(step), outcome, at: new Date().toISOString(),
    person: chosen('person'), place: chosen('place') };
  state.reps.push(rep);
  const handed = keep('rep', rep);
  if (at('setup')) at('setup').open = false;
  draw();
  await handed;
  if (outcome !== 'TOO_MUCH' && state.reps.length === dose) end(true);
}

async function undo() {
  const rep = state.reps.pop();
  if (!rep) return;
  const handed = keep('undo', { id: rep.id, at: new Date().toISOString() });
  draw();
  await handed;
}

/** Keeps an item with the sitting, then hands it to the queue. Handed over twice after a reload, it is still one rep. */
function keep(kind, body) {
  const item = { kind, body };
  state.items.push(item);
  sitting.save(state);
  return hand(item);
}

async function hand(item) {
  await queue.add(item.kind, item.body);
  state.items = state.items.filter((i) => i.body.id !== item.body.id || i.kind !== item.kind);
  if (!state.over) sitting.save(state);
}

function end(over) {
  at('practising').hidden = over;
  at('tapping').hidden = over;
  at('ending').hidden = !over;
  at('finishing').hidden = !over;
  if (over) at('finish').focus();
  draw();
}

async function finish() {
  at('finish').disabled = true;
  if (state.reps.length > 0) {
    await queue.add('finish', { id: state.session, at: new Date().toISOString(),
      how: chosen('how'), note: at('note').value });
  }
  state.over = true;
  sitting.clear(state.step);
  await Promise.race([queue.send(), new Promise((go) => setTimeout(go, 1500))]);
  location.assign(`/o/${page.token}`);
}

document.querySelectorAll('[data-outcome]').forEach((b) => b.addEventListener('click', () => tap(b.dataset.outcome)));
at('undo').addEventListener('click', undo);
at('enough').addEventListener('click', () => {
  document.querySelector('input[name=how][value=STOPPED]').checked = true;
  end(true);
});
at('carry-on').addEventListener('click', () => end(false));
at('finish').addEventListener('click', finish);

remember('person');
remember('place');
saySetup();
const kept = sitting.load(state.step);
for (const item of kept?.items ?? []) await queue.add(item.kind, item.body);
if (kept && kept.reps.length > 0 && Date.now() - Date.parse(kept.reps.at(-1).at) < SAME_SITTING_MS) {
  state = { ...kept, items: [] };
  sitting.save(state);
  const last = kept.reps.at(-1);
  choose('person', last.person);
  choose('place', last.place);
  if (at('setup')) at('setup').open = false;
} else {
  sitting.clear(state.step);
}
draw();
setInterval(offerUndo, 5000);
queue.send();
keepPages(page.token, [`/o/${page.token}`]);
document.body.dataset.ready = 'yes';
