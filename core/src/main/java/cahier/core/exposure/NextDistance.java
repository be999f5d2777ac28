package cahier.core.exposure;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.function.Supplier;

/**
 * Where to work next (docs/rules.md 9).
 *
 * @param metres rounded to 0.1 m, halves up
 * @param look whether the trainer should look: many looks at the cue and never five by itself
 */
public record NextDistance(Verdict verdict, double metres, boolean look) {

    /** Never nearer than this, unless the trainer says otherwise. */
    public static final double NEAREST = 1;
    private static final int PROMPTED_TO_LOOK = 20;
    private static final double FURTHER = 0.2;
    private static final double FURTHER_LEAST = 2;
    private static final double STARED = 0.1;
    private static final double STARED_LEAST = 0.1;

    /** What to do. */
    public enum Verdict {
        CLOSER, FURTHER, STAY
    }

    /**
     * From what happened at this distance.
     *
     * @param now metres above 0
     * @param since answers since the distance was last changed, oldest first
     * @param closer what brings it closer
     * @param nearest metres it never goes below
     * @param seen what the dog met up to now, oldest first
     */
    public static NextDistance of(double now, List<Response> since, Closer closer, double nearest, Supplier<List<Exposure>> seen) {
        if (!(now > 0) || !(nearest > 0)) {
            throw new IllegalArgumentException("now and nearest must be above 0 m, were " + now + " and " + nearest);
        }
        if (endsWith(since, 1, Response.REACTED)) {
            return new NextDistance(Verdict.FURTHER, further(now), false);
        }
        if (endsWith(since, 2, Response.STARED)) {
            return new NextDistance(Verdict.FURTHER, rounded(now + Math.max(STARED_LEAST, STARED * now)), false);
        }
        if (closer.asks(byItself(since))) {
            double wanted = rounded(Math.max(nearest, closer.after(now, seen)));
            return wanted < now ? new NextDistance(Verdict.CLOSER, wanted, false) : stay(now, since, closer);
        }
        return stay(now, since, closer);
    }

    /** One step closer, whether or not it is nearer than now. */
    static double closer(double now, Closer.BySteps steps, double nearest) {
        return rounded(Math.max(nearest, steps.step(now)));
    }

    /** One step further off, as after a reaction. */
    static double further(double now) {
        return rounded(now + Math.max(FURTHER_LEAST, FURTHER * now));
    }

    private static boolean endsWith(List<Response> list, int n, Response response) {
        return list.size() >= n && list.subList(list.size() - n, list.size()).stream().allMatch(r -> r == response);
    }

    /** How many unprompted ones it ends with. */
    private static int byItself(List<Response> since) {
        int run = 0;
        while (run < since.size() && since.get(since.size() - 1 - run) == Response.UNPROMPTED) {
            run++;
        }
        return run;
    }

    private static NextDistance stay(double now, List<Response> since, Closer closer) {
        boolean look = since.stream().filter(r -> r == Response.PROMPTED).count() >= PROMPTED_TO_LOOK && longestUnprompted(since) < closer.run();
        return new NextDistance(Verdict.STAY, rounded(now), look);
    }

    private static int longestUnprompted(List<Response> since) {
        int longest = 0;
        int run = 0;
        for (Response r : since) {
            run = r == Response.UNPROMPTED ? run + 1 : 0;
            longest = Math.max(longest, run);
        }
        return longest;
    }

    private static double rounded(double metres) {
        return BigDecimal.valueOf(metres).setScale(1, RoundingMode.HALF_UP).doubleValue();
    }
}
