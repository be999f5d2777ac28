package cahier.app.track;

import cahier.app.scope.PracticeId;
import java.time.Instant;

/** What a suggestion rests on was changed by hand: a step, a rule, where the dog stands. Whoever changes a track says so; judging hears it. */
public record TrackChanged(PracticeId practice, long track, Instant at) {
}
