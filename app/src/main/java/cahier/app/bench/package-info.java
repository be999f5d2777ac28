/** Set-ups worked out before going out: what a dog sees of a path, how a dish pulls on a recall. The address is the set-up; kept for a household it goes on its sheets. Front door: {@link cahier.app.bench.Setups}. */
@NullMarked
package cahier.app.bench;

import org.jspecify.annotations.NullMarked;
