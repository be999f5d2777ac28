// A lesson while it runs, held in one hand. Every tap is kept here at once and sent when there is signal; what the server knows replaces what is here once nothing waits.
import { Coach } from './coach.js';
import { Strip } from './hour-strip.js';
import { caughtUp, late, left } from './hour-rule.js';
import { OUTCOMES, counted, mark } from './marks.js';
import { Queue, badge } from './queue.js';

const page = document.body.dataset;
const at = (id) => document.getElementById(id);
const KEY = `cahier.hour.${page.lesson}`;
const OWN = page.own;
const MINUTE_MS = 60_000;
const ASK_MS = 10_000;
const TYPED_MS = 1200;
const PATHS = (id) => ({ rep: 'reps', undo: `reps/${id}/undo`, slip: `reps/${id}/slip`, agenda: 'agenda', shown: 'shown', notes: 'notes' });
const COACH = { S: 'Too much: no more of this today.', E: 'Enough. One sure win, then stop.', A: 'Easier for three.', B: 'Let it walk off. Does it come back by itself?', G: '' };

const queue = new Queue(`lesson-${page.lesson}`, badge(at('waiting')), { base: `/lessons/${page.lesson}/hour`, paths: PATHS, headers: { [page.csrfHeader]: page.csrf }, single: true });
let state = JSON.parse(page.state);
let picked = null;        // a track that was chosen beside the agenda
let changes = 0;          // of what is here, since the page was opened
let handing = 0;          // on their way into the queue
let slipFor = null;       // the rep of which it may be said what went wrong
let noted = state.notes;  // what the server has, or will have of the notes once what waits has gone

const elapsed = () => Math.max(0, Math.floor((Date.now() - Date.parse(state.began)) / MINUTE_MS));
const hour = () => ({ blocks: state.agenda.map((b) => ({ ...b, own: b.title === OWN })), at: state.at });
const worked = () => state.tracks.find((t) => t.id === (picked ?? state.agenda[state.at]?.track)) ?? null;

// ---- keeping and sending ----

function keep() {
  try {
    localStorage.setItem(KEY, JSON.stringify(state));
  } catch {
    // full or forbidden: the queue still has every tap
  }
}

async function send(kind, body) {
  changes += 1;
  handing += 1;
  keep();
  draw();
  await queue.add(kind, body);
  handing -= 1;
  ask();
}

/** What the server would not take says why, and holds up nothing else. */
async function untaken() {
  const [first] = await queue.parked();
  at('untaken').hidden = !first;
  at('untaken-says').textContent = first ? `Not taken: ${first.refused}` : '';
}
at('leave-out').addEventListener('click', async () => {
  await queue.remove((await queue.parked()).slice(0, 1));
  await untaken();
  ask();
});

/** What stands on the server, where nothing of here waits: what was tapped while it was asked would be missing in the answer. */
async function ask() {
  if (handing > 0) return;
  const before = changes;
  try {
    await queue.send();
    await untaken();
    if ((await queue.mine()).length > 0) return;
    const track = worked()?.id;
    const answer = await fetch(`/lessons/${page.lesson}/hour/state${track ? `?track=${track}` : ''}`, { redirect: 'manual' });
    if (!answer.ok) return;
    const fresh = await answer.json();
    if (changes !== before) return;
    const typing = at('notes').value !== state.notes;
    state = { ...fresh, notes: typing ? state.notes : fresh.notes };
    if (!typing) {
      noted = fresh.notes;
      if (at('notes').value !== fresh.notes) at('notes').value = fresh.notes;
    }
    keep();
    draw();
  } catch {
    // no signal: what is here stands
  }
}

// ---- the agenda ----

function arrange({ blocks, at: now }) {
  state.agenda = blocks.map(({ title, minutes, track }) => ({ title, minutes, track: track ?? null }));
  if (state.at !== now) picked = null;
  state.at = now;
  send('agenda', { agenda: blocks.map(({ title, minutes }) => ({ title, minutes })), at: now });
}

function goTo(block) {
  picked = null;
  slipFor = null;
  arrange({ ...hour(), at: block });
}

const strip = new Strip(at('strip'), { own: OWN, changed: arrange, chosen: goTo });

const spoken = (n) => `${n} min`;

