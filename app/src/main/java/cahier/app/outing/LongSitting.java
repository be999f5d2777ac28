package cahier.app.outing;

import cahier.app.language.Words;
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
            case TOO_BUSY -> Words.say("outing.LongSitting.too-busy-a-place");
            case TOO_EMPTY -> Words.say("outing.LongSitting.too-empty-a-place");
            case SUITS -> Words.say("outing.LongSitting.the-place-suits");
        };
    }

    /** Whether it became calmer, in words; empty while nothing can be compared. */
    public String trend() {
        if (watching.trend().isEmpty()) {
            return "";
        }
        long points = Math.round(100 * watching.trend().getAsDouble());
        return points > 0 ? Words.say("outing.LongSitting.calmer-towards-the-end-in", points) : points < 0 ? Words.say("outing.LongSitting.less-calm-towards-the-end", -points) : Words.say("outing.LongSitting.as-calm-at-the-end");
    }
}
