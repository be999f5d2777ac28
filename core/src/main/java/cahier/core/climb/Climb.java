package cahier.core.climb;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;

/** One criterion from start to goal, up or down (docs/rules.md 6). Every climb has at least two values. */
public final class Climb {

    private static final double ALMOST = 1e-9;
    private static final double PRECISE = 1e9;

    private Climb() {
    }

    /**
     * start, start ± a, ..., goal; where the last gap would be less than a/2 the value before the goal is left out, never the start.
     *
     * @param a the growth of one step, more than 0, in the unit of start and goal
     */
    public static List<Double> by(double start, double goal, double a) {
        different(start, goal);
        if (!(a > 0)) {
            throw new IllegalArgumentException("growth must be more than 0, was " + a + ", for example 1");
        }
        int direction = goal > start ? 1 : -1;
        int whole = (int) Math.floor(Math.abs(goal - start) / a + ALMOST);
        List<Double> values = new ArrayList<>();
        for (int i = 0; i <= whole; i++) {
            double value = i == 0 ? start : Math.round((start + direction * i * a) * PRECISE) / PRECISE; // 0.3 + 3 x 0.1 is 0.6
            if (i == 0 || Math.abs(goal - value) > ALMOST) {
                values.add(value);
            }
        }
        if (values.size() > 1 && Math.abs(goal - values.get(values.size() - 1)) < a / 2 - ALMOST) {
            values.remove(values.size() - 1);
        }
        values.add(goal);
        return List.copyOf(values);
    }

    /**
     * Each value about r times the one before, inner ones at handy values; what does not lie strictly between its predecessor and the goal is dropped.
     *
     * @param r the growth of one step, more than 1; start and goal more than 0
     */
    public static List<Double> times(Unit unit, double start, double goal, double r) {
        different(start, goal);
        if (!(r > 1)) {
            throw new IllegalArgumentException("growth must be more than 1, was " + r + ", for example 1.5");
        }
        if (!(start > 0) || !(goal > 0)) {
            throw new IllegalArgumentException("start and goal must be more than 0, were " + start + " and " + goal);
        }
        int m = (int) Math.ceil(Math.abs(Math.log(goal / start)) / Math.log(r) - ALMOST);
        List<Double> values = new ArrayList<>(List.of(start));
        for (int i = 1; i < m; i++) {
            double handy = unit.snap(start * Math.pow(goal / start, (double) i / m), start);
            double before = values.get(values.size() - 1);
            boolean between = goal > start ? handy > before + ALMOST && handy < goal - ALMOST : handy < before - ALMOST && handy > goal + ALMOST;
            if (between) {
                values.add(handy);
            }
        }
        values.add(goal);
        return List.copyOf(values);
    }

    /** Words in the trainer's order, at least two, no repeats; taking a support away is a step of such a list. */
    public static List<String> list(List<String> words) {
        if (words.size() < 2) {
            throw new IllegalArgumentException("a list must have at least two entries, was " + words);
        }
        if (new HashSet<>(words).size() < words.size()) {
            throw new IllegalArgumentException("a list must not repeat an entry, was " + words);
        }
        return List.copyOf(words);
    }

    private static void different(double start, double goal) {
        if (!Double.isFinite(start) || !Double.isFinite(goal) || start == goal) {
            throw new IllegalArgumentException("start and goal must differ, were " + start + " and " + goal);
        }
    }
}
