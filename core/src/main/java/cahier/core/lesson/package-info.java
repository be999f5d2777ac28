/** What surrounds a lesson: who needs the trainer first, what the hour holds (docs/rules.md 19, 20). Front doors: {@link cahier.core.lesson.Triage} and {@link cahier.core.lesson.Agenda}. */
@NullMarked
package cahier.core.lesson;

import org.jspecify.annotations.NullMarked;
