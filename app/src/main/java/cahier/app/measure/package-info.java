/** Steps that measure: what is logged beside the tracks becomes reps of them, and their criterion follows (docs/rules.md 39). */
@NullMarked
package cahier.app.measure;

import org.jspecify.annotations.NullMarked;
