package cahier.app.judge;

import cahier.app.scope.PracticeId;
import java.time.Instant;

/** Reps came of a track whose owner may move on within the session: it is looked at whether they let it (docs/rules.md 4). */
public record MayGoOn(PracticeId practice, long track, Instant at) {
}
