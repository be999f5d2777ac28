/**
 * The owner's pages: what to practise today, and the reps that come back. No account; the link is the right.
 * Front doors: {@link cahier.app.owner.OwnerController} and {@link cahier.app.owner.RepsController}.
 */
@NullMarked
package cahier.app.owner;

import org.jspecify.annotations.NullMarked;
