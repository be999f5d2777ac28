// What becomes of a session of departures in which the dog was upset: the core's rule (docs/rules.md 14), held to the same worked cases.
const ENDS_AT = 2;

/** The departures still to come, in seconds; none where the session is over. */
export function afterUpset(left, upsetAfter, upsets, atQuiet) {
  const most = Math.max(1, Math.floor(upsetAfter / 2));
  return !atQuiet || upsets >= ENDS_AT ? [] : left.map((s) => Math.min(s, most));
}
