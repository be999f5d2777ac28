/** Who changed what of a household, gathered from what each act keeps of itself; and who looked at it. */
@NullMarked
package cahier.app.history;

import org.jspecify.annotations.NullMarked;
