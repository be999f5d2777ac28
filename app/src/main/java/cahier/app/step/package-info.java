/** The form of a step and what its pass rule will take, for tracks and templates alike. Front doors: {@link cahier.app.step.StepForm} and {@link cahier.app.step.EffortWords}. */
@NullMarked
package cahier.app.step;

import org.jspecify.annotations.NullMarked;
