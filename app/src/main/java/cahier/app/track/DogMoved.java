package cahier.app.track;

import cahier.app.scope.PracticeId;
import java.time.Instant;

/**
 * A person or a rule put the dog on another step, or rested the track: the sheet and the week follow, within the same transaction.
 *
 * @param by who did it, as decisions are signed
 */
public record DogMoved(PracticeId practice, long household, long track, String by, Instant at) {
}
