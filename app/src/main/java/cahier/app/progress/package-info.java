/** How far a household has come, drawn and counted for trainers and owners alike. Front doors: {@link cahier.app.progress.Stairs} and {@link cahier.app.progress.Progress}. */
@NullMarked
package cahier.app.progress;

import org.jspecify.annotations.NullMarked;
