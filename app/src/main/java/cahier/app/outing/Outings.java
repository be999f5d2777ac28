package cahier.app.outing;

import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.household.Place;
import cahier.app.measure.Entry;
import cahier.app.measure.Measuring;
import cahier.app.method.Methods;
import cahier.app.scope.PracticeId;
import cahier.app.track.Adjusted;
import cahier.app.web.NotFound;
import cahier.core.exposure.LongWatching;
import cahier.core.measure.Mapping;
import cahier.core.measure.Measure;
import cahier.core.method.Choice;
import cahier.core.method.Question;
import cahier.core.rep.Outcome;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps long sittings and walks, once each, and counts them (docs/rules.md 9, 26, 27). */
@Service
@Transactional
public class Outings implements Measuring {

    private static final int SHOWN = 6;
    /** A sitting that nobody ended ends here after its last tap; nobody sits longer. */
    private static final int LONGEST_S = 8 * 3600;

    private final OutingMapper outings;
    private final Households households;
    private final Methods methods;
    private final ApplicationEventPublisher events;

    Outings(OutingMapper outings, Households households, Methods methods, ApplicationEventPublisher events) {
        this.methods = methods;
        this.events = events;
        this.outings = outings;
        this.households = households;
    }

    /** Sent twice, it is still one; the first tap of a sitting begins it. */
    public void keep(PracticeId practice, Watching watching, WatchTap tap, Instant now) {
        outings.begin(practice, watching, now);
        if (outings.count(practice, watching.householdId(), watching.id()) == 0) {
            throw new NotFound("sitting " + watching.id());
        }
        outings.tap(practice, watching.householdId(), tap);
        if (tap.seen() != WatchTap.What.END) {
            List<LongWatching.Moment> before = outings.taps(practice, watching.householdId(), watching.id()).stream().filter(t -> t.seen() != WatchTap.What.END && !t.id().equals(tap.id()) && !t.happenedAt().isAfter(tap.happenedAt()))
                    .map(t -> moment(watching, t)).toList();
            Outcome outcome = Mapping.ofTap(before, moment(watching, tap), isLongWatching(practice, watching.householdId())).orElse(null);
            events.publishEvent(new Entry(practice, watching.householdId(), watching.dogId(), Measure.Kind.SITTING, "", tap.id(), watching.id(), m -> outcome, second(watching, tap) / 60.0, "", null, watching.placeId(), tap.happenedAt(), now));
        }
    }

    private static LongWatching.Moment moment(Watching w, WatchTap t) {
        return new LongWatching.Moment(second(w, t), LongWatching.Seen.valueOf(t.seen().name()));
    }

    /** Whether the household works by long watching, in which reactions are expected. */
    @Transactional(readOnly = true)
    public boolean isLongWatching(PracticeId practice, long household) {
        return methods.ofHousehold(practice, household).of(Question.EXPOSURE) == Choice.EXPOSE_LONG_WATCHING;
    }

    /** Sent twice, it is taken back once. */
    public void undoTap(PracticeId practice, long household, UUID id, Instant now) {
        found(outings.undoTap(practice, household, id, now), id);
        events.publishEvent(new Entry.Back(practice, household, id, null, now));
    }

    public void keep(PracticeId practice, Outing outing, Instant now) {
        outings.insert(practice, outing, now);
        events.publishEvent(new Entry(practice, outing.householdId(), outing.dogId(), Measure.Kind.WALK, outing.places(), outing.id(), null, m -> Mapping.ofWalk(outing.paces(), outing.calmPaces()), outing.calmPaces(), "", null, null,
                outing.happenedAt(), now));
    }

    public void undo(PracticeId practice, long household, UUID id, Instant now) {
        found(outings.undo(practice, household, id, now), id);
        events.publishEvent(new Entry.Back(practice, household, id, null, now));
    }

    @Override
    public void follow(PracticeId practice, long household, UUID id, @Nullable Instant at) {
        outings.followTap(practice, household, id, at);
        outings.follow(practice, household, id, at);
    }

    @Override
    public boolean measures(Measure.Kind kind) {
        return kind == Measure.Kind.SITTING || kind == Measure.Kind.WALK;
    }

    @Override
    @Transactional(readOnly = true)
    public Adjusted now(PracticeId practice, long household, long dog, Measure measure, Instant at) {
        return measure.kind() == Measure.Kind.WALK ? Walks.now(households.facts(practice, household).dog(dog), outings.outings(practice, household, dog, SHOWN), measure)
                : Sat.now(sat(practice, household, dog), (int) measure.goal());
    }

    /** The dog's sittings, newest first. */
    private List<Sat> sat(PracticeId practice, long household, long dog) {
        boolean school = isLongWatching(practice, household);
        return outings.latest(practice, household, SHOWN).stream().filter(w -> w.dogId() == dog).flatMap(w -> {
            List<LongWatching.Moment> moments = outings.taps(practice, household, w.id()).stream().filter(t -> t.seen() != WatchTap.What.END).map(t -> moment(w, t)).toList();
            return moments.isEmpty() ? Stream.empty() : Stream.of(Sat.of(moments, school));
        }).toList();
    }

    private static void found(int rows, UUID id) {
        if (rows == 0) {
            throw new NotFound("outing " + id);
        }
    }

    /** The latest sittings in which something was tapped, newest first. */
    @Transactional(readOnly = true)
    public List<LongSitting> sittings(PracticeId practice, long household) {
        Facts facts = households.facts(practice, household);
        return outings.latest(practice, household, SHOWN).stream().flatMap(w -> sitting(facts, w, outings.taps(practice, household, w.id())).stream()).toList();
    }

    private static Optional<LongSitting> sitting(Facts facts, Watching w, List<WatchTap> taps) {
        List<LongWatching.Moment> moments = taps.stream().filter(t -> t.seen() != WatchTap.What.END).map(t -> moment(w, t)).toList();
        if (moments.isEmpty()) {
            return Optional.empty();
        }
        int seconds = taps.stream().mapToInt(t -> second(w, t)).max().orElse(0);
        String place = facts.places().stream().filter(p -> w.placeId() != null && p.id() == w.placeId()).map(Place::name).findFirst().orElse("");
        return Optional.of(new LongSitting(facts.dogName(w.dogId()), place, w.beganAt(), Math.max(1, (seconds + 59) / 60), w.carried(), LongWatching.of(moments, seconds)));
    }

    private static int second(Watching w, WatchTap t) {
        return (int) Math.max(0, Math.min(LONGEST_S, Duration.between(w.beganAt(), t.happenedAt()).toSeconds()));
    }

    /** The sittings since then in which something was tapped, oldest first. */
    @Transactional(readOnly = true)
    public List<Seat> seats(PracticeId practice, long household, Instant since) {
        Map<UUID, List<WatchTap>> taps = outings.tapsSince(practice, household, since).stream().collect(Collectors.groupingBy(WatchTap::watchingId));
        return outings.since(practice, household, since).stream().filter(w -> taps.containsKey(w.id())).map(w -> new Seat(w, Objects.requireNonNull(taps.get(w.id())))).toList();
    }

    /** Each dog's walks, newest first. */
    @Transactional(readOnly = true)
    public List<Walks> walks(PracticeId practice, long household) {
        return households.facts(practice, household).dogs().stream().map(d -> new Walks(d, outings.outings(practice, household, d.id(), SHOWN))).toList();
    }
}
