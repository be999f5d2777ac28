package cahier.core.pass;

import java.util.Objects;

/**
 * One thing that stands between a step and its pass, as data: "2 more clean in a row", "1 more place".
 *
 * @param more how many more, 1 or more
 */
public record Missing(What what, int more) {

    public Missing {
        Objects.requireNonNull(what, "what");
        if (more < 1) {
            throw new IllegalArgumentException("more must be 1 or more, was " + more);
        }
    }

    /** What is counted. */
    public enum What {
        CLEAN_IN_A_ROW, REPS, CLEAN_OF_LAST, CLEAN_OF_BLOCK, CALM_SESSIONS, ODDS_PERCENT, HOLDS, AT_THE_GOAL, SESSIONS_AT_THE_GOAL, DAYS, SESSIONS, PEOPLE, PLACES, COLD_CLEAN, HANDS, ITEMS
    }
}
