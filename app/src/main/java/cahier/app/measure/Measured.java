package cahier.app.measure;

import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.language.Words;
import cahier.app.log.KeptRep;
import cahier.app.log.NewRep;
import cahier.app.log.RepLog;
import cahier.app.log.RepVoided;
import cahier.app.log.Tags;
import cahier.app.scope.PracticeId;
import cahier.app.track.Adjusted;
import cahier.app.track.Step;
import cahier.app.track.TrackChanged;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.core.measure.Measure;
import cahier.core.rep.Outcome;
import cahier.core.rep.Role;
import cahier.core.rep.Sessions;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Makes reps of what is logged beside the tracks, with its ids and in its transaction, and lets the criterion of a step that measures follow. It hears what is logged,
 * so that no page into a log can go round it.
 */
@Service
@Transactional
public class Measured {

    private final Tracks tracks;
    private final RepLog log;
    private final Households households;
    private final List<Measuring> logs;

    Measured(Tracks tracks, RepLog log, Households households, List<Measuring> logs) {
        this.tracks = tracks;
        this.log = log;
        this.households = households;
        this.logs = logs;
    }

    /** A step that measures, and its track. */
    record Place(TrackSteps map, Step step) {

        Measure measure() {
            return step.measure().orElseThrow();
        }

        /** The one the dog stands on before others, what is worked on before what was reached. */
        int rank() {
            return map.current().filter(s -> s.id() == step.id()).isPresent() ? 0 : map.track().isDone() ? 2 : 1;
        }
    }

    @EventListener
    void on(Entry entry) {
        List<Place> places = places(entry.practice(), entry.household(), entry.dog()).stream().filter(p -> p.measure().takes(entry.kind(), entry.about())).toList();
        // Who logs at the same moment waits here, and then reads what the other has logged; in the order in which everybody locks tracks.
        places.stream().map(p -> p.map().track().id()).distinct().sorted().forEach(track -> tracks.locked(entry.practice(), track));
        places.stream().findFirst().ifPresent(place -> keep(entry, place));
        places.stream().map(p -> p.map().track().id()).distinct().forEach(track -> settle(entry.practice(), track, entry.now()));
    }

    private void keep(Entry entry, Place place) {
        Outcome outcome = entry.outcome().apply(place.measure());
        if (outcome != null) {
            UUID sitting = entry.sitting() != null ? entry.sitting() : sitting(entry, place);
            log.store(households.get(entry.practice(), entry.household()), List.of(new NewRep(entry.id(), sitting, place.map().track().id(), place.step().id(), outcome, Role.WORK, entry.at(),
                    entry.person(), entry.place(), Tags.measured(entry.value(), entry.level()))), null, entry.now());
        }
    }

    /** The sitting of the nearest rep of the track that is near enough to be of the same session; else a new one that comes from the entry. */
    private UUID sitting(Entry entry, Place place) {
        Duration near = Sessions.SAME_SESSION;
        return log.ofTrack(entry.practice(), place.map().track().id(), entry.at().minus(near)).stream().filter(r -> r.happenedAt().isBefore(entry.at().plus(near)))
                .min(Comparator.comparing((KeptRep r) -> Duration.between(r.happenedAt(), entry.at()).abs()).thenComparing(KeptRep::id)).map(KeptRep::sittingId)
                .orElseGet(() -> UUID.nameUUIDFromBytes((Words.say("measure.Measured.sitting-of", entry.id())).getBytes(StandardCharsets.UTF_8)));
    }

    @EventListener
    void on(Entry.Back back) {
        Optional<KeptRep> rep = rep(back.practice(), back.household(), back.id());
        rep.ifPresent(r -> {
            tracks.locked(back.practice(), r.trackId());
            log.voidRep(households.get(back.practice(), back.household()), r, back.now(), back.trainer());
            settle(back.practice(), r.trackId(), back.now());
        });
    }

    /** The rep of an entry, also where the trainer took it out and put it back under another id. */
    private Optional<KeptRep> rep(PracticeId practice, long household, UUID id) {
        Household home = households.get(practice, household);
        Optional<KeptRep> rep = log.find(home, id);
        for (Optional<KeptRep> again = rep; again.isPresent(); again = log.find(home, RepLog.again(again.get().id()))) {
            rep = again;
        }
        return rep;
    }

    /** What the trainer takes out or puts back on the page of a track goes and comes in its log too. */
    @EventListener
    void on(RepVoided event) {
        TrackSteps map = tracks.get(event.practice(), event.track());
        long household = map.track().householdId();
        if (map.steps().stream().anyMatch(s -> s.measure().isPresent())) {
            logs.forEach(l -> l.follow(event.practice(), household, event.rep(), event.isBack() ? null : event.at()));
            settle(event.practice(), event.track(), event.at());
        }
    }

    @EventListener
    void on(Entry.Moved moved) {
        places(moved.practice(), moved.household(), moved.dog()).stream().filter(p -> p.measure().kind() == moved.kind()).map(p -> p.map().track().id()).distinct().forEach(track -> settle(moved.practice(), track, moved.now()));
    }

    @EventListener
    void on(Entry.Aimed aimed) {
        places(aimed.practice(), aimed.household(), aimed.dog()).stream().filter(p -> p.measure().kind() == aimed.kind() && (aimed.kind() == Measure.Kind.ZONE ? p.rank() == 0 : p.measure().about().equals(aimed.about())))
                .forEach(p -> tracks.saveStep(aimed.practice(), p.step().id(), p.step().version(), p.step().written().measuring(aimed.goal() == null ? p.measure().about(aimed.about()) : p.measure().to(aimed.goal())), aimed.now()));
    }

    /** Also what is new, or was edited. */
    @EventListener
    void on(TrackChanged changed) {
        settle(changed.practice(), changed.track(), changed.at());
    }

    /** Who measures by what. */
    @Transactional(readOnly = true)
    public Measurers of(PracticeId practice, long household) {
        return new Measurers(tracks.ofHousehold(practice, household));
    }

    /** Looks at where each step of a track stands that measures, and keeps it where it is another than before. */
    private void settle(PracticeId practice, long track, Instant now) {
        settle(practice, tracks.get(practice, track), now);
    }

    /** The same of a track that is loaded already. */
    public void settle(PracticeId practice, TrackSteps map, Instant now) {
        map.steps().stream().filter(s -> s.measure().isPresent()).forEach(s -> settle(practice, new Place(map, s), now));
    }

    private void settle(PracticeId practice, Place place, Instant now) {
        Measure measure = place.measure();
        Adjusted fresh = logs.stream().filter(l -> l.measures(measure.kind())).findFirst().orElseThrow()
                .now(practice, place.map().track().householdId(), place.map().track().dogId(), measure, now);
        if (!fresh.equals(place.step().now())) {
            tracks.adjust(practice, place.step().id(), fresh);
        }
    }

    private List<Place> places(PracticeId practice, long household, long dog) {
        return places(tracks.ofHousehold(practice, household), dog);
    }

    /** The one the dog stands on first. */
    static List<Place> places(List<TrackSteps> maps, long dog) {
        return maps.stream().filter(m -> m.track().dogId() == dog).flatMap(m -> m.steps().stream().filter(s -> s.measure().isPresent()).map(s -> new Place(m, s)))
                .sorted(Comparator.comparingInt(Place::rank)).toList();
    }
}
