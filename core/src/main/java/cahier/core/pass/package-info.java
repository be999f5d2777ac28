/**
 * Pass rules: whether a step is passed and, if not, what is missing (docs/rules.md 3).
 * Front doors: {@link cahier.core.pass.PassRule} and {@link cahier.core.pass.PassCheck}.
 */
@NullMarked
package cahier.core.pass;

import org.jspecify.annotations.NullMarked;
