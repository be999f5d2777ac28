/** Questions of owners between lessons, and their answers. Front door: {@link cahier.app.ask.Questions}. */
@NullMarked
package cahier.app.ask;

import org.jspecify.annotations.NullMarked;
