package cahier.app.book;

import cahier.app.baseline.Baseline;

/**
 * What a baseline says about a track: where it may start, and later what there was at the start beside what there is now.
 *
 * @param proposed whether it proposes a step: nothing was practised yet and the step lies ahead
 * @param number 1-based step it proposes, 0 where it proposes none
 * @param step its id
 * @param now today's figure, empty while there is none
 */
record Beginning(Baseline baseline, boolean proposed, int number, long step, String now) {
}
