/** What must come first, over the tracks of one household (docs/rules.md 33). Front door: {@link cahier.core.roadmap.Prerequisites}. */
@NullMarked
package cahier.core.roadmap;

import org.jspecify.annotations.NullMarked;
