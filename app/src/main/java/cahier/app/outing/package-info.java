/** Long sittings in one place and walks out and back, as owners tapped them. Front door: {@link cahier.app.outing.Outings}. */
@NullMarked
package cahier.app.outing;

import org.jspecify.annotations.NullMarked;
