package cahier.core.rep;

import java.util.Collection;
import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * CLEAN and number of reps, by person, place, side, item or two of them together (docs/rules.md 2).
 *
 * @param key what the reps have in common
 * @param clean 0 to reps
 */
public record Cells<K extends Comparable<? super K>>(K key, int clean, int reps) {

    /**
     * One cell for each key that has a rep, in the order of the keys. An empty text is no key: nobody said.
     *
     * @param reps WORK reps, or what stands for them
     */
    public static <R, K extends Comparable<? super K>> List<Cells<K>> by(Collection<R> reps, Function<R, K> key, Predicate<R> clean) {
        return reps.stream().filter(r -> !"".equals(key.apply(r))).collect(Collectors.groupingBy(key)).entrySet().stream()
                .map(e -> new Cells<>(e.getKey(), (int) e.getValue().stream().filter(clean).count(), e.getValue().size()))
                .sorted((a, b) -> a.key().compareTo(b.key())).toList();
    }
}
