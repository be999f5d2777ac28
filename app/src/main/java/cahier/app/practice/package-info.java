/**
 * The owner's pages: what to practise today, and the reps that come back. No account; the link is the right.
 * Front doors: {@link cahier.app.practice.OwnerController} and {@link cahier.app.practice.RepsController}.
 */
@NullMarked
package cahier.app.practice;

import org.jspecify.annotations.NullMarked;
