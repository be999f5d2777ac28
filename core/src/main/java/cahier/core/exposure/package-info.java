/** What practitioners measure by eye: how near a dog can work to what it minds, what it sees of a path, how a dish pulls it from the way to the caller. */
@NullMarked
package cahier.core.exposure;

import org.jspecify.annotations.NullMarked;
