/** Templates a track can start from. Front door: {@link cahier.app.shelf.Shelf}. */
@NullMarked
package cahier.app.shelf;

import org.jspecify.annotations.NullMarked;
