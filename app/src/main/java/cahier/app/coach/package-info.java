/** The coach inside a session as a page carries it. Front door: {@link cahier.app.coach.CoachTables}. */
@NullMarked
package cahier.app.coach;

import org.jspecify.annotations.NullMarked;
