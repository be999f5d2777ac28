package cahier.core.measure;

import cahier.core.exposure.LongWatching;
import cahier.core.exposure.Response;
import cahier.core.handling.HandSeen;
import cahier.core.rep.Outcome;
import java.util.List;
import java.util.Optional;

/** What is logged beside the steps, as the outcome of a rep (docs/rules.md 1). */
public final class Mapping {

    /** REACTED so many times running is too much for a long watching. */
    static final int RUNNING = 2;
    private static final int SECONDS_A_MINUTE = 60;

    private Mapping() {
    }

    /** A look: by itself CLEAN; at the cue CLEAN only where the step takes that, else HELPED; STARED is MISSED, REACTED is TOO_MUCH. */
    public static Outcome of(Response response, boolean cueCounts) {
        return switch (response) {
            case UNPROMPTED -> Outcome.CLEAN;
            case PROMPTED -> cueCounts ? Outcome.CLEAN : Outcome.HELPED;
            case STARED -> Outcome.MISSED;
            case REACTED -> Outcome.TOO_MUCH;
        };
    }

    /** A departure: calm or upset. */
    public static Outcome ofDeparture(boolean upset) {
        return upset ? Outcome.TOO_MUCH : Outcome.CLEAN;
    }

    /**
     * A touch: a flinch moves away from the hand and is TOO_MUCH; stiff lets the hand and no more, HELPED; gone and not come back is MISSED, its no, also after a calm touch. Else calm is CLEAN.
     *
     * @param stayedAway it did not come back by itself
     */
    public static Outcome of(HandSeen seen, boolean stayedAway) {
        return switch (seen) {
            case CALM -> stayedAway ? Outcome.MISSED : Outcome.CLEAN;
            case STIFF -> Outcome.HELPED;
            case LEFT -> Outcome.MISSED;
            case FLINCH -> Outcome.TOO_MUCH;
        };
    }

    /** A walk from the door: calm all the way, or not. Paces that were not calm are no panic, they are where it turns home next time. */
    public static Outcome ofWalk(int paces, int calmPaces) {
        return calmPaces >= paces ? Outcome.CLEAN : Outcome.MISSED;
    }

    /**
     * A tap of a sitting; empty where it is no rep. Elsewhere every reaction is TOO_MUCH. In the school of long watching reactions are expected: one is MISSED, and only the
     * second running, or food refused after the first quarter of an hour with none taken since it, is TOO_MUCH.
     *
     * @param before what was tapped before it, oldest first
     */
    public static Optional<Outcome> ofTap(List<LongWatching.Moment> before, LongWatching.Moment tap, boolean longWatching) {
        return switch (tap.seen()) {
            case CALM -> Optional.of(Outcome.CLEAN);
            case REACTED -> Optional.of(!longWatching || reactedRunning(before) >= RUNNING - 1 ? Outcome.TOO_MUCH : Outcome.MISSED);
            case REFUSED -> longWatching && refusesForGood(before, tap) ? Optional.of(Outcome.TOO_MUCH) : Optional.empty();
            case ATE -> Optional.empty();
        };
    }

    private static int reactedRunning(List<LongWatching.Moment> before) {
        int running = 0;
        for (int i = before.size() - 1; i >= 0; i--) {
            LongWatching.Seen seen = before.get(i).seen();
            if (seen == LongWatching.Seen.CALM) {
                break;
            }
            running += seen == LongWatching.Seen.REACTED ? 1 : 0;
        }
        return running;
    }

    private static boolean refusesForGood(List<LongWatching.Moment> before, LongWatching.Moment tap) {
        int quarter = LongWatching.BLOCK_MIN * SECONDS_A_MINUTE;
        return tap.second() >= quarter && before.stream().noneMatch(m -> m.second() >= quarter && m.seen() == LongWatching.Seen.ATE);
    }
}
