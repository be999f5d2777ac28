/** What is kept for good as JSON, by version, so that it stays readable when its shape changes. Front door: {@link cahier.app.stored.Stored}. */
@NullMarked
package cahier.app.stored;

import org.jspecify.annotations.NullMarked;
