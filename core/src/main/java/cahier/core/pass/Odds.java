package cahier.core.pass;

import cahier.core.rep.Evidence;
import cahier.core.rep.Visit;
import java.util.List;

/**
 * ODDS(bar, confidence): at least 10 reps, and the odds over the last 20 that the true rate is at the bar or above are at least the confidence
 * (docs/rules.md 3).
 *
 * @param bar more than 0, less than 1
 * @param confidence more than 0, less than 1
 */
public record Odds(double bar, double confidence, Spread spread) implements PassRule {

    /** Fewest reps that odds are read from. */
    public static final int LEAST_REPS = 10;
    private static final double EPSILON = 1e-9;
    private static final int PERCENT = 100;

    /** 16 of 20 hold it, and 9 of 10. */
    public static Odds usual(Spread spread) {
        return new Odds(0.7, 0.8, spread);
    }

    public Odds {
        share("bar", bar);
        share("confidence", confidence);
    }

    private static void share(String name, double value) {
        if (!(value > 0 && value < 1)) {
            throw new IllegalArgumentException(name + " must be more than 0 and less than 1, was " + value + ", for example 0.8");
        }
    }

    @Override
    public List<Missing> missing(Visit counted) {
        Evidence evidence = Evidence.of(counted);
        if (evidence.reps() < LEAST_REPS) {
            return List.of(new Missing(Missing.What.REPS, LEAST_REPS - evidence.reps()));
        }
        double below = confidence - evidence.odds(bar, Evidence.ODDS_REPS);
        return below <= EPSILON ? List.of() : List.of(new Missing(Missing.What.ODDS_PERCENT, Math.max(1, (int) Math.ceil(PERCENT * below))));
    }

    @Override
    public int least() {
        return LEAST_REPS;
    }
}
