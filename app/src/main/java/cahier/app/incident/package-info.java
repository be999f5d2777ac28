/** What happened for real between exercises. Front door: {@link cahier.app.incident.Incidents}. */
@NullMarked
package cahier.app.incident;

import org.jspecify.annotations.NullMarked;
