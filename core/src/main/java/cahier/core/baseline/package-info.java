/**
 * What the dog does before anything is planned, and where a track may start because of it (docs/rules.md 23 and 31).
 * Front doors: {@link cahier.core.baseline.FoodTest} and {@link cahier.core.baseline.StartingStep}.
 */
@NullMarked
package cahier.core.baseline;

import org.jspecify.annotations.NullMarked;
