/** How long it will take (docs/rules.md 7). Front door: {@link cahier.core.forecast.Effort}. */
@NullMarked
package cahier.core.forecast;

import org.jspecify.annotations.NullMarked;
