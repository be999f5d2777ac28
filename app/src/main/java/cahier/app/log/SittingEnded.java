package cahier.app.log;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.List;

/** A sitting was ended by a person, with the tracks it worked on. */
public record SittingEnded(PracticeId practice, List<Long> tracks, Instant at) {
}
