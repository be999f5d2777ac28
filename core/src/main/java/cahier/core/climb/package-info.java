/**
 * Criteria that grow: climbs of one criterion, staircases of several, and the value half-way (docs/rules.md 4 and 6).
 * Front doors: {@link cahier.core.climb.Climb} and {@link cahier.core.climb.Staircase}.
 */
@NullMarked
package cahier.core.climb;

import org.jspecify.annotations.NullMarked;
