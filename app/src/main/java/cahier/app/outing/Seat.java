package cahier.app.outing;

import java.time.Instant;
import java.util.List;

/**
 * A sitting with everything that was tapped in it.
 *
 * @param taps in the order of time, at least one
 */
public record Seat(Watching watching, List<WatchTap> taps) {

    /** When it was last tapped: longer than that nobody knows that it went on. */
    public Instant ended() {
        return taps.get(taps.size() - 1).happenedAt();
    }
}
