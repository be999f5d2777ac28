package cahier.app.outing;

import java.time.Instant;
import java.util.UUID;

/** One tap of a sitting. */
public record WatchTap(UUID id, UUID watchingId, What seen, Instant happenedAt) {

    /** What was tapped: what was seen, or that it is over. */
    public enum What {
        CALM, REACTED, ATE, REFUSED, END
    }
}
