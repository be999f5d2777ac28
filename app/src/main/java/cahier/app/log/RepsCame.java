package cahier.app.log;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.Map;

/**
 * New reps were stored.
 *
 * @param lastOfTrack when the latest of each track happened, by track
 */
public record RepsCame(PracticeId practice, Map<Long, Instant> lastOfTrack) {
}
