package cahier.app.measure;

import cahier.app.scope.PracticeId;
import cahier.app.track.Adjusted;
import cahier.core.measure.Measure;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A log beside the tracks that steps measure by: what was met, departures, touches, sittings, walks. */
public interface Measuring {

    /** Whether it is its log that a step of this kind measures by. */
    boolean measures(Measure.Kind kind);

    /** Where a dog stands by what was logged until then. */
    Adjusted now(PracticeId practice, long household, long dog, Measure measure, Instant at);

    /**
     * The rep of an entry was taken out on the trainer's page, or put back: so is the entry, if it is one of this log.
     *
     * @param at since when it is taken back; none where it counts again
     */
    void follow(PracticeId practice, long household, UUID id, @Nullable Instant at);
}
