/**
 * The log: reps as they came from phones, sittings, and the daily sums that lists and drawings read.
 * Front door: {@link cahier.app.log.RepLog}.
 */
@NullMarked
package cahier.app.log;

import org.jspecify.annotations.NullMarked;
