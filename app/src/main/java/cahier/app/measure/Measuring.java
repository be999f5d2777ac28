package cahier.app.measure;

import cahier.app.scope.PracticeId;
import cahier.app.track.Adjusted;
import cahier.core.measure.Measure;
import java.time.Instant;
import java.util.UUID;

/** A log beside the tracks that steps measure by: what was met, departures, touches, sittings, walks. */
public interface Measuring {

    /** Whether it is its log that a step of this kind measures by. */
    boolean measures(Measure.Kind kind);

    /** Where a dog stands by what was logged until then. */
    Adjusted now(PracticeId practice, long household, long dog, Measure measure, Instant at);

    /** The rep of an entry was taken out on the trainer's page: the entry is taken back too, if it is one of this log. */
    void takeBack(PracticeId practice, long household, UUID id, Instant at);

    /** The rep was put back: the entry counts again, if it is one of this log. */
    void putBack(PracticeId practice, long household, UUID id);
}
