package cahier.app.lesson;

import java.time.Instant;
import org.apache.ibatis.annotations.AutomapConstructor;
import org.jspecify.annotations.Nullable;

/**
 * A time at which a trainer is busy otherwise.
 *
 * @param trainerId whose; none while it is only read from a file
 */
public record Busy(Instant startsAt, Instant endsAt, String title, @Nullable Long trainerId) {

    @AutomapConstructor
    public Busy {
    }

    public Busy(Instant startsAt, Instant endsAt, String title) {
        this(startsAt, endsAt, title, null);
    }

    /** Whether it takes any of this time. */
    boolean overlaps(Instant from, Instant to) {
        return startsAt.isBefore(to) && endsAt.isAfter(from);
    }
}
