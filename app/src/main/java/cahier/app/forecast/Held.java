package cahier.app.forecast;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A forecast held against the day its track ended.
 *
 * @param late empty when it was beyond a year
 */
public record Held(long trackId, String household, String dog, String title, LocalDate saidOn, LocalDate early, @Nullable LocalDate late, LocalDate ended) {

    public boolean isRight() {
        return !isEarlier() && !isLater();
    }

    /** Whether it ended before the first of its days. */
    public boolean isEarlier() {
        return ended.isBefore(early);
    }

    public boolean isLater() {
        return late != null && ended.isAfter(late);
    }
}
