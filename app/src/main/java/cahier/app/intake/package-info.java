/**
 * First contact: what is wanted, what was tried, how the household lives, the dogs' health and history, dangers and red flags.
 * Front doors: {@link cahier.app.intake.Intakes} and {@link cahier.app.intake.IntakeController}.
 */
@NullMarked
package cahier.app.intake;

import org.jspecify.annotations.NullMarked;
