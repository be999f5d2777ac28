/** A plan walked by made-up dogs, as the trainer compares plans. Front door: {@link cahier.app.rehearse.Rehearsals}. */
@NullMarked
package cahier.app.rehearse;

import org.jspecify.annotations.NullMarked;
