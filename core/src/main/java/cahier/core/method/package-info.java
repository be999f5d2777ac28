/**
 * Where good trainers differ, as choices of a household; and what is not offered (docs/rules.md 32).
 * Front doors: {@link cahier.core.method.Method} and {@link cahier.core.method.Harm}.
 */
@NullMarked
package cahier.core.method;

import org.jspecify.annotations.NullMarked;
