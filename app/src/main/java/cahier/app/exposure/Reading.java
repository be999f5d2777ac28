package cahier.app.exposure;

import cahier.app.draw.Drawing;
import cahier.core.exposure.NextDistance;
import cahier.core.exposure.Response;
import cahier.core.exposure.WorkingDistance;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What one dog's meetings with one kind of trigger say.
 *
 * @param met lately, oldest first
 * @param set where the trainer has it work, if that was said
 * @param since answers since that was set, oldest first
 * @param next where to work next; empty until a distance was set
 * @param before the working distance of two and of four weeks ago, where there was one, oldest first
 */
public record Reading(long dogId, String dog, Trigger kind, List<Met> met, OptionalDouble set, List<Response> since, WorkingDistance estimate, Optional<NextDistance> next, List<Double> before,
                      Drawing drawing) {

    public int count(Response response) {
        return (int) met.stream().filter(m -> m.response() == response).count();
    }

    /** What the margin proposes to work at: the next distance, or the estimate while none was set. */
    public OptionalDouble proposed() {
        if (next.isPresent()) {
            return next.get().verdict() == NextDistance.Verdict.STAY ? OptionalDouble.empty() : OptionalDouble.of(next.get().metres());
        }
        return estimate.curve().isPresent() ? OptionalDouble.of(Math.round(10 * estimate.curve().get().workingMetres()) / 10.0) : estimate.nearestWithCalm();
    }
}
