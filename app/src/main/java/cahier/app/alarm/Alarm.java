package cahier.app.alarm;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Something happened that a person must look at before anything is practised with this dog.
 *
 * @param what in the owner's words, may be empty
 * @param answeredAt when the trainer had spoken with the household; none while it is open
 */
public record Alarm(UUID id, long householdId, long dogId, String dogName, Kind kind, String what, Instant happenedAt, @Nullable Instant answeredAt,
                    @Nullable String answeredBy, String answer) {

    /** What happened. */
    public enum Kind {

        GROWLED("Growled at someone"), SNAPPED("Snapped"), BIT("Bit"), PANICKED("Panicked"), HURT("Hurt itself"), ESCAPED("Got away");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** "Growled at someone, Pim. At the visitor's child." */
    public String words() {
        return kind.words() + ", " + dogName + "." + (what.isEmpty() ? "" : " " + what);
    }
}
