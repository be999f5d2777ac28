package cahier.core.probe;

import cahier.core.rep.Gap;
import java.util.Arrays;
import java.util.Collection;
import java.util.Optional;

/** One thing to change when a step stalls, in the order in which they are tried (docs/rules.md 29). */
public enum Probe {

    /** One place easier: is it too difficult there? */
    PLACE,
    /** The better reward: is it worth it? */
    REWARD,
    /** One step back with full aid: is it understood? */
    AID,
    /** The other side, or another person: does it hang on one of them? */
    CONTEXT;

    /** Reps of role PROBE that a test takes. */
    public static final int REPS = 5;
    /** How sure it must be that the change helped. */
    static final double SURE = 0.9;

    /** What a test said. */
    public enum Reading {
        /** Fewer than five reps yet. */
        RUNNING,
        /** The dog did better, more than chance would have it. */
        HELPED,
        /** Not better than before. */
        SAME
    }

    /** The next one to try; none when all that are possible were. */
    public static Optional<Probe> next(Collection<Probe> tried, Collection<Probe> possible) {
        return Arrays.stream(values()).filter(p -> possible.contains(p) && !tried.contains(p)).findFirst();
    }

    /**
     * Whether the change helped: P(true rate under the change is higher than before) &gt;= 0.9, both with a uniform prior.
     *
     * @param before the last WORK reps of the step, 20 at most
     * @param under the PROBE reps; those after the fifth are left out by the caller
     */
    public static Reading read(Gap.Share before, Gap.Share under) {
        if (under.reps() < REPS) {
            return Reading.RUNNING;
        }
        return Gap.probability(before, under) >= SURE ? Reading.HELPED : Reading.SAME;
    }
}
