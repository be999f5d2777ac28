/**
 * What only grows: who came in, who let whom in, who took what away.
 * Front door: {@link cahier.app.audit.Audited}, published by whoever does such a thing.
 */
@NullMarked
package cahier.app.audit;

import org.jspecify.annotations.NullMarked;
