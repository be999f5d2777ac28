/** Which remedy to try first when a step stalls (docs/rules.md 29). Front door: {@link cahier.core.probe.Probe}. */
@NullMarked
package cahier.core.probe;

import org.jspecify.annotations.NullMarked;
