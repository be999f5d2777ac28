/** A dog left alone: departures as they went, how long next, the hours nobody covers. Front door: {@link cahier.app.alone.Departures}. */
@NullMarked
package cahier.app.alone;

import org.jspecify.annotations.NullMarked;
