package cahier.core.pay;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.Collectors;

/** Draws what the next reps are paid with, no kind more than twice running (docs/rules.md 13). */
public final class Payoffs {

    private static final int MOST_RUNNING = 2;

    private Payoffs() {
    }

    /**
     * The same weights, number and seed make the same list.
     *
     * @param weights two kinds at least, each 1 or more: one alone cannot be mixed
     * @param n how many, 0 or more
     */
    public static List<Payoff> draw(Map<Payoff, Integer> weights, int n, long seed) {
        if (weights.size() < 2) {
            throw new IllegalArgumentException("weights must hold 2 kinds or more, were " + weights.size());
        }
        if (weights.values().stream().anyMatch(w -> w < 1)) {
            throw new IllegalArgumentException("weights must be 1 or more, were " + new TreeMap<>(weights));
        }
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        List<Payoff> drawn = new ArrayList<>(n);
        while (drawn.size() < n) {
            drawn.add(one(allowed(weights, drawn), random));
        }
        return List.copyOf(drawn);
    }

    /** As {@link #draw(Map, int, long)}, each kind as often as is usual. */
    public static List<Payoff> draw(Collection<Payoff> kinds, int n, long seed) {
        return draw(kinds.stream().distinct().collect(Collectors.toMap(Function.identity(), Payoff::usualWeight)), n, seed);
    }

    private static Map<Payoff, Integer> allowed(Map<Payoff, Integer> weights, List<Payoff> drawn) {
        Map<Payoff, Integer> allowed = new TreeMap<>(Comparator.naturalOrder());
        allowed.putAll(weights);
        List<Payoff> last = drawn.subList(Math.max(0, drawn.size() - MOST_RUNNING), drawn.size());
        if (last.size() == MOST_RUNNING && last.stream().distinct().count() == 1) {
            allowed.remove(last.get(0));
        }
        return allowed;
    }

    private static Payoff one(Map<Payoff, Integer> weights, RandomGenerator random) {
        int left = random.nextInt(weights.values().stream().mapToInt(Integer::intValue).sum());
        for (Map.Entry<Payoff, Integer> kind : weights.entrySet()) {
            left -= kind.getValue();
            if (left < 0) {
                return kind.getKey();
            }
        }
        throw new IllegalStateException("nothing to draw from " + weights);
    }
}
