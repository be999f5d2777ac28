// Where a dog works next, by what it answered: the core's rules (docs/rules.md 9), held to the same worked cases.
import { calmAt } from './threshold.js';

const PROMPTED_TO_LOOK = 20;
const NEAREST = 1;

/** To a tenth of a metre, halves up, of the number as it is written. */
function rounded(metres) {
  const [whole, part = ''] = String(metres).split('.');
  const up = Number(part[1] ?? 0) >= 5 ? 1 : 0;
  return /e/.test(String(metres)) ? Math.round(metres * 10) / 10 : (Number(whole) * 10 + Number(part[0] ?? 0) + up) / 10;
}

const endsWith = (list, n, answer) => list.length >= n && list.slice(-n).every((a) => a === answer);

function longest(list) {
  let most = 0;
  let run = 0;
  list.forEach((a) => { run = a === 'UNPROMPTED' ? run + 1 : 0; most = Math.max(most, run); });
  return most;
}

function byItself(list) {
  let run = 0;
  while (run < list.length && list.at(-1 - run) === 'UNPROMPTED') run += 1;
  return run;
}

/** Step by step after five by itself: the trainer's own step, or a twentieth. */
export const bySteps = (own = null) => ({ run: 5, asks: (run) => run >= 5, after: (now) => now - (own ?? Math.max(0.3, 0.05 * now)) });

/** Led by the estimate, after three by itself and after every three more: toward where the dog is believed calm. */
export const led = (steepness) => ({ run: 3, asks: (run) => run > 0 && run % 3 === 0, after: (now, seen) => Math.max(now * (1 - 0.12), calmAt(seen, steepness) ?? now) });

/** From the answers since the distance was last changed, and what was seen up to now. */
export function nextDistance(now, since, closer = bySteps(), nearest = NEAREST, seen = []) {
  if (endsWith(since, 1, 'REACTED')) return { verdict: 'FURTHER', metres: rounded(now + Math.max(2, 0.2 * now)), look: false };
  if (endsWith(since, 2, 'STARED')) return { verdict: 'FURTHER', metres: rounded(now + Math.max(0.1, 0.1 * now)), look: false };
  if (closer.asks(byItself(since))) {
    const wanted = rounded(Math.max(nearest, closer.after(now, seen)));
    if (wanted < now) return { verdict: 'CLOSER', metres: wanted, look: false };
  }
  return { verdict: 'STAY', metres: rounded(now), look: since.filter((a) => a === 'PROMPTED').length >= PROMPTED_TO_LOOK && longest(since) < closer.run };
}

/** Where it works after one answer more: with the answers since it last moved, and everything seen, that one last. */
export function moved(metres, since, closer, nearest, seen) {
  const next = nextDistance(metres, since, closer, nearest, seen);
  return next.verdict === 'STAY' ? { metres, since, last: 'STAY' } : { metres: next.metres, since: [], last: next.verdict };
}

/** Moved by each look, from where it was set; what was seen before that comes first. */
export function moving(set, looks, closer = bySteps(), nearest = NEAREST, before = []) {
  const seen = before.map(({ metres, answer }) => exposure(metres, answer));
  let now = { metres: set, since: [], last: 'STAY' };
  looks.forEach(({ metres, answer }) => {
    seen.push(exposure(metres, answer));
    const next = moved(now.metres, [...now.since, answer], closer, nearest, seen);
    now = { ...next, last: next.last === 'STAY' ? now.last : next.last };
  });
  return now;
}

/** As the server says it: "18.8 m (62 ft)". */
export const inWords = (metres) => `${metres}\u00a0m (${Math.round(metres / 0.3048)}\u00a0ft)`;

/** What an estimate takes of a look. */
export const exposure = (metres, answer) => ({ metres, calm: answer === 'UNPROMPTED' || answer === 'PROMPTED' });
