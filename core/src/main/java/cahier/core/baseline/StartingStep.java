package cahier.core.baseline;

import java.util.List;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.function.Predicate;

/** The step a track may start on, because a baseline showed that the dog can do what lies before it (docs/rules.md 31). */
public final class StartingStep {

    /** CLEAN of 10 from which a cue counts as known. */
    static final double KNOWN = 0.8;
    /** CLEAN of 10 from which it is half known. */
    static final double HALF_KNOWN = 0.5;
    /** A dog is started at this share of the time it was quiet. */
    static final double SAFE_SHARE = 0.5;

    private StartingStep() {
    }

    /**
     * What of a step the baseline can be held against.
     *
     * @param named whether the word is said
     * @param metres its distance, if it has one
     * @param seconds its duration, if it has one
     */
    public record Rung(boolean named, OptionalDouble metres, OptionalDouble seconds) {

        public Rung {
            Objects.requireNonNull(metres, "metres");
            Objects.requireNonNull(seconds, "seconds");
        }
    }

    /** 0-based step to start on; 0 when the baseline gives no reason for more. The steps may not be empty. */
    public static int of(List<Rung> steps, Measured baseline) {
        if (steps.isEmpty()) {
            throw new IllegalArgumentException("steps must hold at least one step, was none");
        }
        if (baseline instanceof Measured.ColdTest test) {
            return byCue(steps, (double) test.clean() / test.tries());
        }
        if (baseline instanceof Measured.Distance distance) {
            return last(steps, s -> s.metres().isEmpty() || s.metres().getAsDouble() >= distance.metres(), s -> s.metres().isPresent());
        }
        double safe = SAFE_SHARE * ((Measured.Quiet) baseline).seconds();
        return last(steps, s -> s.seconds().isEmpty() || s.seconds().getAsDouble() <= safe, s -> s.seconds().isPresent());
    }

    /** Known: the first step that says the word. Half known: the one before it. */
    private static int byCue(List<Rung> steps, double clean) {
        int named = 0;
        while (named < steps.size() && !steps.get(named).named()) {
            named++;
        }
        if (named == steps.size() || clean < HALF_KNOWN) {
            return 0;
        }
        return clean >= KNOWN ? named : Math.max(0, named - 1);
    }

    /** The last step that can be measured by it before the first that asks for more than the baseline. */
    private static int last(List<Rung> steps, Predicate<Rung> bearable, Predicate<Rung> measured) {
        int start = 0;
        for (int i = 0; i < steps.size() && bearable.test(steps.get(i)); i++) {
            start = measured.test(steps.get(i)) ? i : start;
        }
        return start;
    }
}