function tick() {
  const now = elapsed();
  const whole = state.agenda.reduce((all, b) => all + b.minutes, 0);
  at('clock').textContent = now <= whole ? `${whole - now} of ${whole} min left` : `${now - whole} min over`;
  const rest = left(hour(), now);
  at('left').textContent = rest >= 0 ? `${spoken(rest)} left.` : `${spoken(-rest)} over.`;
  const { minutes, fromOwn, drop } = late(hour(), now);
  at('late').hidden = minutes === 0;
  at('late-says').textContent = fromOwn > 0 ? `${spoken(minutes)} late. Their own practice can give ${fromOwn}.` : `${spoken(minutes)} late, and their own practice has none to give.`;
  at('catch-up').textContent = drop.length > 0 ? `Leave out ${drop.join(' and ')}` : 'Take it from their own practice';
  at('catch-up').hidden = fromOwn === 0 && drop.length === 0;
  strip.clock(now);
}

at('catch-up').addEventListener('click', () => arrange(caughtUp(hour(), elapsed(), OWN)));
at('next').addEventListener('click', () => (state.at + 1 < state.agenda.length ? goTo(state.at + 1) : at('closing').requestSubmit()));

// ---- the track at hand ----

function track() {
  const one = worked();
  at('work').hidden = !state.tracks.length;
  at('which').replaceChildren(at('which').firstElementChild, ...state.tracks.map((t) => {
    const label = document.createElement('label');
    const input = Object.assign(document.createElement('input'), { type: 'radio', name: 'track', value: t.id, checked: t.id === one?.id });
    const says = Object.assign(document.createElement('span'), { textContent: t.title });
    label.append(input, says);
    return label;
  }));
  const step = one?.step;
  at('taps').hidden = !step || step.measures;
  at('measures').hidden = !step?.measures;
  at('rests').hidden = !one?.why;
  at('rests').textContent = one?.why ?? '';
  at('step').textContent = step ? `Step ${step.number} of ${step.of}: ${step.how || step.title}` : one ? 'The dog stands on no step of it.' : '';
  at('step').hidden = at('step').textContent === '';
  at('pass').textContent = step ? `To pass: ${step.pass}.${step.cautions ? ` ${step.cautions}` : ''}` : 'Choose a track to log a rep.';
  if (!step || step.measures) return;
  const { reps } = one;
  at('cells').replaceChildren(...reps.map((r) => mark(r.outcome)));
  at('cells').setAttribute('aria-label', reps.length === 0 ? 'No reps yet' : `${reps.length} in this lesson: ${counted(reps)}`);
  at('undo').hidden = reps.length === 0;
  at('undo').textContent = reps.length > 0 ? `Undo ${OUTCOMES[reps.at(-1).outcome]}` : '';
  const { advice, easy, next, tooShort } = step.coach;
  const { says } = new Coach({ advice, easy, next, dose: step.dose, minutes: step.minutes, short: tooShort }).after(reps.filter((r) => r.role !== 'SHOWN'), Date.now());
  at('coach').hidden = reps.length === 0 || COACH[says] === '';
  at('coach').textContent = COACH[says];
  const slips = reps.at(-1)?.id === slipFor ? step.slips : [];
  at('slips').hidden = slips.length === 0;
  at('slips').replaceChildren(...slips.map((s) => {
    const button = Object.assign(document.createElement('button'), { type: 'button', className: 'button', textContent: s.name });
    button.addEventListener('click', () => slipped(s));
    return button;
  }));
  const stands = state.stands?.track === one.id ? state.stands : null;
  at('stands').textContent = !stands || stands.of === 0 ? '' : `${stands.clean} of the last ${stands.of} ${stands.of === 1 ? 'rep was' : 'reps were'} clean. ${stands.odds} chances in 100 that a rep is clean at least ${stands.bar} times in 10. ${stands.missing ? `To pass: ${stands.missing}.` : 'The pass is there.'}`;
}

const chosen = (name) => document.querySelector(`input[name=${name}]:checked`)?.value ?? '';

