/**
 * The decision: up, stay, back, split, refresh, call or done, with its reasons as data (docs/rules.md 4).
 * Front doors: {@link cahier.core.decide.Judge} and {@link cahier.core.decide.Standing}.
 */
@NullMarked
package cahier.core.decide;

import org.jspecify.annotations.NullMarked;
