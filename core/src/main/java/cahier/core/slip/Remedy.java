package cahier.core.slip;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
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

    private static final int FEWEST = 4;

    /** One rep that was not CLEAN and has a code; event only with {@link Slip#BROKE_AT}. */
    public record Coded(Slip slip, String event) {
    }

    /** Proposed from four coded reps on, when one code is on at least half of them; of two on half each, the one seen last. */
    public static Optional<Remedy> of(List<Coded> misses) {
        Map<Slip, Integer> counts = count(misses.stream().map(Coded::slip).toList());
        return most(counts).filter(slip -> misses.size() >= FEWEST && 2 * Objects.requireNonNull(counts.get(slip)) >= misses.size()).map(slip -> {
            List<String> events = misses.stream().filter(m -> m.slip() == slip).map(Coded::event).filter(e -> !e.isEmpty()).toList();
            return new Remedy(slip, slip == Slip.BROKE_AT ? most(count(events)).orElse("") : "", Objects.requireNonNull(counts.get(slip)), misses.size());
        });
    }

    private static <T> Map<T, Integer> count(List<T> seen) {
        Map<T, Integer> counts = new LinkedHashMap<>();
        for (T one : seen) {
            int before = counts.getOrDefault(one, 0);
            counts.remove(one); // the last one seen stands last
            counts.put(one, before + 1);
        }
        return counts;
    }

    private static <T> Optional<T> most(Map<T, Integer> counts) {
        return counts.entrySet().stream().reduce((a, b) -> b.getValue() >= a.getValue() ? b : a).map(Map.Entry::getKey);
    }
}
