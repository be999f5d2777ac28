package cahier.core.climb;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.DoublePredicate;
import java.util.stream.Stream;

/** What a climb counts in, with the values that are handy to say and to measure (docs/rules.md 6). */
public enum Unit {

    SECONDS(1, 2, 3, 5, 8, 10, 15, 20, 30, 45, 60, 90, 120, 180, 240, 300, 420, 600, 900, 1200, 1800, 2700, 3600, 5400, 7200, 10800, 14400),
    METRES(0.3, 0.5, 1, 1.5, 2, 3, 4, 5, 6, 8, 10, 12, 15, 18, 20, 25, 30, 35, 40, 45, 50, 60, 80, 100, 150, 200, 300, 400),
    COUNT(1, 2, 3, 4, 5, 6, 8, 10, 12, 15, 20, 25, 30, 40, 50, 60, 80, 100);

    private static final double SAME = 1e-9;

    private final List<Double> handy;

    Unit(double... handy) {
        this.handy = Arrays.stream(handy).boxed().toList();
    }

    /** The handy value nearest to v; a tie goes to the one nearer the start of the climb. */
    double snap(double v, double start) {
        return nearest(v, start, h -> true).orElseThrow();
    }

    /** The handy values from {@code more} below the least to as many above the most of these; those between and these themselves included, each once, rising. */
    public List<Double> around(List<Double> used, int more) {
        double least = used.stream().mapToDouble(Double::doubleValue).min().orElse(handy.get(0));
        double most = used.stream().mapToDouble(Double::doubleValue).max().orElse(handy.get(0));
        List<Double> below = handy.stream().filter(h -> h < least - SAME).toList();
        List<Double> above = handy.stream().filter(h -> h > most + SAME).toList();
        Stream<Double> between = Stream.concat(used.stream(), handy.stream().filter(h -> h > least + SAME && h < most - SAME && used.stream().noneMatch(u -> Math.abs(u - h) < SAME)));
        return Stream.of(below.subList(Math.max(0, below.size() - more), below.size()).stream(), between, above.subList(0, Math.min(more, above.size())).stream())
                .flatMap(part -> part).distinct().sorted().toList();
    }

    /** The largest handy value that is not above v, or v itself where all are larger. */
    public double down(double v) {
        return handy.stream().filter(h -> h <= v + SAME).mapToDouble(Double::doubleValue).max().orElse(v);
    }

    /**
     * The handy value half-way between two steps: nearest to their geometric mean (arithmetic if either is 0) and strictly between;
     * empty where there is none (docs/rules.md 4, SPLIT).
     *
     * @param below the easier step's value, 0 or more
     * @param above the harder step's value, 0 or more
     */
    public OptionalDouble halfWay(double below, double above) {
        if (!(below >= 0) || !(above >= 0)) {
            throw new IllegalArgumentException("below and above must be 0 or more, were " + below + " and " + above);
        }
        double mean = below == 0 || above == 0 ? (below + above) / 2 : Math.sqrt(below * above);
        double low = Math.min(below, above);
        double high = Math.max(below, above);
        return nearest(mean, below, h -> h > low + SAME && h < high - SAME);
    }

    private OptionalDouble nearest(double v, double start, DoublePredicate wanted) {
        return handy.stream().filter(wanted::test).min(Comparator.<Double>comparingDouble(h -> rounded(Math.abs(h - v)))
                .thenComparingDouble(h -> Math.abs(h - start))).map(OptionalDouble::of).orElse(OptionalDouble.empty());
    }

    /** Distances that differ by less than a rounding error tie. */
    private static double rounded(double distance) {
        return Math.rint(distance / SAME) * SAME;
    }
}
