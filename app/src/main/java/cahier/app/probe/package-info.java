/** One test at a time when a step stalls (docs/rules.md 29). Front door: {@link cahier.app.probe.Probes}. */
@NullMarked
package cahier.app.probe;

import org.jspecify.annotations.NullMarked;
