package cahier.core.exposure;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Where to work next (docs/rules.md 9).
 *
 * @param metres rounded to 0.1 m, halves up
 * @param look whether the trainer should look: many looks at the cue and never five by itself
 */
public record NextDistance(Verdict verdict, double metres, boolean look) {

    /** Never nearer than this, unless the trainer says otherwise. */
    public static final double NEAREST = 1;
    /** So many unprompted looks in a row bring it closer. */
    public static final int UNPROMPTED_TO_CLOSE = 5;

    private static final int PROMPTED_TO_LOOK = 20;
    private static final double CLOSER = 0.05;
    private static final double CLOSER_LEAST = 0.3;
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
     * @param ownStep the trainer's own step closer in metres, above 0; empty for the usual one
     * @param nearest metres it never goes below
     */
    public static NextDistance of(double now, List<Response> since, OptionalDouble ownStep, double nearest) {
        if (!(now > 0) || !(nearest > 0)) {
            throw new IllegalArgumentException("now and nearest must be above 0 m, were " + now + " and " + nearest);
        }
        if (ownStep.isPresent() && !(ownStep.getAsDouble() > 0)) {
            throw new IllegalArgumentException("ownStep must be above 0 m, was " + ownStep.getAsDouble());
        }
        if (endsWith(since, 1, Response.REACTED)) {
            return further(now, Math.max(FURTHER_LEAST, FURTHER * now));
        }
        if (endsWith(since, 2, Response.STARED)) {
            return further(now, Math.max(STARED_LEAST, STARED * now));
        }
        if (endsWith(since, UNPROMPTED_TO_CLOSE, Response.UNPROMPTED)) {
            double wanted = closer(now, ownStep, nearest);
            return wanted < now ? new NextDistance(Verdict.CLOSER, wanted, false) : stay(now, since);
        }
        return stay(now, since);
    }

    /** One step closer, whether or not it is nearer than now. */
    static double closer(double now, OptionalDouble ownStep, double nearest) {
        return rounded(Math.max(nearest, now - ownStep.orElse(Math.max(CLOSER_LEAST, CLOSER * now))));
    }

    private static boolean endsWith(List<Response> list, int n, Response response) {
        return list.size() >= n && list.subList(list.size() - n, list.size()).stream().allMatch(r -> r == response);
    }

    private static NextDistance further(double now, double by) {
        return new NextDistance(Verdict.FURTHER, rounded(now + by), false);
    }

    private static NextDistance stay(double now, List<Response> since) {
        boolean look = since.stream().filter(r -> r == Response.PROMPTED).count() >= PROMPTED_TO_LOOK && longestUnprompted(since) < UNPROMPTED_TO_CLOSE;
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
