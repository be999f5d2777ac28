package cahier.core.roadmap;

import cahier.core.rep.Outcome;
import java.util.List;

/** Whether a track is sure enough to share a session with one it is kept apart from (docs/rules.md 33). */
public final class Sure {

    /** WORK reps looked at. */
    public static final int REPS = 10;
    private static final int CLEAN = 8;

    private Sure() {
    }

    /**
     * Whether at least 8 of its last 10 WORK reps are CLEAN; with fewer than 10 it is not sure yet.
     *
     * @param work the outcomes of the track's WORK reps, newest first; those after the tenth are not looked at
     */
    public static boolean of(List<Outcome> work) {
        List<Outcome> last = work.subList(0, Math.min(REPS, work.size()));
        return last.size() == REPS && last.stream().filter(o -> o == Outcome.CLEAN).count() >= CLEAN;
    }
}
