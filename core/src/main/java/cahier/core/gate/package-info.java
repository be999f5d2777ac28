/**
 * What comes before training: red flags that shut kinds of track until a profession clears them (docs/rules.md 21), and dangers to take out of
 * the way on the first day (docs/rules.md 30). Front doors: {@link cahier.core.gate.Gate} and {@link cahier.core.gate.Danger}.
 */
@NullMarked
package cahier.core.gate;

import org.jspecify.annotations.NullMarked;
