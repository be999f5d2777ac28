package cahier.app.alone;

import cahier.app.household.Households;
import cahier.app.measure.Entry;
import cahier.app.measure.Measuring;
import cahier.app.scope.PracticeId;
import cahier.app.track.Adjusted;
import cahier.app.web.Measures;
import cahier.app.web.NotFound;
import cahier.core.alone.NextTarget;
import cahier.core.measure.Mapping;
import cahier.core.measure.Measure;
import java.time.Instant;
import java.util.List;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps departures, once each, and the hours that somebody has to cover meanwhile. */
@Service
@Transactional
public class Departures implements Measuring {

    private static final int READ = 60;

    private final DepartureMapper departures;
    private final Households households;
    private final ApplicationEventPublisher events;

    Departures(DepartureMapper departures, Households households, ApplicationEventPublisher events) {
        this.events = events;
        this.departures = departures;
        this.households = households;
    }

    /** Sent twice, it is still one. */
    public void keep(PracticeId practice, Departure departure, Instant now) {
        departures.insert(practice, departure, now);
        Integer upset = departure.upsetAfterS();
        events.publishEvent(new Entry(practice, departure.householdId(), departure.dogId(), Measure.Kind.ALONE, "", departure.id(), departure.sittingId(), m -> Mapping.ofDeparture(upset != null),
                upset == null ? departure.leftS() : upset, "", null, null, departure.happenedAt(), now));
    }

    /** Sent twice, it is taken back once. */
    public void undo(PracticeId practice, long household, UUID id, Instant now) {
        if (departures.undo(practice, household, id, now) == 0) {
            throw new NotFound("departure " + id);
        }
        events.publishEvent(new Entry.Back(practice, household, id, null, now));
    }

    /** How long after the return it lay down; what comes next may stay as long as it was. */
    public void settled(PracticeId practice, long household, UUID id, int seconds, Instant now) {
        Long dog = departures.settled(practice, household, id, seconds);
        if (dog == null) {
            throw new NotFound("departure " + id);
        }
        events.publishEvent(new Entry.Moved(practice, household, dog, Measure.Kind.ALONE, now));
    }

    /** A whole session, as the trainer takes it back. */
    public void undoSession(PracticeId practice, long household, UUID sitting, long trainer, Instant now) {
        List<UUID> taken = departures.undoSession(practice, household, sitting, now);
        if (taken.isEmpty()) {
            throw new NotFound("session " + sitting);
        }
        taken.forEach(id -> events.publishEvent(new Entry.Back(practice, household, id, trainer, now)));
    }

    @Override
    public void follow(PracticeId practice, long household, UUID id, @Nullable Instant at) {
        departures.follow(practice, household, id, at);
    }

    @Override
    public boolean measures(Measure.Kind kind) {
        return kind == Measure.Kind.ALONE;
    }

    @Override
    @Transactional(readOnly = true)
    public Adjusted now(PracticeId practice, long household, long dog, Measure measure, Instant at) {
        AloneTrack track = AloneTrack.of(households.facts(practice, household).dog(dog), departures.latest(practice, household, dog, READ), OptionalDouble.of(measure.goal()));
        return new Adjusted(Math.ceil(track.target()), track.plan(), track.easier().plan(),
                NextTarget.way(track.target(), measure.goal()).stream().map(t -> Measures.duration(Math.ceil(t))).toList());
    }

    /** One for each dog of the household. */
    @Transactional(readOnly = true)
    public List<AloneTrack> of(PracticeId practice, long household) {
        List<DepartureMapper.Goal> goals = departures.goals(practice, household);
        return households.dogs(practice, households.get(practice, household).id()).stream().map(d -> AloneTrack.of(d, departures.latest(practice, household, d.id(), READ),
                goals.stream().filter(g -> g.dogId() == d.id()).mapToDouble(DepartureMapper.Goal::seconds).findFirst())).toList();
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
