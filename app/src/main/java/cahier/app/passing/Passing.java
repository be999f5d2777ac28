package cahier.app.passing;

import cahier.app.exposure.Exposures;
import cahier.app.exposure.Met;
import cahier.app.household.Facts;
import cahier.app.household.Place;
import cahier.app.incident.Incident;
import cahier.app.incident.Incidents;
import cahier.app.outing.Outings;
import cahier.app.outing.Seat;
import cahier.app.outing.WatchTap;
import cahier.app.scope.AskedTogether;
import cahier.app.scope.PracticeId;
import cahier.app.web.NotFound;
import cahier.app.week.Advises;
import cahier.core.exposure.PassersBy;
import cahier.core.exposure.PassersBy.Hour;
import cahier.core.exposure.Trigger;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps counts of passers-by, once each, and adds up by place and hour what sittings, meetings, incidents and counts say. */
@Service
@Transactional
public class Passing implements Advises {

    private static final Duration LATELY = Duration.ofDays(60);
    private static final Set<Incident.Kind> PEOPLE = Set.of(Incident.Kind.PERSON, Incident.Kind.RUNNER, Incident.Kind.CYCLE);
    private static final Set<Trigger> MET_PEOPLE = Set.of(Trigger.PERSON, Trigger.CHILD, Trigger.RUNNER, Trigger.CYCLE);

    private final PlaceCountMapper counts;
    private final Outings outings;
    private final Exposures exposures;
    private final Incidents incidents;
    private final AskedTogether together;

    Passing(PlaceCountMapper counts, Outings outings, Exposures exposures, Incidents incidents, AskedTogether together) {
        this.together = together;
        this.counts = counts;
        this.outings = outings;
        this.exposures = exposures;
        this.incidents = incidents;
    }

    /** Sent twice, it is still one. */
    public void keep(PracticeId practice, PlaceCount count, Instant now) {
        counts.insert(practice, count, now);
    }

    /** Sent twice, it is taken back once. */
    public void undo(PracticeId practice, long household, UUID id, Instant now) {
        if (counts.undo(practice, household, id, now) == 0) {
            throw new NotFound("count " + id);
        }
    }

    /** Who passed the places of a household in the last 60 days. */
    @Transactional(readOnly = true)
    public PassersBy at(PracticeId practice, Facts facts, Instant now) {
        long household = facts.household().id();
        Instant since = now.minus(LATELY);
        together.ask(() -> counts.since(practice, household, since), () -> outings.seats(practice, household, since), () -> exposures.met(practice, household, since), () -> incidents.since(practice, household, since));
        Looks looks = new Looks(facts.household().zone(), facts.places().stream().collect(Collectors.toMap(Place::id, Place::name)), new ArrayList<>());
        counts.since(practice, household, since).forEach(looks::counted);
        outings.seats(practice, household, since).forEach(looks::sat);
        exposures.met(practice, household, since).stream().filter(m -> m.kind() != Trigger.NOISE).forEach(looks::met);
        incidents.since(practice, household, since).stream().filter(i -> i.kind() != Incident.Kind.NOISE && i.kind() != Incident.Kind.VISITOR).forEach(looks::happened);
        return PassersBy.of(looks.hours());
    }

    @Override
    @Transactional(readOnly = true)
    public List<String> proposals(PracticeId practice, Facts facts, Instant now) {
        return PassingWords.proposals(at(practice, facts, now));
    }

    /** What was seen, hour by hour of the household's day. */
    private record Looks(ZoneId zone, Map<Long, String> places, List<Hour> hours) {

        void counted(PlaceCount c) {
            spread(c.placeId(), c.beganAt(), c.beganAt().plus(c.minutes(), ChronoUnit.MINUTES), c.dogs(), c.people(), c.others());
        }

        /** Counted in minutes as they fall into hours; who passed goes to the hour it began in, for nobody noted each. */
        private void spread(@Nullable Long place, Instant from, Instant to, int dogs, int people, int others) {
            add(place, from, 0, dogs, people, others);
            for (Instant at = from; at.isBefore(to); ) {
                Instant next = at.atZone(zone).truncatedTo(ChronoUnit.HOURS).plusHours(1).toInstant();
                Instant end = next.isBefore(to) ? next : to;
                add(place, at, Duration.between(at, end).toSeconds() / 60.0, 0, 0, 0);
                at = end;
            }
        }

        void sat(Seat s) {
            spread(s.watching().placeId(), s.watching().beganAt(), s.ended(), 0, 0, 0);
            s.taps().stream().filter(WatchTap::isPassing).forEach(t -> add(s.watching().placeId(), t.happenedAt(), 0, t.kind() == Trigger.DOG ? 1 : 0, t.kind() == Trigger.PERSON ? 1 : 0, t.kind() == Trigger.DOG || t.kind() == Trigger.PERSON ? 0 : 1));
        }

        void met(Met m) {
            boolean dog = m.kind() == Trigger.DOG;
            boolean person = MET_PEOPLE.contains(m.kind());
            add(m.placeId(), m.happenedAt(), 0, dog ? 1 : 0, person ? 1 : 0, dog || person ? 0 : 1);
        }

        void happened(Incident i) {
            boolean dog = i.kind() == Incident.Kind.DOG;
            boolean person = PEOPLE.contains(i.kind());
            add(i.placeId(), i.happenedAt(), 0, dog ? 1 : 0, person ? 1 : 0, dog || person ? 0 : 1);
        }

        private void add(@Nullable Long place, Instant at, double minutes, int dogs, int people, int others) {
            String name = place == null ? null : places.get(place);
            if (name != null) {
                ZonedDateTime then = at.atZone(zone);
                hours.add(new Hour(name, then.getHour(), minutes, dogs, people, others));
            }
        }
    }
}
