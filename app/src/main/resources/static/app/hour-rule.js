// An agenda while the lesson runs: the core's rule (docs/rules.md 19) where there is no signal, held to the same worked cases.
// A block is { title, minutes, track, own }; own practice gives minutes and takes them, so that they always add up.

const sum = (blocks) => blocks.reduce((all, b) => all + b.minutes, 0);
const ownAt = (blocks) => blocks.findIndex((b) => b.own);

/** Minutes left of what is at hand; below 0 it is over. */
export const left = ({ blocks, at }, elapsed) => sum(blocks.slice(0, at + 1)) - elapsed;

/** How late it is, what own practice ahead can give, and which tracks would have to go for the rest. */
export function late({ blocks, at }, elapsed) {
  const minutes = Math.max(0, -left({ blocks, at }, elapsed));
  const ahead = blocks.slice(at + 1);
  const fromOwn = Math.min(minutes, sum(ahead.filter((b) => b.own)));
  const drop = [];
  let lacking = minutes - fromOwn;
  for (const block of [...ahead].reverse()) {
    if (block.track && lacking > 0) {
      drop.push(block.title);
      lacking -= block.minutes;
    }
  }
  return { minutes, fromOwn, drop };
}

/** With a block of own practice; before the last one where there was none. */
function withOwn({ blocks, at }, title) {
  if (ownAt(blocks) >= 0) return blocks;
  const more = [...blocks];
  more.splice(Math.max(at + 1, blocks.length - 1), 0, { title, minutes: 0, own: true });
  return more;
}

/** One block longer or shorter, at least a minute. */
export function resized({ blocks, at }, block, minutes, title) {
  if (blocks[block].own) return { blocks, at };
  const more = withOwn({ blocks, at }, title);
  const own = ownAt(more);
  const which = block + (more.length > blocks.length && own <= block ? 1 : 0);
  const was = more[which].minutes;
  const now = Math.max(1, Math.min(minutes, was + more[own].minutes));
  return { blocks: more.map((b, i) => (i === which ? { ...b, minutes: now } : i === own ? { ...b, minutes: b.minutes + was - now } : b)), at };
}

/** One block elsewhere; what is at hand stays at hand. */
export function moved({ blocks, at }, from, to) {
  const order = blocks.map((_, i) => i);
  order.splice(to, 0, ...order.splice(from, 1));
  return { blocks: order.map((i) => blocks[i]), at: order.indexOf(at) };
}

/** A block ahead is left out; own practice takes its minutes. */
export function dropped({ blocks, at }, block, title) {
  if (block <= at || blocks[block].own) return { blocks, at };
  const more = withOwn({ blocks, at }, title);
  const which = block + (more.length > blocks.length && ownAt(more) <= block ? 1 : 0);
  return { blocks: more.map((b) => (b.own ? { ...b, minutes: b.minutes + more[which].minutes } : b)).filter((_, i) => i !== which), at };
}

/** The plan follows the clock. */
export function caughtUp(hour, elapsed, title) {
  const { minutes, drop } = late(hour, elapsed);
  if (minutes === 0) return hour;
  const without = drop.reduce((h, name) => dropped(h, h.blocks.findLastIndex((b, i) => i > h.at && b.track && b.title === name), title), hour);
  return resized(without, without.at, without.blocks[without.at].minutes + minutes, title);
}
