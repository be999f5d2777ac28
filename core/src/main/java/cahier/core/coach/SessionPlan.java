package cahier.core.coach;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * What to practise in the minutes there are, in which order (docs/rules.md 18).
 *
 * @param parts from the first on; an exercise that no rep is left for is not among them
 */
public record SessionPlan(List<Part> parts) {

    /** Attention takes no longer than this. */
    static final double ATTENTION_S = 60;
    /** Between two reps. */
    public static final double RESET_S = 10;
    /** A rep without a duration of its own. */
    /** Days of reps that say how well a step goes. */
    public static final int SUCCESS_DAYS = 14;
    public static final double REP_S = 5;

    /**
     * One exercise of today.
     *
     * @param attention whether it is the one that begins every session
     * @param success the share of clean reps to expect, 0 to 1
     * @param reps it asks for, 1 or more
     * @param repSeconds of one rep, without the reset, above 0
     */
    public record Exercise(long id, boolean attention, double success, int reps, double repSeconds) {

        public Exercise {
            if (!(success >= 0 && success <= 1) || reps < 1 || !(repSeconds > 0)) {
                throw new IllegalArgumentException("success must be from 0 to 1, reps 1 or more and repSeconds above 0, were " + success + ", " + reps + " and " + repSeconds);
            }
        }

        double each() {
            return repSeconds + RESET_S;
        }
    }

    /** So many reps of an exercise, 1 or more. */
    public record Part(Exercise exercise, int reps) {
    }

    public SessionPlan {
        parts = List.copyOf(parts);
    }

    /**
     * Orders and cuts. The surest win stands last and is cut last: it keeps as many of its reps as fit, at least one.
     *
     * @param seconds there are, above 0
     */
    public static SessionPlan of(List<Exercise> exercises, double seconds) {
        if (!(seconds > 0)) {
            throw new IllegalArgumentException("seconds must be above 0, was " + seconds);
        }
        List<Exercise> ordered = ordered(exercises);
        if (ordered.isEmpty()) {
            return new SessionPlan(List.of());
        }
        Exercise win = ordered.get(ordered.size() - 1);
        List<Exercise> before = ordered.subList(0, ordered.size() - 1);
        int last = (int) Math.max(1, Math.min(win.reps(), Math.floor(seconds / win.each())));
        double left = Math.max(0, seconds - last * win.each());
        double wanted = before.stream().mapToDouble(SessionPlan::wanted).sum();
        double share = wanted == 0 ? 1 : Math.min(1, left / wanted);
        List<Part> parts = new ArrayList<>();
        for (Exercise e : before) {
            int most = (int) Math.max(1, Math.floor(wanted(e) / e.each() + 1e-9));
            int reps = Math.min(most, Math.max((int) Math.floor(most * share + 1e-9), 1));
            if (reps >= 1 && reps * e.each() <= left + 1e-9) {
                parts.add(new Part(e, reps));
                left -= reps * e.each();
            }
        }
        parts.add(new Part(win, last));
        return new SessionPlan(parts);
    }

    private static double wanted(Exercise e) {
        double whole = e.reps() * e.each();
        return e.attention() ? Math.min(ATTENTION_S, Math.max(whole, e.each())) : whole;
    }

    /** Attention, the hardest, the rest by falling success, the surest; of equals the one that came first. */
    private static List<Exercise> ordered(List<Exercise> exercises) {
        List<Exercise> rest = exercises.stream().filter(e -> !e.attention()).sorted(Comparator.comparingDouble(Exercise::success).reversed()).toList();
        Stream<Exercise> attention = exercises.stream().filter(Exercise::attention);
        if (rest.size() < 3) {
            return Stream.concat(attention, rest.stream().sorted(Comparator.comparingDouble(Exercise::success))).toList();
        }
        Exercise surest = rest.get(0);
        Exercise hardest = rest.get(rest.size() - 1);
        return Stream.of(attention, Stream.of(hardest), rest.subList(1, rest.size() - 1).stream(), Stream.of(surest)).flatMap(s -> s).toList();
    }

    /** Seconds it takes. */
    public double seconds() {
        return parts.stream().mapToDouble(p -> p.reps() * p.exercise().each()).sum();
    }
}
