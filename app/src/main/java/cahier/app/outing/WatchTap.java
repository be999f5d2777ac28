package cahier.app.outing;

import cahier.core.exposure.Trigger;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One tap of a sitting.
 *
 * @param kind what passed: {@link Trigger#DOG}, {@link Trigger#PERSON} or {@link Trigger#OTHER}; none where nothing did, or nobody said
 */
public record WatchTap(UUID id, UUID watchingId, What seen, @Nullable Trigger kind, Instant happenedAt) {

    public static final List<Trigger> KINDS = List.of(Trigger.PERSON, Trigger.DOG, Trigger.OTHER);


    /** Whether something passed. */
    public boolean isPassing() {
        return seen == What.CALM || seen == What.REACTED;
    }

    /** What was tapped: what was seen, or that it is over. */
    public enum What {
        CALM, REACTED, ATE, REFUSED, END
    }
}
