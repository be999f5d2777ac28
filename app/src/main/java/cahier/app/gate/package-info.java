/**
 * Red flags: raised, cleared by a named profession, and what they shut meanwhile (docs/rules.md 21).
 * Front doors: {@link cahier.app.gate.Gates} and {@link cahier.app.gate.GateWords}.
 */
@NullMarked
package cahier.app.gate;

import org.jspecify.annotations.NullMarked;
