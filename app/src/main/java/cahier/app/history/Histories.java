package cahier.app.history;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads who did what. */
@Service
@Transactional(readOnly = true)
class Histories {

    private static final int MOST = 200;

    private final HistoryMapper mapper;

    Histories(HistoryMapper mapper) {
        this.mapper = mapper;
    }

    /** "accepted a suggestion: Leave it", and by whom. */
    record Line(Instant at, String who, String did) {
    }

    /** The newest 200 of a household, newest first. */
    List<Line> of(PracticeId practice, long household) {
        return mapper.latest(practice, household, MOST).stream().map(a -> new Line(a.at(), a.who(), a.did().words() + (a.about().isEmpty() ? "" : a.about().matches("\\d+") ? " " + a.about() : ": " + a.about()))).toList();
    }
}
