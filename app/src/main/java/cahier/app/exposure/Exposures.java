package cahier.app.exposure;

import cahier.app.draw.DistanceChart;
import cahier.app.household.Dog;
import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.log.Sign;
import cahier.app.measure.Entry;
import cahier.app.measure.Measuring;
import cahier.app.outing.Outings;
import cahier.app.scope.PracticeId;
import cahier.app.track.Adjusted;
import cahier.app.web.NotFound;
import cahier.core.exposure.Closer;
import cahier.core.exposure.Moving;
import cahier.core.exposure.NextDistance;
import cahier.core.exposure.Steepness;
import cahier.core.exposure.WorkingDistance;
import cahier.core.measure.Mapping;
import cahier.core.measure.Measure;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what dogs met, once each, and reads how near they can work (docs/rules.md 9). */
@Service
@Transactional
public class Exposures implements Measuring {

    private static final Duration LATELY = WorkingDistance.LATELY;
    private static final List<Duration> BEFORE = List.of(Duration.ofDays(28), Duration.ofDays(14));

    private final ExposureMapper exposures;
    private final SteepnessMapper steepness;
    private final Outings outings;
    private final Households households;
    private final ApplicationEventPublisher events;

    Exposures(ExposureMapper exposures, SteepnessMapper steepness, Outings outings, Households households, ApplicationEventPublisher events) {
        this.events = events;
        this.exposures = exposures;
        this.steepness = steepness;
        this.outings = outings;
        this.households = households;
    }

    /**
     * Sent twice, it is still one.
     *
     * @param person who was with the dog, if it was said
     */
    public void keep(PracticeId practice, Met met, @Nullable Long person, Instant now) {
        exposures.insert(practice, met, now);
        Measure.Kind kind = new Threat(met.kind(), met.loudness()).measuredAs();
        events.publishEvent(new Entry(practice, met.householdId(), met.dogId(), kind, kind == Measure.Kind.NOISE ? "" : met.kind().name(), met.id(), null,
                m -> Mapping.of(met.response(), m.cueCounts()), met.metres(), met.loudness() == 0 ? "" : Integer.toString(met.loudness()), person, met.placeId(), met.happenedAt(), now));
    }

    /** Taken back by whoever tapped it; it no longer counts. Sent twice, it is taken back once. */
    public void undo(PracticeId practice, long household, UUID id, @Nullable Long trainer, Instant now) {
        if (exposures.undo(practice, household, id, now) == 0) {
            throw new NotFound("meeting " + id);
        }
        events.publishEvent(new Entry.Back(practice, household, id, trainer, now));
    }

    @Override
    public void follow(PracticeId practice, long household, UUID id, @Nullable Instant at) {
        exposures.follow(practice, household, id, at);
    }

    @Override
    public boolean measures(Measure.Kind kind) {
        return kind.isNearer();
    }

    @Override
    @Transactional(readOnly = true)
    public Adjusted now(PracticeId practice, long household, long dog, Measure measure, Instant at) {
        List<Met> met = exposures.forWorking(practice, household, at.minus(LATELY)).stream().filter(m -> m.dogId() == dog).toList();
        List<ExposureMapper.Place> places = exposures.working(practice, household).stream().filter(p -> p.dogId() == dog).toList();
        return measure.kind() == Measure.Kind.NOISE ? WorkedNow.noise(measure, met, places) : WorkedNow.distance(measure, met, places);
    }

    /** How long it took the dog to be calm again. */
    public void calm(PracticeId practice, long household, UUID id, int seconds) {
        if (exposures.calm(practice, household, id, seconds) == 0) {
            throw new NotFound("meeting " + id);
        }
    }

    /** What was seen when it reacted. */
    public void sign(PracticeId practice, long household, UUID id, Sign sign) {
        if (exposures.sign(practice, household, id, sign) == 0) {
            throw new NotFound("meeting " + id);
        }
    }

    /** Where the trainer has a dog work from now on. A step of their own ends being led by the estimate. */
    public void set(PracticeId practice, long household, long dog, Threat threat, WorkAt at, String by, Instant now) {
        long id = dog(practice, household, dog).id();
        Optional<ExposureMapper.Place> before = exposures.working(practice, household).stream().filter(p -> p.isOf(id, threat)).findFirst();
        boolean led = at.ownStep().isEmpty() && at.how().map(h -> h == WorkAt.How.LED).orElse(before.flatMap(ExposureMapper.Place::led).isPresent());
        Optional<Steepness> usual = led ? Optional.of(usual(practice)) : Optional.empty();
        Double ownStep = led ? null : at.ownStep().isPresent() ? (Double) at.ownStep().getAsDouble() : before.map(ExposureMapper.Place::ownStep).orElse(null);
        OptionalDouble goal = at.goal();
        exposures.set(practice, household, new ExposureMapper.Place(id, threat.kind(), threat.loudness(), at.metres(), now, by, ownStep,
                goal.isPresent() ? (Double) goal.getAsDouble() : before.map(ExposureMapper.Place::goal).orElse(null), usual.map(Steepness::median).orElse(null), usual.map(Steepness::sd).orElse(null)));
        Measure.Kind kind = threat.measuredAs();
        goal.ifPresent(m -> events.publishEvent(new Entry.Aimed(practice, household, id, kind, kind == Measure.Kind.NOISE ? Integer.toString(threat.loudness()) : threat.kind().name(), m, now)));
        events.publishEvent(new Entry.Moved(practice, household, id, kind, now));
    }

    @Transactional(readOnly = true)
    public List<Landmark> landmarks(PracticeId practice, long household) {
        return exposures.landmarks(practice, household);
    }

