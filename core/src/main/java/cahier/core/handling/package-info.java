/** Where a dog is touched next (docs/rules.md 15). Front door: {@link cahier.core.handling.HandlingPath}. */
@NullMarked
package cahier.core.handling;

import org.jspecify.annotations.NullMarked;
