package cahier.app.ask;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** One question; open until it has an answer. */
public record Question(UUID id, long householdId, String words, Instant askedAt, String answer, @Nullable Instant answeredAt, @Nullable String answeredBy) {

    public boolean isOpen() {
        return answeredAt == null;
    }
}
