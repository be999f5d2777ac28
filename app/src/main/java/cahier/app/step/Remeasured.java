package cahier.app.step;

import cahier.app.scope.TrainerUser;
import cahier.app.track.Step;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.core.measure.Measure;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Changes what a step measures. Where that is another thing than before, what was logged is history and the dog's stay begins anew (docs/rules.md 39). */
@Service
@Transactional
class Remeasured {

    private final Tracks tracks;

    Remeasured(Tracks tracks) {
        this.tracks = tracks;
    }

    /** @param measure none makes it an ordinary step */
    void save(TrainerUser me, Step known, int version, @Nullable Measure measure, Instant now) {
        tracks.saveStep(me.practice(), known.id(), version, known.written().measuring(measure), now);
        boolean another = known.measure().isPresent() && (measure == null || !known.measure().get().isOfOneUnit(measure));
        TrackSteps map = tracks.get(me.practice(), known.trackId());
        if (another && map.current().filter(s -> s.id() == known.id()).isPresent()) {
            tracks.move(me.practice(), known.trackId(), known.id(), null, null, me.signature(), now);
        }
    }
}
