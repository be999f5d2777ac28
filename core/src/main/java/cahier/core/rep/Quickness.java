package cahier.core.rep;

import java.util.List;
import java.util.Optional;

/**
 * How soon the dog answers, or lies down (docs/rules.md 25): the middle of five clean times.
 *
 * @param first seconds, of the first five of the visit
 * @param lately seconds, of the last five
 */
public record Quickness(double first, double lately) {

    /** An answer that takes longer is not sure yet, seconds. */
    public static final double SURE_WITHIN_S = 3;
    private static final int OF = 5;
    private static final double SLOWER = 1.5;

    /** @param seconds of the CLEAN reps that were timed, oldest first, each 0 or more; empty with fewer than five */
    public static Optional<Quickness> of(List<Double> seconds) {
        return seconds.size() < OF ? Optional.empty() : Optional.of(new Quickness(middle(seconds.subList(0, OF)), middle(seconds.subList(seconds.size() - OF, seconds.size()))));
    }

    /** Whether it answers, but not as one that is sure does. */
    public boolean isSlow() {
        return lately > SURE_WITHIN_S;
    }

    /** Whether it answers later than it did: half as long again, at least. */
    public boolean isSlower() {
        return first > 0 && lately >= SLOWER * first;
    }

    private static double middle(List<Double> five) {
        return five.stream().sorted().toList().get(OF / 2);
    }
}
