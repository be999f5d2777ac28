/**
 * Steps that measure: their criterion is a distance, a time, a zone of the body, and adjusts itself (docs/rules.md 39).
 * Front doors: {@link cahier.core.measure.Measure}, {@link cahier.core.measure.Mapping}, {@link cahier.core.measure.Headway}.
 */
@org.jspecify.annotations.NullMarked
package cahier.core.measure;
