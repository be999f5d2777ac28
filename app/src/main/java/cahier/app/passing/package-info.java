/** Who passes where, and at what hour (docs/rules.md 26). Front door: {@link cahier.app.passing.Passing}. */
@NullMarked
package cahier.app.passing;

import org.jspecify.annotations.NullMarked;
