package cahier.app.log;

import cahier.app.scope.PracticeId;
import java.time.Instant;

/** A rep was taken out, put right or put back. */
public record RepVoided(PracticeId practice, long track, boolean byTrainer, Instant at) {
}