document.querySelectorAll('[data-outcome]').forEach((button) => button.addEventListener('click', () => {
  const one = worked();
  const rep = { id: crypto.randomUUID(), track: one.id, step: one.step.id, outcome: button.dataset.outcome, at: new Date().toISOString(), person: chosen('person') ? Number(chosen('person')) : null, side: chosen('side') || null, item: at('item').value.trim() };
  one.reps.push({ id: rep.id, outcome: rep.outcome, role: rep.person === null ? 'SHOWN' : 'WORK', at: rep.at, person: rep.person });
  slipFor = ['MISSED', 'HELPED'].includes(rep.outcome) ? rep.id : null;
  navigator.vibrate?.(20);
  send('rep', rep);
}));
at('undo').addEventListener('click', () => {
  const { id } = worked().reps.pop();
  send('undo', { id });
});
function slipped({ code, remedy }) {
  const id = slipFor;
  slipFor = null;
  send('slip', { id, slip: code });
  at('coach').hidden = false;
  at('coach').textContent = remedy;
}
at('which').addEventListener('change', () => {
  picked = Number(chosen('track'));
  slipFor = null;
  draw();
  ask();
});

// ---- shown back, and noted ----

document.querySelectorAll('[data-what] button').forEach((button) => button.addEventListener('click', () => {
  const { what } = button.parentElement.dataset;
  const fine = button.dataset.fine === 'true';
  if (state.shown[what] === fine) delete state.shown[what];
  else state.shown[what] = fine;
  send('shown', { what, fine: state.shown[what] ?? null });
}));

let typed;
function note() {
  clearTimeout(typed);
  const words = at('notes').value;
  if (words === noted) return;
  const base = noted;
  noted = words;
  state.notes = words;
  send('notes', { words, base });
  at('noted').textContent = 'Kept.';
}
at('notes').addEventListener('input', () => {
  at('noted').textContent = '';
  clearTimeout(typed);
  typed = setTimeout(note, TYPED_MS);
});
at('notes').addEventListener('blur', note);
addEventListener('pagehide', note);

// ---- closing ----

at('closing').addEventListener('submit', async (event) => {
  event.preventDefault();
  note();
  await queue.send();
  if ((await queue.mine()).length > 0) {
    at('late').hidden = false;
    at('late-says').textContent = 'Something still waits to be sent. It can be closed once there is signal.';
    return;
  }
  localStorage.removeItem(KEY);
  navigator.serviceWorker?.controller?.postMessage({ lose: location.pathname });
  at('closing').submit();
});

// ---- the page ----

function draw() {
  const block = state.agenda[state.at];
  const next = state.agenda[state.at + 1];
  at('now').textContent = block?.title ?? 'The hour';
  at('next-is').textContent = next ? `Then ${next.title}, ${spoken(next.minutes)}.` : '';
  at('next').textContent = next ? `Next: ${next.title}` : 'Close the lesson';
  at('close').hidden = !next;
  document.querySelectorAll('[data-what]').forEach((row) => row.querySelectorAll('button').forEach((b) => b.setAttribute('aria-pressed', String(state.shown[row.dataset.what]) === b.dataset.fine)));
  strip.show(hour());
  track();
  tick();
}

function remembered(name) {
  const all = [...document.querySelectorAll(`input[name=${name}]`)];
  const key = `cahier.hour.${name}`;
  (all.find((i) => i.value === localStorage.getItem(key)) ?? all[0]).checked = true;
  all.forEach((i) => i.addEventListener('change', () => localStorage.setItem(key, i.value)));
}

/** Opened anew in the park: the page was kept, and what was tapped since. */
async function keepPage() {
  if (!('serviceWorker' in navigator)) return;
  await navigator.serviceWorker.register('/sw.js', { scope: location.pathname });
  const worker = await navigator.serviceWorker.ready;
  const loaded = performance.getEntriesByType('resource').map((r) => r.name).filter((name) => name.startsWith(location.origin) && !name.includes('/lessons/'));
  worker.active.postMessage({ keep: [...new Set([location.pathname, ...loaded])] });
  document.body.dataset.kept = 'yes';
}

const kept = JSON.parse(localStorage.getItem(KEY) ?? 'null');
if (kept && (await queue.mine()).length > 0) {
  state = kept;
  noted = kept.notes;
}
remembered('person');
at('notes').value = state.notes;
draw();
ask();
setInterval(tick, 1000);
setInterval(() => { if (!document.hidden) ask(); }, ASK_MS);
document.addEventListener('visibilitychange', () => { if (!document.hidden) ask(); });
keepPage();
document.body.dataset.ready = 'yes';
