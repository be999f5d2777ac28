package cahier.core.rep;

import java.util.Collections;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.apache.commons.statistics.distribution.BetaDistribution;

/** What a list of WORK reps says, oldest first (docs/rules.md 2). */
public final class Evidence {

    /** How many reps {@link #odds} looks at unless told otherwise. */
    public static final int ODDS_REPS = 20;
    /** The true rate of CLEAN that {@link #odds} is said for unless told otherwise, 0 to 1. */
    public static final double ODDS_BAR = 0.8;

    private final List<Outcome> outcomes;

    private Evidence(List<Outcome> outcomes) {
        this.outcomes = List.copyOf(outcomes);
    }

    /** Evidence of outcomes, oldest first; may be empty. */
    public static Evidence of(List<Outcome> outcomes) {
        return new Evidence(outcomes);
    }

    /** Evidence of all WORK reps of a visit. */
    public static Evidence of(Visit visit) {
        return new Evidence(visit.work().stream().map(Rep::outcome).toList());
    }

    /**
     * The share of clean reps to expect next, above 0 and below 1, with one clean and one other rep to begin with (docs/rules.md 17, 18).
     *
     * @param clean 0 to reps
     */
    public static double expected(int clean, int reps) {
        if (clean < 0 || clean > reps) {
            throw new IllegalArgumentException("clean must be from 0 to " + reps + ", was " + clean);
        }
        return (clean + 1.0) / (reps + 2.0);
    }

    /** Number of reps. */
    public int reps() {
        return outcomes.size();
    }

    /** Number of reps with this outcome among the last {@code n}, or among all there are when fewer. */
    public int count(Outcome outcome, int n) {
        return Collections.frequency(last(n), outcome);
    }

    /** Number of CLEAN at the end of the list. */
    public int run() {
        int run = 0;
        while (run < outcomes.size() && outcomes.get(outcomes.size() - 1 - run) == Outcome.CLEAN) {
            run++;
        }
        return run;
    }

    /** CLEAN share of the last {@code n} reps, 0 to 1; empty with fewer than n. */
    public OptionalDouble rate(int n) {
        return outcomes.size() < positive(n) ? OptionalDouble.empty()
                : OptionalDouble.of((double) count(Outcome.CLEAN, n) / n);
    }

    /** P(true success rate &gt;= bar) by a uniform prior over the last {@code n} reps or all when fewer; bar within 0 to 1. */
    public double odds(double bar, int n) {
        if (!(bar >= 0 && bar <= 1)) {
            throw new IllegalArgumentException("bar must be from 0 to 1, was " + bar + ", for example 0.8");
        }
        return posterior(n).survivalProbability(bar);
    }

    /** The density of the true success rate at {@code rate}, 0 to 1, over the last {@code n} reps or all when fewer. */
    public double density(double rate, int n) {
        return posterior(n).density(rate);
    }

    /** The 10% and 90% quantiles of the true success rate over the last {@code n} reps or all when fewer. */
    public Interval interval(int n) {
        BetaDistribution beta = posterior(n);
        return new Interval(beta.inverseCumulativeProbability(0.1), beta.inverseCumulativeProbability(0.9));
    }

    /** CLEAN among the last {@code m} cold reps of a visit; empty with fewer than m cold reps. */
    public static OptionalInt cold(Visit visit, int m) {
        List<Rep> cold = visit.sessions().stream().flatMap(s -> s.coldRep().stream()).sorted(Rep.IN_ORDER).toList();
        return cold.size() < positive(m) ? OptionalInt.empty()
                : OptionalInt.of((int) cold.subList(cold.size() - m, cold.size()).stream().filter(Rep::isClean).count());
    }

    private BetaDistribution posterior(int n) {
        int clean = count(Outcome.CLEAN, n);
        return BetaDistribution.of(1 + clean, 1 + last(n).size() - clean);
    }

    private List<Outcome> last(int n) {
        return outcomes.subList(Math.max(0, outcomes.size() - positive(n)), outcomes.size());
    }

    private static int positive(int n) {
        if (n < 1) {
            throw new IllegalArgumentException("n must be 1 or more, was " + n);
        }
        return n;
    }

    /**
     * A range of the true success rate, 0 to 1.
     *
     * @param low 10% quantile
     * @param high 90% quantile
     */
    public record Interval(double low, double high) {
    }
}
