/**
 * Reps and the evidence they make: what was tried, in which session, and what it says (docs/rules.md 1 and 2).
 * Front doors: {@link cahier.core.rep.Rep} with {@link cahier.core.rep.Session}, and {@link cahier.core.rep.Visit}.
 */
@NullMarked
package cahier.core.rep;

import org.jspecify.annotations.NullMarked;
