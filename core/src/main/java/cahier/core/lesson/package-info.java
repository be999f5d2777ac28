/** What surrounds a lesson: who needs the trainer first (docs/rules.md 20). Front door: {@link cahier.core.lesson.Triage}. */
@NullMarked
package cahier.core.lesson;

import org.jspecify.annotations.NullMarked;
