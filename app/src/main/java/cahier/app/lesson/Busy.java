package cahier.app.lesson;

import java.time.Instant;

/** A time at which the trainer is busy otherwise. */
public record Busy(Instant startsAt, Instant endsAt, String title) {

    /** Whether it takes any of this time. */
    boolean overlaps(Instant from, Instant to) {
        return startsAt.isBefore(to) && endsAt.isAfter(from);
    }
}
