// Where a dog is believed calm 8 times in 10, by what it did: the core's grid (docs/rules.md 9), held to the same worked cases.
const LOGIT = Math.log(0.8 / (1 - 0.8));
const FEWEST = 6;
const MOST = 40;
const NEAREST_M = 0.3;
const FURTHEST_M = 600;
const THRESHOLDS = 121;
const NEAR_SD = 0.5;
const STEEPNESSES = 13;
const WIDE = 3;

const at = (t) => Math.log(NEAREST_M) + t * Math.log(FURTHEST_M / NEAREST_M) / (THRESHOLDS - 1);
const off = (b) => WIDE * (2 * b / (STEEPNESSES - 1) - 1);

/** How surprising a calm answer is, or one that is not. */
function surprise(metres, calm, threshold, steepness) {
  const z = LOGIT + steepness * (Math.log(metres) - threshold);
  return Math.max(0, calm ? -z : z) + Math.log1p(Math.exp(-Math.abs(z)));
}

/** The logarithm of the likelihood and of what is believed beforehand, a row a threshold. */
function weigh(seen, { median, sd }) {
  const tried = seen.reduce((sum, { metres }) => sum + Math.log(metres), 0) / seen.length;
  return Array.from({ length: THRESHOLDS }, (_, t) => Array.from({ length: STEEPNESSES }, (__, b) => {
    const far = (at(t) - tried) / NEAR_SD;
    const before = -(far * far + off(b) * off(b)) / 2;
    return seen.reduce((log, { metres, calm }) => log - surprise(metres, calm, at(t), median * Math.exp(sd * off(b))), before);
  }));
}

/** Half of what is believed lies nearer; nothing with too few. What was seen is oldest first. */
export function calmAt(all, steepness) {
  const seen = all.slice(-MOST);
  if (seen.length < FEWEST) return null;
  const log = weigh(seen, steepness);
  const most = Math.max(...log.map((row) => Math.max(...row)));
  const weights = log.map((row) => row.reduce((sum, each) => sum + Math.exp(each - most), 0));
  const half = weights.reduce((sum, w) => sum + w, 0) / 2;
  let before = 0;
  for (let t = 0; t < weights.length; t += 1) {
    const here = before + weights[t] / 2;
    if (here >= half) {
      const last = t === 0 ? here : before - weights[t - 1] / 2;
      const part = here === last ? 1 : (half - last) / (here - last);
      return Math.exp(t === 0 ? at(0) : at(t - 1) + part * (at(t) - at(t - 1)));
    }
    before += weights[t];
  }
  return FURTHEST_M;
}
