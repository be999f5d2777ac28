/**
 * What a dog does before anything is planned: taken on the spot, dated and kept, and where a track may start because of it.
 * Front doors: {@link cahier.app.baseline.Baselines} and {@link cahier.app.baseline.BaselineController}.
 */
@NullMarked
package cahier.app.baseline;

import org.jspecify.annotations.NullMarked;
