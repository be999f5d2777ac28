/** What dogs met and at what distance, as owners and trainers tapped it, and how near each dog can work. Front door: {@link cahier.app.exposure.Exposures}. */
@NullMarked
package cahier.app.exposure;

import org.jspecify.annotations.NullMarked;
