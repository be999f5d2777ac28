/** Lessons beside their date: their agenda, where they stand, the pack they are paid from. Front door: {@link cahier.app.lesson.Lessons}. */
@NullMarked
package cahier.app.lesson;

import org.jspecify.annotations.NullMarked;
