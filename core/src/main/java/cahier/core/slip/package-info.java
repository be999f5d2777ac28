/** Kinds of misses (docs/rules.md 24). Front door: {@link cahier.core.slip.Slip}. */
@NullMarked
package cahier.core.slip;

import org.jspecify.annotations.NullMarked;
