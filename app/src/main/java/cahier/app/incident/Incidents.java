package cahier.app.incident;

import cahier.app.scope.PracticeId;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps incidents, once each. */
@Service
@Transactional
public class Incidents {

    private static final Duration LATELY = Duration.ofDays(14);
    private static final int SHOWN = 5;
    private static final int MOST = 200;

    private final IncidentMapper incidents;

    Incidents(IncidentMapper incidents) {
        this.incidents = incidents;
    }

    /** Sent twice, it is still one. */
    public void keep(PracticeId practice, Incident incident, Instant now) {
        incidents.insert(practice, incident, now);
    }

    /** All of them since then, newest first, up to a number nobody reads. */
    public List<Incident> since(PracticeId practice, long household, Instant since) {
        return incidents.since(practice, household, since, MOST);
    }

    /** The last few of the last two weeks, newest first. */
    public List<Incident> lately(PracticeId practice, long household, Instant now) {
        return incidents.since(practice, household, now.minus(LATELY), SHOWN);
    }
}
