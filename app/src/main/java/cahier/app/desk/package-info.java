/** The trainer's desk: today's lessons, and who needs a look and why. Front door: {@link cahier.app.desk.DeskController}. */
@NullMarked
package cahier.app.desk;

import org.jspecify.annotations.NullMarked;
