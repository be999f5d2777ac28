package cahier.app.handling;

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
public record Touch(UUID id, long householdId, long dogId, UUID sittingId, Zone zone, int seconds, Seen seen, @Nullable Boolean cameBack, Instant happenedAt, String notedBy) {

    public static final int MOST_S = 600;

    /** What the dog did. */
    public enum Seen {

        CALM("calm"), STIFF("stiff"), FLINCH("flinched"), LEFT("left");

        private final String words;

        Seen(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    boolean isCalm() {
        return seen == Seen.CALM && !Boolean.FALSE.equals(cameBack);
    }
}
