/**
 * Geometry of drawings: values in; points, labels and path data out. Templates only place them.
 * Front doors: {@link cahier.app.draw.StairDrawing}, {@link cahier.app.draw.RepStrip} and {@link cahier.app.draw.FourteenDays}.
 */
@NullMarked
package cahier.app.draw;

import org.jspecify.annotations.NullMarked;
