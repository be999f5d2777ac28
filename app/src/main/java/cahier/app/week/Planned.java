package cahier.app.week;

import java.time.Instant;

/**
 * One track of one planned session.
 *
 * @param broken names of the rules it breaks, separated by commas; only where somebody pinned it
 */
record Planned(long trackId, long stepId, long dogId, long personId, Instant startsAt, int minutes, boolean pinned, String broken) {

    Instant endsAt() {
        return startsAt.plusSeconds(60L * minutes);
    }
}
