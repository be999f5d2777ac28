package cahier.core.forecast;

/** Reps it takes to see k CLEAN in a row (docs/rules.md 7). */
public final class Effort {

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
    public static double doneWithin(double p, int k, int n) {
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

    private static void check(double p, int k) {
        if (!(p > 0 && p <= 1)) {
            throw new IllegalArgumentException("p must be more than 0 and at most 1, was " + p + ", for example 0.8");
        }
        if (k < 1) {
            throw new IllegalArgumentException("k must be 1 or more, was " + k + ", for example 5");
        }
    }
}
