package cahier.core.decide;

import cahier.core.rep.Outcome;
import java.util.List;

/** When a SKILL step goes so badly that it is too hard (docs/rules.md 4, line 2). */
public enum Slump {

    /** Fewer than 5 CLEAN in the last 10, of two sessions at the least: the former rule, kept to be compared with. */
    TEN_REPS,
    /** That, or sooner: 5 more not CLEAN than CLEAN since it went best. */
    FIVE_MORE;

    static final int DEPTH = 5;
    /** It counts no further, so that what would pass the step lifts it, however bad it was before. */
    static final int DEEPEST = 7;

    /**
     * How many more were not CLEAN than CLEAN since the point at which that is most, 0 to {@link #DEEPEST}.
     *
     * @param outcomes of the WORK reps, oldest first
     */
    static int depth(List<Outcome> outcomes) {
        int depth = 0;
        for (Outcome outcome : outcomes) {
            depth = Math.max(0, Math.min(DEEPEST, depth + (outcome == Outcome.CLEAN ? -1 : 1)));
        }
        return depth;
    }
}
