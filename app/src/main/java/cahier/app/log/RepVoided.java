package cahier.app.log;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.UUID;

/**
 * A rep was taken out, put right or put back.
 *
 * @param rep under the id it was first logged with
 * @param isBack whether it counts again
 */
public record RepVoided(PracticeId practice, long track, UUID rep, boolean isBack, boolean byTrainer, Instant at) {
}
