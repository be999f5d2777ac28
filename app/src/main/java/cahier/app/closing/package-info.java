/**
 * The end of things: a household that is closed, a dog that is gone, somebody who left, a track that was taken off. All of it stays as it
 * was and can be worked with again.
 */
@NullMarked
package cahier.app.closing;

import org.jspecify.annotations.NullMarked;
