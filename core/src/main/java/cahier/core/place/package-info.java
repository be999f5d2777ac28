/** How hard each place is, as the reps say and as the trainer thought (docs/rules.md 22). Front door: {@link cahier.core.place.Places}. */
@NullMarked
package cahier.core.place;

import org.jspecify.annotations.NullMarked;
