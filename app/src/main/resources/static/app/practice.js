// One rep is one tap. The page only keeps and shows what was tapped; what it means is decided on the server.
import { RepClock } from './clock.js';
import { Coach } from './coach.js';
import { Correction } from './correct.js';
import { earlySigns } from './early.js';
import { OUTCOMES, counted, mark } from './marks.js';
import { Queue, badge, sitting } from './queue.js';
import { keepPages } from './offline.js';
import { isStopped, stop } from './stopped.js';

const UNDO_MS = 60_000;
const MOST_COUNTED = 100;
const LONGEST_LABEL = 40;
const SAME_SITTING_MS = 30 * 60_000;

const page = document.body.dataset;
const step = page.step;
const before = Number(/^#after=(\d+)$/.exec(location.hash)?.[1] ?? 0);   // reps of this session on the step before
let dose = Math.max(1, Number(page.dose) - before);
const at = (id) => document.getElementById(id);
const queue = new Queue(page.token, badge(at('waiting')));
const coach = new Coach(page);
coach.dose = dose;
const numbers = (list) => (list ? list.split(',').map(Number) : []);
const fed = numbers(page.fed);
const mix = page.mix ? page.mix.split('|') : [];
const household = page.token.slice(0, 8);
const clock = at('start') ? new RepClock(Boolean(page.measured), Number(page.lasts ?? 0), numbers(page.pay), `cahier.${household}.pay.${step}`) : null;
// items waits to be handed to the queue: a tap is kept here first, at once, and leaves when the queue has it.
let state = { step: `${page.token}/${step}`, session: crypto.randomUUID(), reps: [], items: [], cameBack: 0, stayedOff: 0, leadOn: 0, leadHome: 0, refresh: page.refresh ?? '', dose };

// ---- who and where, remembered from last time ----

function remember(name) {
  const key = `cahier.${household}.${name}`;
  const all = [...document.querySelectorAll(`input[name=${name}]`)];
  const known = all.find((i) => i.value === localStorage.getItem(key));
  const first = (name === 'place' && all.find((i) => i.dataset.named)) || known || all[0];
  if (first) first.checked = true;
  if (name === 'person' && known && !first.dataset.child && at('setup')) at('setup').open = false;   // as last time: nothing to tap
  all.forEach((i) => i.addEventListener('change', () => { localStorage.setItem(key, i.value); saySetup(); }));
}
function choose(name, value) {
  const choice = document.querySelector(`input[name=${name}][value="${value}"]`);
  if (choice) choice.checked = true;
  saySetup();
}
/** What was typed once stands there the next time. */
function rememberTyped(id) {
  if (!at(id)) return;
  const key = `cahier.${household}.${id}`;
  at(id).value = localStorage.getItem(key) ?? '';
  at(id).addEventListener('input', () => localStorage.setItem(key, at(id).value));
}
const typed = (id) => at(id)?.value.trim().slice(0, LONGEST_LABEL) ?? '';
const word = (name) => document.querySelector(`input[name=${name}]:checked + span`)?.textContent;
function saySetup() {
  adults();
  const adult = at('adults')?.hidden === false && word('adult');
  if (at('setup')) at('setup-says').textContent = [word('person') && adult ? `${word('person')} with ${adult}` : word('person'), word('place')].filter(Boolean).join(', ');
}
/** Somebody under 16 practises only while a named adult is there. */
function adults() {
  if (!at('adults')) return;
  at('adults').hidden = !document.querySelector('input[name=person]:checked')?.dataset.child;
}
const lacksAdult = () => Boolean(at('adults')) && !at('adults').hidden && !chosen('adult');
const chosen = (name) => document.querySelector(`input[name=${name}]:checked`)?.value ?? null;

// ---- the marks ----

const spoken = () => counted(state.reps);

function draw() {
  const n = state.reps.length;
  const cells = state.reps.map((r) => mark(r.outcome));
  for (let i = n; i < dose; i++) {
    const dot = document.createElement('span');
    dot.className = i === n ? 'nowc' : 'dot';
    cells.push(dot);
  }
  at('cells').replaceChildren(...cells);
  at('cells').setAttribute('aria-label', n === 0 ? 'No reps yet' : `${n} of ${dose} done: ${spoken()}. Put one right`);
  at('cells').disabled = n === 0;
  if (fed.length > 0) at('fed').textContent = fed[(n + fedFrom) % fed.length] ? 'Clean? Pay this one with food.' : 'Clean? No food for this one: praise, and on.';
  if (mix.length > 0) at('payoff').textContent = mix[(n + payFrom) % mix.length];
  at('rep').textContent = n + 1;
  at('total').textContent = n;
  at('count').textContent = n < dose ? `${n} of ${dose} done` : `${n} done.`;
  at('summary').textContent = n === 0 ? 'No reps this time.' : `${spoken()}. That counts.`;
  at('stop').hidden = state.reps.at(-1)?.outcome !== 'TOO_MUCH';
  leads();
  coaching();
  offerUndo();
}

function leads() {
  if (!at('lead')) return;
  const { leadOn, leadHome } = state;
  at('lead-says').textContent = leadOn === 0 ? '' : `On ${leadOn} times, ${leadHome} of them and home.`;
}

// ---- the coach: what it says, and which role the next rep has ----

let role = 'WORK';
const fedFrom = Math.floor(Math.random() * Math.max(1, fed.length));
const payFrom = Math.floor(Math.random() * Math.max(1, mix.length));

function coaching() {
  const n = state.reps.length;
  const { says, easy } = coach.after(state.reps, Date.now());
  const breathes = says === 'B' && state.breathed !== n;
  const probing = Number(page.probe) - state.reps.filter((r) => r.role === 'PROBE').length;
  role = coach.role(says, easy, probing, begins());
  at('probe')?.toggleAttribute('hidden', probing <= 0);
  if (at('probe')) at('probe-left').textContent = probing;
  const easier = page.easier || 'With full help.';
  const eased = role === 'EASE' || role === 'WIN' || role === 'REFRESH';
  at('say').textContent = eased ? easier : page.how;
  at('coach').hidden = !(eased || breathes) || says === 'S';
  at('coach-says').textContent = breathes ? `Let ${page.dog} walk off. Does it come back by itself?`
    : role === 'WIN' ? 'One sure win, then stop.' : role === 'REFRESH' ? 'After the break: an easier one first.' : 'Easier for three.';
  at('came-back').hidden = !breathes;
  at('stop-next').textContent = says === 'S' ? 'No more of this today.' : 'Wait until it is calm. Then an easier one.';
  stop(page.token, page.track, says === 'S');
  at('outcomes').hidden = says === 'S' || !at('moved').hidden;
  at('stop-now').hidden = says !== 'S';
  const last = state.reps.at(-1);
  const asksHelp = Boolean(at('helped')) && last?.outcome === 'HELPED';
  at('helped')?.toggleAttribute('hidden', !asksHelp || last.aid !== undefined || last.cues !== undefined);
  at('slips')?.toggleAttribute('hidden', asksHelp || !['MISSED', 'HELPED'].includes(last?.outcome) || last.slip !== undefined);
  at('before').hidden = n > 0 || before > 0 || Boolean(clock?.running);
  at('minutes').textContent = n > 0 ? `${Math.max(0, Math.ceil(coach.leftMs(state.reps, Date.now()) / 60_000))} min left` : '';
  return says;
}

/** Where the owner may move on: whether the reps so far have earned it, as the server says; without signal it goes on when the session has closed. */
async function goOn() {
  if (!page.goesOn) return;
  const earned = state.reps.at(-1)?.id;
  try {
    await queue.send();
    if ((await queue.mine()).length > 0) return;
    const answer = await fetch(`/o/${page.token}/practice/${step}/next`);
    if (!answer.ok) return;
    const next = await answer.json();
    if (state.reps.at(-1)?.id !== earned) return;
    at('moved').hidden = !next.step;
    at('moved-says').textContent = next.says ?? '';
    if (next.step) at('moved-go').href = `/o/${page.token}/practice/${next.step}#after=${state.reps.length}`;
    draw();
  } catch {
    // no signal
  }
}

/** After a pause the session begins easier, until one of those was clean. */
const begins = () => state.refresh === 'EASIER' && !state.reps.some((r) => r.role === 'REFRESH' && r.outcome === 'CLEAN');

/** Adds to the last rep: what kind of miss, where it broke, what was seen. */
async function describe(detail) {
  const rep = state.reps.at(-1);
  if (!rep) return;
  Object.assign(rep, detail);
  const handed = keep('detail', { id: rep.id, slip: rep.slip ?? null, event: rep.event ?? '', sign: rep.sign ?? null, aid: rep.aid ?? null, cues: rep.cues ?? null });
  draw();
  await handed;
}

function offerUndo() {
  const last = state.reps.at(-1);
  at('undo').hidden = !last || Date.now() - Date.parse(last.at) > UNDO_MS;
  at('undo').textContent = last ? `Undo ${OUTCOMES[last.outcome]}` : '';
}

// ---- tapping ----

async function tap(outcome) {
  if (lacksAdult()) {
    at('setup').open = true;
    at('no-adult').hidden = false;
    at('adults').scrollIntoView({ block: 'center' });
    return;
  }
  const rep = { id: crypto.randomUUID(), sessionId: state.session, stepId: Number(step), outcome, at: new Date().toISOString(),
    person: chosen('person'), adult: at('adults')?.hidden === false ? chosen('adult') : null, place: chosen('place'), role, value: clock?.take() ?? null, side: chosen('side') || null,
    item: typed('item'), helper: typed('helper') };
  const ends = coach.ends(role, outcome, page.until === 'clean');
  state.reps.push(rep);
  state.ready ??= chosen('ready');
  const handed = keep('rep', rep);
  if (at('setup')) at('setup').open = false;
  draw();
  await handed;
  if (rep.role === 'WORK') goOn();
  if (ends || (state.refresh || dose <= coach.short) && state.reps.length >= dose && outcome !== 'TOO_MUCH') end(true);
}

async function undo() {
  const rep = state.reps.pop();
  if (!rep) return;
  at('moved').hidden = true;
  const handed = keep('undo', { id: rep.id, at: new Date().toISOString() });
  draw();
  await handed;
}

/** Another mark in the place of a rep, or none: it was tapped wrong. */
async function correct(rep, n, outcome) {
  const as = crypto.randomUUID();
  const i = state.reps.findIndex((r) => r.id === rep.id);
  const time = new Date().toISOString();
  const { slip, event, sign, aid, cues, ...same } = rep;
  state.reps.splice(i, 1, ...(outcome ? [{ ...same, id: as, outcome }] : []));
  const handed = outcome ? keep('correct', { id: rep.id, as, outcome, at: time }) : keep('undo', { id: rep.id, at: time });
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
  if (over) sayLeft();
}

/** What is left today and what the step still lacks, as the server counts it; without signal what stood there stays. */
async function sayLeft() {
  try {
    await queue.send();
    if ((await queue.mine()).length > 0) return;
    const answer = await fetch(`/o/${page.token}/practice/${step}/left`);
    if (answer.ok) at('left').innerHTML = await answer.text();
  } catch {
    // no signal
  }
}

async function finish() {
  at('finish').disabled = true;
  if (state.reps.length > 0) {
    await queue.add('finish', { id: state.session, at: new Date().toISOString(),
      how: chosen('how'), note: at('note').value, ready: state.ready ? state.ready === 'true' : null, cameBack: Math.min(MOST_COUNTED, state.cameBack),
      stayedOff: Math.min(MOST_COUNTED, state.stayedOff), leadOn: Math.min(MOST_COUNTED, state.leadOn), leadHome: Math.min(MOST_COUNTED, state.leadHome) });
  }
  state.over = true;
  sitting.clear(state.step);
  await Promise.race([queue.send(), new Promise((go) => setTimeout(go, 1500))]);
  location.assign(`/o/${page.token}`);
}

at('moved-go').addEventListener('click', () => { state.over = true; sitting.clear(state.step); });
document.querySelectorAll('[data-outcome]').forEach((b) => b.addEventListener('click', () => tap(b.dataset.outcome)));
document.querySelectorAll('[data-slip]').forEach((b) => b.addEventListener('click', () => {
  describe({ slip: b.dataset.slip });
  at('count').textContent = b.dataset.remedy;
}));
document.querySelectorAll('#helped button').forEach((b) => b.addEventListener('click', () => describe(b.dataset.aid ? { aid: b.dataset.aid } : { cues: Number(b.dataset.cues) })));
document.querySelectorAll('[data-broke]').forEach((b) => b.addEventListener('click', async () => {
  const tapped = tap('MISSED');
  describe({ slip: 'BROKE_AT', event: b.dataset.broke });
  await tapped;
}));
document.querySelectorAll('[data-sign]').forEach((b) => b.addEventListener('click', () => {
  document.querySelectorAll('[data-sign]').forEach((other) => other.setAttribute('aria-pressed', other === b));
  describe({ sign: b.dataset.sign });
}));
document.querySelectorAll('[data-back]').forEach((b) => b.addEventListener('click', () => {
  state[b.dataset.back === 'true' ? 'cameBack' : 'stayedOff'] += 1;
  state.breathed = state.reps.length;
  sitting.save(state);
  draw();
}));
document.querySelectorAll('input[name=ready]').forEach((i) => i.addEventListener('change', () => { at('not-ready').hidden = chosen('ready') !== 'false'; }));
document.querySelectorAll('[data-lead]').forEach((b) => b.addEventListener('click', () => {
  state.leadOn += 1;
  if (b.dataset.lead === 'home') state.leadHome += 1;
  sitting.save(state);
  draw();
}));
at('start')?.addEventListener('click', () => { if (at('setup')) at('setup').open = false; at('before').hidden = true; });
const correction = new Correction(correct);
at('cells').addEventListener('click', () => correction.choose(state.reps));
at('undo').addEventListener('click', undo);
for (const id of ['enough', 'stop-now']) {
  at(id).addEventListener('click', () => {
    document.querySelector('input[name=how][value=STOPPED]').checked = true;
    end(true);
  });
}
at('carry-on').addEventListener('click', () => end(false));
at('finish').addEventListener('click', finish);

remember('person');
remember('place');
remember('side');
document.querySelectorAll('input[name=adult]').forEach((i) => i.addEventListener('change', () => { at('no-adult').hidden = true; saySetup(); }));
rememberTyped('item');
rememberTyped('helper');
saySetup();
if (before > 0 && at('setup') && !lacksAdult()) at('setup').open = false;   // as on the step before
const kept = sitting.load(state.step);
for (const item of kept?.items ?? []) await queue.add(item.kind, item.body);
if (kept && kept.reps.length > 0 && Date.now() - Date.parse(kept.reps.at(-1).at) < SAME_SITTING_MS) {
  state = { ...state, ...kept, items: [] };
  dose = state.dose;   // as this session began
  coach.dose = dose;
  sitting.save(state);
  const last = kept.reps.at(-1);
  choose('person', last.person);
  choose('place', last.place);
  if (last.adult) choose('adult', last.adult);
  if (at('setup')) at('setup').open = false;
} else {
  sitting.clear(state.step);
}
if (state.reps.length === 0 && isStopped(page.token, page.track)) {
  at('stopped').hidden = false;
  at('practising').hidden = true;
  at('tapping').hidden = true;
} else {
  draw();
  if (state.reps.length > 0) goOn();
}
setInterval(() => { if (at('stopped').hidden) { offerUndo(); coaching(); } }, 5000);
queue.send();
earlySigns(queue, () => page.dogId);
keepPages(page.token, []);
document.body.dataset.ready = 'yes';
