package cahier.app.judge;

import cahier.app.household.Households;
import cahier.app.scope.PracticeId;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.core.decide.Case;
import java.time.Instant;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a track is judged on, for pages that show it or ask what else could be made of it. */
@Service
@Transactional(readOnly = true)
public class Looks {

    private final Tracks tracks;
    private final Households households;
    private final TrackCase cases;

    Looks(Tracks tracks, Households households, TrackCase cases) {
        this.tracks = tracks;
        this.households = households;
        this.cases = cases;
    }

    /** The case of the current step as the rules see it now; none while the dog stands on no step. People and places are named by their numbers. */
    public Optional<Case> at(PracticeId practice, long track, Instant now) {
        TrackSteps map = tracks.get(practice, track);
        return map.current().isEmpty() ? Optional.empty()
                : Optional.of(cases.of(households.get(practice, map.track().householdId()), map, map.visit().orElseThrow(), now));
    }
}
