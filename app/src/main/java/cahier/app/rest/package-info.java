/**
 * May this be practised by this household now: gathers what decides it, asks the core (docs/rules.md 38), says it in words, and marks what was tapped all the same.
 * Front doors: {@link cahier.app.rest.Rests}, whose answer is an {@link cahier.app.rest.Allowed}, and {@link cahier.app.rest.Taps}.
 */
@NullMarked
package cahier.app.rest;

import org.jspecify.annotations.NullMarked;
