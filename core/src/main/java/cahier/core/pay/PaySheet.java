package cahier.core.pay;

import cahier.core.climb.Climb;
import cahier.core.climb.Unit;
import java.util.List;
import java.util.OptionalInt;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.IntStream;

/**
 * Seconds from one pay to the next, unpredictable around a mean (docs/rules.md 13). The same mean, spread, length and seed make the same sheet.
 *
 * @param mean seconds, what {@link #intervals} come to on average within {@link #ALMOST}
 * @param intervals whole seconds, 1 or more each; no three alike in a row from a mean of 2 s on
 */
public record PaySheet(int mean, List<Integer> intervals) {

    public static final double USUAL_SPREAD = 0.6;
    /** How far the mean of the intervals may lie from the one asked for, as a share of it. */
    public static final double ALMOST = 0.05;
    public static final int LONGEST_MEAN = 600;
    private static final int MOST = 10_000;
    private static final int TRIES = 100;

    private static final int FIRST_MEAN = 3;
    private static final int LAST_MEAN = 60;
    private static final double GROWTH = 1.5;

    public PaySheet {
        intervals = List.copyOf(intervals);
    }

    /**
     * @param mean whole seconds, 1 to {@value #LONGEST_MEAN}
     * @param spread how far an interval may lie from the mean, as a share of it, more than 0 and at most 1
     * @param n how many, 1 to 10,000
     */
    public static PaySheet of(int mean, double spread, int n, long seed) {
        within("mean", mean, LONGEST_MEAN);
        within("n", n, MOST);
        if (!(spread > 0 && spread <= 1)) {
            throw new IllegalArgumentException("spread must be more than 0 and at most 1, was " + spread + ", for example " + USUAL_SPREAD);
        }
        // A narrow spread still leaves the mean and its neighbours: without two values nothing is unpredictable.
        int low = Math.max(1, Math.min(mean - 1, (int) Math.round(mean * (1 - spread))));
        int high = Math.max(mean + 1, (int) Math.round(mean * (1 + spread)));
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        for (int i = 0; i < TRIES; i++) {
            int[] drawn = draw(mean, spread, n, low, high, random);
            if (nudge(drawn, mean, low, high, random)) {
                return new PaySheet(mean, IntStream.of(drawn).boxed().toList());
            }
        }
        throw new IllegalStateException("no sheet of " + n + " intervals around " + mean + " s");
    }

    private static int[] draw(int mean, double spread, int n, int low, int high, RandomGenerator random) {
        int[] drawn = new int[n];
        for (int i = 0; i < n; i++) {
            drawn[i] = Math.min(high, Math.max(low, (int) Math.round(mean * (1 + spread * (2 * random.nextDouble() - 1)))));
            while (isThirdAlike(drawn, i, mean)) {
                drawn[i] = low + random.nextInt(high - low + 1);
            }
        }
        return drawn;
    }

    /** Second by second, each at a place of its own, until the mean is near enough. */
    private static boolean nudge(int[] drawn, int mean, int low, int high, RandomGenerator random) {
        long off = IntStream.of(drawn).asLongStream().sum() - (long) mean * drawn.length;
        long before = Long.MAX_VALUE;
        while (Math.abs(off) > ALMOST * mean * drawn.length && Math.abs(off) < before) {
            before = Math.abs(off);
            int by = off > 0 ? -1 : 1;
            int first = random.nextInt(drawn.length);
            for (int i = 0; i < drawn.length && Math.abs(off) > ALMOST * mean * drawn.length; i++) {
                int at = (first + i) % drawn.length;
                drawn[at] += by;
                boolean kept = drawn[at] >= low && drawn[at] <= high
                        && IntStream.rangeClosed(at, Math.min(at + 2, drawn.length - 1)).noneMatch(j -> isThirdAlike(drawn, j, mean));
                if (kept) {
                    off += by;
                } else {
                    drawn[at] -= by;
                }
            }
        }
        return Math.abs(off) <= ALMOST * mean * drawn.length;
    }

    private static boolean isThirdAlike(int[] drawn, int i, int mean) {
        return mean >= 2 && i >= 2 && drawn[i] == drawn[i - 1] && drawn[i] == drawn[i - 2];
    }

    /** The means a trainer climbs: 3 s to 60 s, each about half as long again. */
    public static List<Integer> means() {
        return Climb.times(Unit.SECONDS, FIRST_MEAN, LAST_MEAN, GROWTH).stream().map(Double::intValue).toList();
    }

    /** The mean after this one; none after the last. */
    public static OptionalInt after(int mean) {
        return means().stream().mapToInt(m -> m).filter(m -> m > mean).findFirst();
    }

    private static void within(String name, int value, int most) {
        if (value < 1 || value > most) {
            throw new IllegalArgumentException(name + " must be from 1 to " + most + ", was " + value);
        }
    }
}
