/** A dog left alone: what a watch says, and how long to leave it next (docs/rules.md 14). Front doors: {@link cahier.core.alone.AloneReading} and {@link cahier.core.alone.NextTarget}. */
@NullMarked
package cahier.core.alone;

import org.jspecify.annotations.NullMarked;
