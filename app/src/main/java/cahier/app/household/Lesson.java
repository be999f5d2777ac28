package cahier.app.household;

import java.time.Instant;

/** A lesson, planned or past. */
public record Lesson(long id, long householdId, Instant startsAt, int minutes, String plan, int version) {

    public Instant endsAt() {
        return startsAt.plusSeconds(60L * minutes);
    }
}
