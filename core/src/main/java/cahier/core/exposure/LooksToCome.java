package cahier.core.exposure;

import java.util.Optional;

/**
 * The honest count: how many looks and pieces lie between where a dog works and where it is to work, if it goes on as it does (docs/rules.md 9).
 *
 * @param steps closer
 * @param looks expected, rounded up
 * @param pieces for them, jackpots included, rounded up
 */
public record LooksToCome(int steps, long looks, long pieces) {

    /** Beyond this nobody counts. */
    private static final double MOST = 1e6;

    /**
     * Counts them.
     *
     * @param now metres at which the dog works, above 0
     * @param goal metres at which it is to work, above 0; not below the nearest that is ever asked
     * @param closer step by step; led by the estimate it takes as long
     * @param byItself the share of looks that come by themselves, 0 to 1
     * @param atTheCue the share that come at the cue, 0 to 1, both together at most 1
     * @return nothing when the dog hardly ever looks back by itself, or the own step is lost in rounding: then there is no end in sight
     */
    public static Optional<LooksToCome> of(double now, double goal, Closer.BySteps closer, double byItself, double atTheCue) {
        if (!(now > 0) || !(goal > 0)) {
            throw new IllegalArgumentException("now and goal must be above 0 m, were " + now + " and " + goal);
        }
        if (!(byItself >= 0 && atTheCue >= 0 && byItself + atTheCue <= 1 + 1e-9)) {
            throw new IllegalArgumentException("byItself and atTheCue must be shares that make at most 1, were " + byItself + " and " + atTheCue);
        }
        int steps = 0;
        double at = now;
        while (at > goal && at > NextDistance.NEAREST) {
            double nearer = NextDistance.closer(at, closer, NextDistance.NEAREST);
            if (nearer >= at) {
                return Optional.empty();
            }
            at = nearer;
            steps++;
        }
        if (steps == 0) {
            return Optional.of(new LooksToCome(0, 0, 0));
        }
        double run = Math.pow(byItself, closer.run());
        double perStep = byItself >= 1 ? closer.run() : (1 - run) / ((1 - byItself) * run);
        if (!(perStep * steps <= MOST)) {
            return Optional.empty();
        }
        double looks = perStep * steps;
        return Optional.of(new LooksToCome(steps, (long) Math.ceil(looks - 1e-9), (long) Math.ceil(looks * (byItself * Provisions.JACKPOT + atTheCue) - 1e-9)));
    }
}
