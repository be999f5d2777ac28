package cahier.app.handling;

import cahier.core.handling.HandSeen;
import cahier.core.handling.Zone;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One touch.
 *
 * @param seconds it lasted, 0 to 600
 * @param cameBack whether the dog came back by itself after the piece behind it; that is its yes
 * @param notedBy the trainer who wrote it down; empty when the household did
 */
public record Touch(UUID id, long householdId, long dogId, UUID sittingId, Zone zone, int seconds, HandSeen seen, @Nullable Boolean cameBack, Instant happenedAt, String notedBy) {

    public static final int MOST_S = 600;

    boolean isCalm() {
        return seen == HandSeen.CALM && !Boolean.FALSE.equals(cameBack);
    }
}
