package cahier.app.track;

import cahier.app.account.PracticeId;
import java.time.Instant;

/**
 * A person or a rule put the dog on another step, or rested the track; heard within the same transaction.
 *
 * @param by who did it, as decisions are signed
 */
public record TrackChanged(PracticeId practice, long household, long track, String by, Instant at) {
}
