/** What a migration mended or could not mend, for the trainer to look at. Front door: {@link cahier.app.update.UpdateNotes}. */
@NullMarked
package cahier.app.update;

import org.jspecify.annotations.NullMarked;
