/** What to do next inside a session (docs/rules.md 5). Front doors: {@link cahier.core.coach.Coach} and {@link cahier.core.coach.CoachTable}. */
@NullMarked
package cahier.core.coach;

import org.jspecify.annotations.NullMarked;
