// One tap is one meeting: kept on the phone at once, sent when there is signal. What was chosen is remembered for the next.
import { choose } from './chosen.js';
import { earlySigns, feeling } from './early.js';
import { bySteps, exposure, inWords, led, moved } from './distance.js';
import { Queue, badge } from './queue.js';

const { token } = document.body.dataset;
const at = (id) => document.getElementById(id);
const queue = new Queue(token, badge(at('waiting')));
const STORE = `cahier.${token}.met`;
const REMEMBERED = ['dog', 'kind', 'loudness', 'unit', 'person', 'place'];
const FURTHEST = 1000;
const WORDS = { UNPROMPTED: 'By itself', PROMPTED: 'At the cue', STARED: 'Stared', REACTED: 'Reacted' };
const taps = [];
const undone = [];  // how the distance stood before each tap
const CUE_AFTER_MS = 750;
let seen = null;    // when the dog had seen it, and when the cue was said
let upset = null;   // the last meeting that went badly, and when: until it is said how long it took

const chosen = (name) => (document.querySelector(`input[name=${name}]:checked`) ?? document.querySelector(`input[name=${name}][type=hidden]`))?.value ?? null;
const landmark = () => (chosen('unit') ?? '').startsWith('L');
const unitWords = () => document.querySelector('input[name=unit]:checked + span')?.textContent ?? 'm';
/** As the server reads it: a landmark stands somewhere, a pace is as long as that of whoever walks. */
function inMetres() {
  const unit = document.querySelector('input[name=unit]:checked');
  const pace = unit?.value === 'PACES' && (document.body.dataset.paces ?? '').split(' ').map((one) => one.split(':')).find(([person]) => person === chosen('person'));
  return unit?.dataset.is ? Number(unit.dataset.is) : far() * Number(pace ? pace[1] : unit?.dataset.metres ?? 1);
}
const far = () => Number(at('far').value.replace(',', '.'));

function remember() {
  localStorage.setItem(STORE, JSON.stringify({ far: at('far').value, ...Object.fromEntries(REMEMBERED.map((n) => [n, chosen(n)])) }));
}

function recall() {
  const kept = JSON.parse(localStorage.getItem(STORE) ?? '{}');
  REMEMBERED.forEach((n) => {
    const input = document.querySelector(`input[name=${n}][value="${CSS.escape(kept[n] ?? '')}"]`) ?? (['dog', 'unit', 'person'].includes(n) ? document.querySelector(`input[name=${n}]`) : null);
    if (input?.type === 'radio') input.checked = true;
  });
  if (kept.far) at('far').value = kept.far;
  fit();
}

/** A noise has a loudness, a landmark needs no number; once it is known what comes, only where that is worked at stands there. */
function fit() {
  const place = worked();
  document.querySelectorAll('[data-now]').forEach((p) => { p.hidden = Boolean(chosen('kind')) && p !== place; });
  at('loud').hidden = chosen('kind') !== 'NOISE';
  at('far').parentElement.hidden = landmark();
}

function move(by) {
  const now = Number.isFinite(far()) ? far() : 0;
  const step = now >= 20 ? 5 : 1;
  at('far').value = Math.min(FURTHEST, Math.max(1, Math.round((now + by * step) * 10) / 10));
  remember();
}

/** Where the dog works with what was chosen: the paper says it, and moves with each answer, also without signal. */
const worked = () => [...document.querySelectorAll('[data-now]')].find((p) => p.dataset.dog === chosen('dog') && p.dataset.kind === chosen('kind') && p.dataset.loudness === (chosen('kind') === 'NOISE' ? chosen('loudness') ?? '0' : '0'));

/** What the estimate takes, where it leads: "20:UNPROMPTED 18.5:STARED". */
const seenBy = (part) => (part.dataset.seen ?? '').split(' ').filter(Boolean).map((one) => one.split(':')).map(([metres, answer]) => exposure(Number(metres), answer));

function closerOf({ own, led: leads }) {
  const [median, sd] = (leads ?? '').split(',').map(Number);
  return leads ? led({ median, sd }) : bySteps(own ? Number(own) : null);
}

function answered(response) {
  const part = worked();
  if (!part) return '';
  const { now, nearest, since, seen } = part.dataset;
  undone.push({ part, now, since, seen });
  if (seen !== undefined) part.dataset.seen = `${seen} ${inMetres()}:${response}`;
  const next = moved(Number(now), [...(since ? since.split(',') : []), response], closerOf(part.dataset), Number(nearest), seenBy(part));
  put(part, next.metres, next.since.join(','), part.dataset.seen);
  return next.since.length > 0 ? '' : next.last === 'FURTHER' ? ` Further off now: ${inWords(next.metres)}.` : ` Closer now: ${inWords(next.metres)}.`;
}

