/**
 * Issued homework: the numbered snapshot, and the owner's link to it.
 * Front doors: {@link cahier.app.sheet.Homeworks} and {@link cahier.app.sheet.OwnerLinks}.
 */
@NullMarked
package cahier.app.sheet;

import org.jspecify.annotations.NullMarked;
