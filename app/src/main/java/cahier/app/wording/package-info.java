/** The texts that go out in the trainer's name, theirs to edit: mails, and what stands on the sheet. Front door: {@link cahier.app.wording.Wordings}. */
@NullMarked
package cahier.app.wording;

import org.jspecify.annotations.NullMarked;
