package cahier.core.forecast;

import java.util.List;
import java.util.random.RandomGenerator;

/**
 * How often it may be practised, drawn once a run (docs/rules.md 8): the days looked at are a sample, so that each counts a random share of what is drawn, on average alike.
 *
 * @param reps of each kind of day
 * @param until cumulative shares, the last 1
 * @param from for each thirty-second of what may be drawn the first day that it may mean: a year of days is drawn two thousand times
 */
record Days(int[] reps, double[] until, int[] from) {

    private static final int PARTS = 32;

    /** Practice on three days of five, as if five had been seen. */
    private static final int WITH = 3;
    private static final int WITHOUT = 2;

    /** Days like those that were seen, at least one. */
    static Days like(List<Integer> seen, RandomGenerator random) {
        int[] reps = new int[seen.size()];
        double[] until = new double[seen.size()];
        double sum = 0;
        for (int i = 0; i < reps.length; i++) {
            reps[i] = seen.get(i);
            sum += random.nextExponential();
            until[i] = sum;
        }
        for (int i = 0; i < until.length; i++) {
            until[i] /= sum;
        }
        return of(reps, until);
    }

    /** The dose of the sheet on some days, nothing on the others, while hardly anything was seen. */
    static Days unknown(int dose, RandomGenerator random) {
        double with = gamma(WITH, random);
        double without = gamma(WITHOUT, random);
        return of(new int[] {dose, 0}, new double[] {with / (with + without), 1});
    }

    private static Days of(int[] reps, double[] until) {
        int[] from = new int[PARTS];
        int day = 0;
        for (int part = 0; part < PARTS; part++) {
            while (day < until.length - 1 && until[day] * PARTS <= part) {
                day++;
            }
            from[part] = day;
        }
        return new Days(reps, until, from);
    }

    private static double gamma(int shape, RandomGenerator random) {
        double sum = 0;
        for (int i = 0; i < shape; i++) {
            sum += random.nextExponential();
        }
        return sum;
    }

    /** Reps on the next day. */
    int next(RandomGenerator random) {
        double drawn = random.nextDouble();
        int day = from[(int) (drawn * PARTS)];
        while (day < until.length - 1 && until[day] <= drawn) {
            day++;
        }
        return reps[day];
    }
}
