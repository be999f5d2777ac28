package cahier.core.alone;

import cahier.core.climb.Unit;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** How long a dog is left next, and the departures of a session (docs/rules.md 14). */
public final class NextTarget {

    /** Shares of the target; the longest is never the last. */
    private static final List<Double> SHARES = List.of(0.2, 0.6, 0.4, 1.0, 0.3, 0.2);
    /** Which of them go first where a session is too long, the longest first. */
    private static final List<Integer> LEFT_OUT = List.of(1, 2, 4, 0);
    private static final int MOST_S = 1800;
    private static final double SHORT_S = 300;
    private static final double MIDDLE_S = 1800;
    private static final double SHORT_GROWTH = 0.25;
    private static final double MIDDLE_GROWTH = 0.15;
    private static final double LONG_GROWTH = 0.1;
    private static final double MOST_GROWTH_S = 300;
    private static final double LEAST_S = 1;
    private static final int MOST_SESSIONS = 60;
    /** Lying down later than this after the return is not calm yet, seconds. */
    public static final int SETTLES_WITHIN_S = 60;

    private NextTarget() {
    }

    /**
     * From the latest session.
     *
     * @param longestCalm seconds of its longest calm departure; empty when none was
     * @param upsetAfter seconds after which the dog was upset; empty when all were calm
     * @return seconds, 1 or more
     */
    public static double after(OptionalDouble longestCalm, OptionalDouble upsetAfter) {
        if (longestCalm.isPresent() && !(longestCalm.getAsDouble() > 0) || upsetAfter.isPresent() && !(upsetAfter.getAsDouble() >= 0)) {
            throw new IllegalArgumentException("longestCalm must be above 0 s and upsetAfter 0 or more, were " + longestCalm + " and " + upsetAfter);
        }
        if (upsetAfter.isPresent()) {
            double half = upsetAfter.getAsDouble() / 2;
            return Math.max(LEAST_S, longestCalm.isPresent() ? Math.min(half, longestCalm.getAsDouble()) : half);
        }
        if (longestCalm.isEmpty()) {
            return LEAST_S;
        }
        double calm = longestCalm.getAsDouble();
        double growth = calm < SHORT_S ? SHORT_GROWTH : calm < MIDDLE_S ? MIDDLE_GROWTH : LONG_GROWTH;
        return calm + Math.min(MOST_GROWTH_S, growth * calm);
    }

    /**
     * The same where it took the dog long to lie down after the return: then it stays at what was calm.
     *
     * @param settled seconds from the return until it lay, of the calm departures of which somebody said it
     */
    public static double after(OptionalDouble longestCalm, OptionalDouble upsetAfter, List<Integer> settled) {
        double next = after(longestCalm, upsetAfter);
        return isRestless(settled) && longestCalm.isPresent() ? Math.min(next, longestCalm.getAsDouble()) : next;
    }

    /** Whether half or more of them took longer than {@link #SETTLES_WITHIN_S}. */
    public static boolean isRestless(List<Integer> settled) {
        return !settled.isEmpty() && 2 * settled.stream().filter(s -> s > SETTLES_WITHIN_S).count() >= settled.size();
    }

    /** The targets that still lie before the goal where every session is calm, this one first, the goal last; 60 at the most. */
    public static List<Double> way(double target, double goal) {
        List<Double> way = new ArrayList<>(List.of(Math.min(target, goal)));
        while (way.get(way.size() - 1) < goal && way.size() < MOST_SESSIONS) {
            way.add(Math.min(goal, after(OptionalDouble.of(Math.ceil(way.get(way.size() - 1))), OptionalDouble.empty())));
        }
        return way;
    }

    /**
     * The departures of a session, in whole seconds and in order: the target rounded up, the others down to handy seconds. Six of them; where together they are longer than half
     * an hour the longest of the others are left out one by one, so that long targets have fewer. The target and the short one at the end always stay.
     */
    public static List<Integer> departures(double target) {
        if (!(target >= LEAST_S)) {
            throw new IllegalArgumentException("target must be 1 s or more, was " + target);
        }
        List<Integer> seconds = new ArrayList<>();
        for (double share : SHARES) {
            seconds.add((int) (share == 1 ? Math.ceil(target) : Math.max(LEAST_S, Unit.SECONDS.down(share * target))));
        }
        for (int shorten : LEFT_OUT) {
            if (seconds.stream().mapToInt(i -> i).sum() > MOST_S) {
                seconds.set(shorten, 0);
            }
        }
        return seconds.stream().filter(s -> s > 0).toList();
    }
}