function put(part, metres, since, seen) {
  part.dataset.now = metres;
  part.dataset.since = since;
  if (seen !== undefined) part.dataset.seen = seen;
  part.querySelector('.num').textContent = inWords(metres);
}

function show(words) {
  at('says').textContent = words;
  at('undo').hidden = taps.length === 0;
  at('count').textContent = taps.length === 0 ? '' : `${taps.length} now`;
}

/** From now on it is timed; if it has not looked back by then, the cue is due, said on the page and by a buzz. */
at('seen').addEventListener('click', () => {
  clearTimeout(seen?.waits);
  seen = { at: Date.now(), cue: null };
  at('seen').textContent = 'Wait …';
  at('seen').classList.remove('is-primary');
  seen.waits = setTimeout(() => {
    seen.cue = Date.now();
    at('seen').textContent = 'Cue now';
    at('seen').classList.add('is-primary');
    navigator.vibrate?.(60);
  }, CUE_AFTER_MS);
});

/** Milliseconds from the cue, or from the sight where none was needed; nothing where nobody timed it. */
function answeredIn(response) {
  if (!seen || !['UNPROMPTED', 'PROMPTED'].includes(response)) return null;
  const since = response === 'PROMPTED' ? seen.cue ?? seen.at : seen.at;
  return Math.min(60000, Date.now() - since);
}

document.querySelectorAll('[data-response]').forEach((button) => button.addEventListener('click', async () => {
  const problem = !chosen('kind') ? 'Tap what came.' : !chosen('dog') ? 'Tap which dog.' : !landmark() && !(far() > 0 && far() <= FURTHEST) ? `How far must be a number up to ${FURTHEST}, was \u201c${at('far').value}\u201d.` : '';
  at('missing').hidden = problem === '';
  at('missing').textContent = problem;
  if (problem) {
    at('missing').scrollIntoView({ block: 'center' });
    return;
  }
  remember();
  const { response } = button.dataset;
  const id = crypto.randomUUID();
  taps.push(id);
  upset = ['STARED', 'REACTED'].includes(response) ? { id, since: Date.now() } : null;
  at('calm').hidden = !upset;
  at('signs').hidden = response !== 'REACTED';
  const answeredMs = answeredIn(response);
  clearTimeout(seen?.waits);
  seen = null;
  at('seen').textContent = 'It has seen it';
  at('seen').classList.remove('is-primary');
  const moved = answered(response);
  show(`${WORDS[response]}, ${landmark() ? unitWords() : `${at('far').value} ${unitWords()}`}.${moved}`);
  navigator.vibrate?.(20);
  await queue.add('exposure', { id, dog: chosen('dog'), kind: chosen('kind'), loudness: Number(chosen('loudness') ?? 0), far: far() || 0, unit: chosen('unit') ?? 'M', response, food: chosen('food') ?? '', person: chosen('person'), place: chosen('place'), answered: answeredMs, phase: chosen('phase'),
    at: new Date().toISOString() });
  document.querySelectorAll('input[name=food]').forEach((i) => { i.checked = false; });
  queue.send();
}));
at('undo').addEventListener('click', async () => {
  const id = taps.pop();
  const before = undone.pop();
  if (before) put(before.part, before.now, before.since, before.seen);
  if (upset?.id === id) {
    upset = null;
    at('calm').hidden = true;
    at('signs').hidden = true;
  }
  await queue.add('unmet', { id, at: new Date().toISOString() });
  show('Taken back.');
  queue.send();
});
document.querySelectorAll('[data-sign]').forEach((button) => button.addEventListener('click', async () => {
  at('signs').hidden = true;
  show(`${button.textContent}.`);
  await queue.add('sign', { id: upset?.id ?? taps.at(-1), sign: button.dataset.sign });
  queue.send();
}));
at('calm').addEventListener('click', async () => {
  const { id, since } = upset;
  const seconds = Math.min(3600, Math.round((Date.now() - since) / 1000));
  upset = null;
  at('calm').hidden = true;
  show(`Calm again after ${seconds} s.`);
  await queue.add('calm', { id, seconds });
  queue.send();
});
document.querySelectorAll('input[name=kind], input[name=unit]').forEach((i) => i.addEventListener('change', fit));
at('nearer').addEventListener('click', () => move(-1));
at('further').addEventListener('click', () => move(1));
recall();
choose();
if (location.hash && worked()) {
  at('far').value = Number(worked().dataset.now);
  document.querySelector('input[name=unit][value=M]').click();
}
queue.send();
earlySigns(queue, () => chosen('dog'));
feeling(queue, () => chosen('dog'));
document.body.dataset.ready = 'yes';
