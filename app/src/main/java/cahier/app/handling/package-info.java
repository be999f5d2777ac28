/** Where a dog likes the hand, and where the hand goes next. Front door: {@link cahier.app.handling.Handling}. */
@NullMarked
package cahier.app.handling;

import org.jspecify.annotations.NullMarked;
