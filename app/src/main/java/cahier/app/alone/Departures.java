package cahier.app.alone;

import cahier.app.household.Households;
import cahier.app.scope.PracticeId;
import cahier.app.web.NotFound;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps departures, once each, and the hours that somebody has to cover meanwhile. */
@Service
@Transactional
public class Departures {

    private static final int READ = 60;

    private final DepartureMapper departures;
    private final Households households;

    Departures(DepartureMapper departures, Households households) {
        this.departures = departures;
        this.households = households;
    }

    /** Sent twice, it is still one. */
    public void keep(PracticeId practice, Departure departure, Instant now) {
        departures.insert(practice, departure, now);
    }

    /** Sent twice, it is taken back once. */
    public void undo(PracticeId practice, long household, UUID id, Instant now) {
        if (departures.undo(practice, household, id, now) == 0) {
            throw new NotFound("departure " + id);
        }
    }

    /** A whole session, as the trainer takes it back. */
    public void undoSession(PracticeId practice, long household, UUID sitting, Instant now) {
        if (departures.undoSession(practice, household, sitting, now) == 0) {
            throw new NotFound("session " + sitting);
        }
    }

    /** One for each dog of the household. */
    @Transactional(readOnly = true)
    public List<AloneTrack> of(PracticeId practice, long household) {
        return households.dogs(practice, households.get(practice, household).id()).stream().map(d -> AloneTrack.of(d, departures.latest(practice, household, d.id(), READ))).toList();
    }

    @Transactional(readOnly = true)
    public List<HoursAway> hours(PracticeId practice, long household) {
        return departures.hours(practice, household);
    }

    public void put(PracticeId practice, long household, HoursAway hours) {
        departures.putHours(practice, households.get(practice, household).id(), hours);
    }

    /** Empty: nobody covers it any more. */
    public void cover(PracticeId practice, long household, long id, String by) {
        changed(departures.cover(practice, household, id, by), id);
    }

    public void removeHours(PracticeId practice, long household, long id) {
        changed(departures.removeHours(practice, household, id), id);
    }

    private static void changed(int rows, long id) {
        if (rows == 0) {
            throw new NotFound("hours " + id);
        }
    }
}
