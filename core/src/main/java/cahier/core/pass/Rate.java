package cahier.core.pass;

import cahier.core.rep.Evidence;
import cahier.core.rep.Outcome;
import cahier.core.rep.Visit;
import java.util.List;

/**
 * RATE(p, n): n reps exist and at least ceil(p n) of the last n are CLEAN (docs/rules.md 3).
 *
 * @param p share, more than 0, at most 1
 * @param n reps looked at, 1 to 100
 */
public record Rate(double p, int n, Spread spread) implements PassRule {

    private static final double EPSILON = 1e-9;

    public Rate {
        if (!(p > 0 && p <= 1)) {
            throw new IllegalArgumentException("p must be more than 0 and at most 1, was " + p + ", for example 0.8");
        }
        Limits.reps("n", n);
    }

    @Override
    public List<Missing> missing(Visit counted) {
        Evidence evidence = Evidence.of(counted);
        if (evidence.reps() < n) {
            return List.of(new Missing(Missing.What.REPS, n - evidence.reps()));
        }
        int more = needed() - evidence.count(Outcome.CLEAN, n);
        return more > 0 ? List.of(new Missing(Missing.What.CLEAN_OF_LAST, more)) : List.of();
    }

    /** CLEAN wanted among the last n. */
    public int needed() {
        return (int) Math.ceil(p * n - EPSILON);
    }

    @Override
    public int least() {
        return n;
    }
}
