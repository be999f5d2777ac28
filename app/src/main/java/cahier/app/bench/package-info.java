/** Set-ups worked out before going out: what a dog sees of a path, how a dish pulls on a recall. Nothing is kept; the address is the set-up. */
@NullMarked
package cahier.app.bench;

import org.jspecify.annotations.NullMarked;
