/** A lesson before, while and after it is given: its brief, its agenda, taps on the spot, how it is closed. Front door: {@link cahier.app.brief.LessonController}. */
@NullMarked
package cahier.app.brief;

import org.jspecify.annotations.NullMarked;
