package cahier.core.rehearse;

import cahier.core.decide.TrackKind;
import cahier.core.pass.PassRule;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;

/**
 * A track as it is rehearsed: its steps, each as much harder as its level says.
 *
 * @param steps the first one first, at least one
 */
public record Plan(TrackKind kind, List<Step> steps) {

    /**
     * One step.
     *
     * @param level how hard it is, in steps above the first; rising
     * @param reps a session
     */
    public record Step(double level, PassRule rule, int reps) {

        public Step {
            Objects.requireNonNull(rule, "rule");
            if (!Double.isFinite(level) || reps < 1) {
                throw new IllegalArgumentException("level must be a number and reps 1 or more, were " + level + " and " + reps);
            }
        }
    }

    public Plan {
        Objects.requireNonNull(kind, "kind");
        steps = List.copyOf(steps);
        if (steps.isEmpty()) {
            throw new IllegalArgumentException("steps must hold at least one step, was none");
        }
    }

    /** So many steps, each as much harder than the one before as the other, all passed by one rule. */
    public static Plan even(TrackKind kind, int steps, PassRule rule, int reps) {
        return new Plan(kind, IntStream.range(0, steps).mapToObj(i -> new Step(i, rule, reps)).toList());
    }

    /** The same steps, all passed by another rule. */
    public Plan passedBy(PassRule rule) {
        return new Plan(kind, steps.stream().map(s -> new Step(s.level(), rule, s.reps())).toList());
    }

    /** The same steps with so many reps a session. */
    public Plan dosed(int reps) {
        return new Plan(kind, steps.stream().map(s -> new Step(s.level(), s.rule(), reps)).toList());
    }

    /** Without one of its steps; what is left is as hard as it was. */
    public Plan without(int step) {
        return new Plan(kind, IntStream.range(0, steps.size()).filter(i -> i != step).mapToObj(steps::get).toList());
    }

    /** With one more step below, half as much harder. */
    public Plan splitAt(int step) {
        Step at = steps.get(step);
        double below = step == 0 ? at.level() - 1 : steps.get(step - 1).level();
        List<Step> more = new ArrayList<>(steps);
        more.addAll(step, Collections.singletonList(new Step((below + at.level()) / 2, at.rule(), at.reps())));
        return new Plan(kind, more);
    }
}
