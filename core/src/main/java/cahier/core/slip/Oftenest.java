package cahier.core.slip;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What was seen most often in a list, oldest first.
 *
 * @param times 1 or more
 */
record Oftenest<T>(T what, int times) {

    private static final int FEWEST = 4;

    /** None of an empty list; of two seen as often, the one seen last. */
    static <T> Optional<Oftenest<T>> of(List<T> seen) {
        Map<T, Integer> counts = new LinkedHashMap<>();
        for (T one : seen) {
            int before = counts.getOrDefault(one, 0);
            counts.remove(one); // the last one seen stands last
            counts.put(one, before + 1);
        }
        return counts.entrySet().stream().reduce((a, b) -> b.getValue() >= a.getValue() ? b : a).map(e -> new Oftenest<>(e.getKey(), e.getValue()));
    }

    /** The same where there are four at least and it is half of them or more: then something is done about it. */
    static <T> Optional<Oftenest<T>> ofHalf(List<T> seen) {
        return of(seen).filter(most -> seen.size() >= FEWEST && 2 * most.times() >= seen.size());
    }
}
