/** A household's method: where good trainers differ. Front door: {@link cahier.app.method.Methods}. */
@NullMarked
package cahier.app.method;

import org.jspecify.annotations.NullMarked;
