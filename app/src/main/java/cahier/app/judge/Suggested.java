package cahier.app.judge;

import cahier.app.scope.PracticeId;
import java.time.Instant;

/** A track was judged anew; its suggestion stands in the margin. */
public record Suggested(PracticeId practice, long track, Instant at) {
}
