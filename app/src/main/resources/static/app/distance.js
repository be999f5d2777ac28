// Where a dog works next, by what it answered: the core's rules (docs/rules.md 9), held to the same worked cases.
const CLOSER_RUN = 5;
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

/** From the answers since the distance was last changed. */
export function nextDistance(now, since, ownStep = null, nearest = NEAREST) {
  if (endsWith(since, 1, 'REACTED')) return { verdict: 'FURTHER', metres: rounded(now + Math.max(2, 0.2 * now)), look: false };
  if (endsWith(since, 2, 'STARED')) return { verdict: 'FURTHER', metres: rounded(now + Math.max(0.1, 0.1 * now)), look: false };
  if (endsWith(since, CLOSER_RUN, 'UNPROMPTED')) {
    const wanted = rounded(Math.max(nearest, now - (ownStep ?? Math.max(0.3, 0.05 * now))));
    if (wanted < now) return { verdict: 'CLOSER', metres: wanted, look: false };
  }
  return { verdict: 'STAY', metres: rounded(now), look: since.filter((a) => a === 'PROMPTED').length >= PROMPTED_TO_LOOK && longest(since) < CLOSER_RUN };
}

/** Moved by each answer, from where it was set. */
export function moving(set, answers, ownStep = null, nearest = NEAREST) {
  let metres = set;
  let since = [];
  let last = 'STAY';
  answers.forEach((answer) => {
    since.push(answer);
    const next = nextDistance(metres, since, ownStep, nearest);
    if (next.verdict !== 'STAY') {
      metres = next.metres;
      last = next.verdict;
      since = [];
    }
  });
  return { metres, since, last, look: nextDistance(metres, since, ownStep, nearest).look };
}
