/**
 * How much somebody may send, and how often (docs/decisions/0024-brakes.md).
 * Front door: {@link cahier.app.brake.Brakes}.
 */
@NullMarked
package cahier.app.brake;

import org.jspecify.annotations.NullMarked;
