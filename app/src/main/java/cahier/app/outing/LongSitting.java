package cahier.app.outing;

import cahier.core.exposure.LongWatching;
import cahier.core.exposure.Traffic;
import java.time.Instant;

/**
 * A sitting, counted.
 *
 * @param place its name, empty when nobody said
 * @param minutes how long it went on, at least 1
 */
public record LongSitting(String dog, String place, Instant beganAt, int minutes, int carried, LongWatching watching) {

    public int passed() {
        return watching.blocks().stream().mapToInt(LongWatching.Block::passed).sum();
    }

    /** "2 to 10 minutes between two suit" judged, in words. */
    public String traffic() {
        return switch (Traffic.of(passed(), minutes)) {
            case TOO_BUSY -> "Too busy a place.";
            case TOO_EMPTY -> "Too empty a place.";
            case SUITS -> "The place suits.";
        };
    }

    /** Whether it became calmer, in words; empty while nothing can be compared. */
    public String trend() {
        if (watching.trend().isEmpty()) {
            return "";
        }
        long points = Math.round(100 * watching.trend().getAsDouble());
        return points > 0 ? "Calmer towards the end: " + points + " in 100 more." : points < 0 ? "Less calm towards the end: " + -points + " in 100 fewer. Leave earlier." : "As calm at the end as at the beginning.";
    }
}