    /** A name that is known already gets the new distance. */
    public void put(PracticeId practice, long household, String landmark, double metres) {
        exposures.putLandmark(practice, households.get(practice, household).id(), landmark, metres);
    }

    public void removeLandmark(PracticeId practice, long household, long id) {
        if (exposures.removeLandmark(practice, household, id) == 0) {
            throw new NotFound("landmark " + id);
        }
    }

    private Dog dog(PracticeId practice, long household, long dog) {
        return households.dogs(practice, household).stream().filter(d -> d.id() == dog).findFirst().orElseThrow(() -> new NotFound("dog " + dog));
    }

    /** What was met since then, oldest first. */
    @Transactional(readOnly = true)
    public List<Met> met(PracticeId practice, long household, Instant since) {
        return exposures.since(practice, household, since);
    }

    /** How sharply dogs turn, as far as this practice knows. */
    @Transactional(readOnly = true)
    public Steepness usual(PracticeId practice) {
        return steepness.of(practice).orElse(Steepness.USUAL);
    }

    /** A reading for each dog and kind of trigger that was met lately or that has a distance. */
    @Transactional(readOnly = true)
    public List<Reading> of(PracticeId practice, long household, Instant now) {
        Facts facts = households.facts(practice, household);
        List<Met> all = exposures.forWorking(practice, household, now.minus(LATELY).minus(BEFORE.get(0)));
        List<ExposureMapper.Place> places = exposures.working(practice, household);
        List<ExposureMapper.Goal> goals = exposures.goals(practice, household);
        Steepness usual = usual(practice);
        List<Passed> passed = Passed.of(outings.seats(practice, household, now.minus(LATELY).minus(BEFORE.get(0))));
        List<Reading> readings = new ArrayList<>();
        for (Dog dog : facts.dogs()) {
            for (Threat threat : Threat.all()) {
                List<Met> met = all.stream().filter(m -> m.dogId() == dog.id() && m.kind() == threat.kind() && m.loudness() == threat.loudness()).toList();
                Optional<ExposureMapper.Place> set = places.stream().filter(p -> p.isOf(dog.id(), threat)).findFirst();
                List<Passed> seen = passed.stream().filter(p -> p.isOf(dog.id(), threat)).toList();
                if (set.isPresent() || met.stream().anyMatch(m -> m.happenedAt().isAfter(now.minus(LATELY))) || seen.stream().filter(p -> p.at().isAfter(now.minus(LATELY))).count() >= WorkingDistance.FEWEST) {
                    OptionalDouble goal = goals.stream().filter(g -> g.isOf(dog.id(), threat)).findFirst().map(g -> OptionalDouble.of(g.goal())).orElseGet(() -> set.map(s -> boxed(s.goal())).orElse(OptionalDouble.empty()));
                    readings.add(reading(dog, threat, met, seen, set, goal, usual, now));
                }
            }
        }
        return readings;
    }

    private static Reading reading(Dog dog, Threat threat, List<Met> met, List<Passed> passed, Optional<ExposureMapper.Place> set, OptionalDouble goal, Steepness practice, Instant now) {
        Steepness usual = set.flatMap(ExposureMapper.Place::led).orElse(practice);
        List<Passed> all = Stream.concat(met.stream().map(Passed::of), passed.stream()).sorted(Comparator.comparing(Passed::at)).toList();
        List<Passed> counted = counting(now, all, Passed::at);
        List<Met> lately = counting(now, met, Met::happenedAt);
        WorkingDistance estimate = estimate(counted, usual);
        Optional<Moving> moving = set.map(s -> WorkedNow.moving(s, met, goal.orElse(NextDistance.NEAREST)));
        List<Double> before = BEFORE.stream().map(ago -> estimate(counting(now.minus(ago), all, Passed::at), usual).curve()).flatMap(Optional::stream).map(WorkingDistance.Curve::workingMetres).toList();
        OptionalDouble metres = moving.isPresent() ? OptionalDouble.of(moving.get().metres()) : OptionalDouble.empty();
        return new Reading(dog.id(), dog.name(), threat, lately, metres, set.map(ExposureMapper.Place::steps).orElse(Closer.usual()), set.flatMap(ExposureMapper.Place::led), goal, moving, estimate, seated(passed, now), before,
                DistanceChart.of(counted.stream().map(Passed::exposure).toList(), estimate.curve(), metres, ReadingWords.estimate(estimate)));
    }

    static OptionalDouble boxed(@Nullable Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    private static Reading.Seated seated(List<Passed> passed, Instant now) {
        List<Passed> lately = upTo(now, passed, Passed::at);
        return new Reading.Seated((int) lately.stream().filter(p -> p.exposure().response().isCalm()).count(), lately.size());
    }

    /** What counts on a day: of the weeks before it, the latest that one reading takes. */
    private static <T> List<T> counting(Instant day, List<T> all, Function<T, Instant> when) {
        List<T> then = upTo(day, all, when);
        return then.subList(Math.max(0, then.size() - WorkingDistance.MOST), then.size());
    }

    /** The weeks before a day that a reading looks at; what came after it is not yet known on it. */
    private static <T> List<T> upTo(Instant day, List<T> all, Function<T, Instant> when) {
        Instant since = day.minus(LATELY);
        return all.stream().filter(one -> when.apply(one).isAfter(since) && !when.apply(one).isAfter(day)).toList();
    }

    private static WorkingDistance estimate(List<Passed> seen, Steepness usual) {
        return WorkingDistance.of(seen.stream().map(Passed::exposure).toList(), usual);
    }
}
