// What a long sitting says while it goes on: the core's rule (docs/rules.md 9, 26) where there is no signal, held to the same worked cases.

/**
 * The weightiest advice now.
 *
 * @param rule minutes: of a block, enough to judge the traffic, least and most between two
 * @param expected whether reactions are expected: the school of long watching
 * @param moments each with its second and what was seen, in the order of time
 */
export function advice({ block, enough, least, most }, moments, seconds, expected = true) {
  const passed = moments.filter((m) => ['CALM', 'REACTED'].includes(m.seen));
  if (passed.length > 1 && passed.slice(-2).every((m) => m.seen === 'REACTED')) return 'FURTHER_OFF';
  if (!expected && passed.filter((m) => m.seen === 'REACTED').length > 1) return 'ENOUGH';
  const blockOf = (m) => Math.floor(m.second / (block * 60));
  const ateIn = (b) => moments.some((m) => m.seen === 'ATE' && blockOf(m) === b);
  if (moments.some((m) => m.seen === 'REFUSED' && blockOf(m) > 0 && !ateIn(blockOf(m)))) return 'QUIETER';
  if (seconds < enough * 60) return 'NONE';
  const between = seconds / 60 / passed.length;
  if (between < least) return 'TOO_BUSY';
  return between > most ? 'TOO_EMPTY' : 'NONE';
}
