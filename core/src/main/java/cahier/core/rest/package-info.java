/**
 * May this be practised, and which step (docs/rules.md 38): the one answer for the phone, the sheet, the week, the brief and what is issued.
 * Front doors: {@link cahier.core.rest.Permit} and the {@link cahier.core.rest.Situation} it is made from.
 */
@NullMarked
package cahier.core.rest;

import org.jspecify.annotations.NullMarked;
