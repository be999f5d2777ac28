/**
 * What a trainer types and has not kept yet: drafts of forms, field by field, from any device.
 * Front doors: {@link cahier.app.draft.Drafts} and {@link cahier.app.draft.DraftController}.
 */
@NullMarked
package cahier.app.draft;

import org.jspecify.annotations.NullMarked;
