/** A criterion's stages written out as steps: how each grows, and the steps of several crossed. Front doors: {@link cahier.app.climb.ClimbPlan} and {@link cahier.app.climb.Growth}. */
@NullMarked
package cahier.app.climb;

import org.jspecify.annotations.NullMarked;
