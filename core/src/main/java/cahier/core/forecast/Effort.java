package cahier.core.forecast;

import cahier.core.pass.Block;
import cahier.core.pass.Calm;
import cahier.core.pass.Odds;
import cahier.core.pass.PassRule;
import cahier.core.pass.Rate;

/** Reps it takes to pass (docs/rules.md 7 and 8). */
public final class Effort {

    static final double BASELINE_P = 0.75;
    private static final double REPS_OF_RATE = 1.5;
    private static final double REPS_OF_ODDS = 20;
    private static final double REPS_OF_BLOCK = 2;
    private static final double SESSIONS_OF_CALM = 1.3;

    private Effort() {
    }

    /**
     * Expected reps until k in a row: (1 - p^k) / ((1 - p) p^k), k when p = 1.
     *
     * @param p chance that a rep is CLEAN, more than 0, at most 1
     * @param k CLEAN in a row, 1 or more
     */
    public static double expectedReps(double p, int k) {
        check(p, k);
        double all = Math.pow(p, k);
        return p == 1 ? k : (1 - all) / ((1 - p) * all);
    }

    /**
     * P(k in a row were seen within n reps), by the chain of k + 1 states whose last one holds.
     *
     * @param n reps, 0 or more
     */
    static double doneWithin(double p, int k, int n) {
        check(p, k);
        if (n < 0) {
            throw new IllegalArgumentException("n must be 0 or more, was " + n);
        }
        double[] inRow = new double[k + 1];
        inRow[0] = 1;
        for (int rep = 0; rep < n; rep++) {
            double[] next = new double[k + 1];
            next[k] = inRow[k] + p * inRow[k - 1];
            for (int i = 0; i < k; i++) {
                next[0] += (1 - p) * inRow[i];
                if (i > 0) {
                    next[i] += p * inRow[i - 1];
                }
            }
            inRow = next;
        }
        return inRow[k];
    }

    /** The least possible: k for each step that is left. */
    public static long least(int k, int steps) {
        return Math.multiplyExact((long) k, steps);
    }

    /**
     * Reps a step usually costs before anything is known of this dog (docs/rules.md 8).
     *
     * @param dose reps a session, 1 or more
     */
    public static double baseline(PassRule rule, int dose) {
        if (rule instanceof Rate rate) {
            return REPS_OF_RATE * rate.n();
        }
        if (rule instanceof Odds) {
            return REPS_OF_ODDS;
        }
        if (rule instanceof Block block) {
            return REPS_OF_BLOCK * block.n();
        }
        if (rule instanceof Calm calm) {
            return SESSIONS_OF_CALM * calm.s() * dose;
        }
        return rule.measure().filter(m -> !m.kind().isNearer()).isPresent() ? rule.least() * (double) dose : expectedReps(BASELINE_P, rule.least());
    }

    private static void check(double p, int k) {
        if (!(p > 0 && p <= 1)) {
            throw new IllegalArgumentException("p must be more than 0 and at most 1, was " + p + ", for example 0.8");
        }
        if (k < 1) {
            throw new IllegalArgumentException("k must be 1 or more, was " + k + ", for example 5");
        }
    }
}
