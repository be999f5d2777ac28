package cahier.core.slip;

import java.util.List;
import java.util.Optional;

/**
 * What the misses of a visit point to (docs/rules.md 24). It stands beside the decision and never replaces it.
 *
 * @param slip the code that came up again and again
 * @param event where the chain broke most often, for {@link Slip#BROKE_AT}; empty otherwise
 * @param times reps with that code
 * @param of coded reps that were not CLEAN
 */
public record Remedy(Slip slip, String event, int times, int of) {

    /** One rep that was not CLEAN and has a code; event only with {@link Slip#BROKE_AT}. */
    public record Coded(Slip slip, String event) {
    }

    /** Proposed from four coded reps on, when one code is on at least half of them; of two on half each, the one seen last. */
    public static Optional<Remedy> of(List<Coded> misses) {
        return Oftenest.ofHalf(misses.stream().map(Coded::slip).toList()).map(most -> {
            List<String> events = misses.stream().filter(m -> m.slip() == most.what()).map(Coded::event).filter(e -> !e.isEmpty()).toList();
            return new Remedy(most.what(), most.what() == Slip.BROKE_AT ? Oftenest.of(events).map(Oftenest::what).orElse("") : "", most.times(), misses.size());
        });
    }
}
