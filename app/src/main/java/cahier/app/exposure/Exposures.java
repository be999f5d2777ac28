package cahier.app.exposure;

import cahier.app.draw.DistanceChart;
import cahier.app.household.Dog;
import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.log.Sign;
import cahier.app.scope.PracticeId;
import cahier.app.web.NotFound;
import cahier.core.exposure.NextDistance;
import cahier.core.exposure.Response;
import cahier.core.exposure.WorkingDistance;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what dogs met, once each, and reads how near they can work (docs/rules.md 9). */
@Service
@Transactional
public class Exposures {

    private static final Duration LATELY = Duration.ofDays(WorkingDistance.DAYS);
    private static final List<Duration> BEFORE = List.of(Duration.ofDays(28), Duration.ofDays(14));

    private final ExposureMapper exposures;
    private final Households households;

    Exposures(ExposureMapper exposures, Households households) {
        this.exposures = exposures;
        this.households = households;
    }

    /** Sent twice, it is still one. */
    public void keep(PracticeId practice, Met met, Instant now) {
        exposures.insert(practice, met, now);
    }

    /** Taken back by whoever tapped it; it no longer counts. Sent twice, it is taken back once. */
    public void undo(PracticeId practice, long household, UUID id, Instant now) {
        if (exposures.undo(practice, household, id, now) == 0) {
            throw new NotFound("meeting " + id);
        }
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

    /**
     * Where the trainer has a dog work from now on. What is left empty stays as it was.
     *
     * @param ownStep metres closer at a time, 0.1 to 100
     * @param goal metres at which it is to work in the end, 1 to 1000
     */
    public void set(PracticeId practice, long household, long dog, Threat threat, double metres, OptionalDouble ownStep, OptionalDouble goal, String by, Instant now) {
        long id = dog(practice, household, dog).id();
        Optional<ExposureMapper.Place> before = exposures.working(practice, household).stream().filter(p -> p.isOf(id, threat)).findFirst();
        exposures.set(practice, household, new ExposureMapper.Place(id, threat.kind(), threat.loudness(), metres, now, by, ownStep.isPresent() ? (Double) ownStep.getAsDouble() : before.map(ExposureMapper.Place::ownStep).orElse(null),
                goal.isPresent() ? (Double) goal.getAsDouble() : before.map(ExposureMapper.Place::goal).orElse(null)));
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

    /** A reading for each dog and kind of trigger that was met lately or that has a distance. */
    @Transactional(readOnly = true)
    public List<Reading> of(PracticeId practice, long household, Instant now) {
        Facts facts = households.facts(practice, household);
        List<Met> all = exposures.since(practice, household, now.minus(LATELY).minus(BEFORE.get(0)));
        List<ExposureMapper.Place> places = exposures.working(practice, household);
        List<Reading> readings = new ArrayList<>();
        for (Dog dog : facts.dogs()) {
            for (Threat threat : Threat.all()) {
                List<Met> met = all.stream().filter(m -> m.dogId() == dog.id() && m.kind() == threat.kind() && m.loudness() == threat.loudness()).toList();
                Optional<ExposureMapper.Place> set = places.stream().filter(p -> p.isOf(dog.id(), threat)).findFirst();
                if (set.isPresent() || met.stream().anyMatch(m -> m.happenedAt().isAfter(now.minus(LATELY)))) {
                    readings.add(reading(dog, threat, met, set, now));
                }
            }
        }
        return readings;
    }

    private static Reading reading(Dog dog, Threat threat, List<Met> met, Optional<ExposureMapper.Place> set, Instant now) {
        List<Met> lately = until(met, now);
        WorkingDistance estimate = estimate(lately);
        List<Response> since = set.map(s -> met.stream().filter(m -> m.happenedAt().isAfter(s.setAt())).map(Met::response).toList()).orElse(List.of());
        Optional<NextDistance> next = set.map(s -> NextDistance.of(s.metres(), since, boxed(s.ownStep()), NextDistance.NEAREST));
        List<Double> before = BEFORE.stream().map(ago -> estimate(until(met, now.minus(ago))).curve()).flatMap(Optional::stream).map(WorkingDistance.Curve::workingMetres).toList();
        OptionalDouble metres = set.isPresent() ? OptionalDouble.of(set.get().metres()) : OptionalDouble.empty();
        return new Reading(dog.id(), dog.name(), threat, lately, metres, set.map(s -> boxed(s.ownStep())).orElse(OptionalDouble.empty()), set.map(s -> boxed(s.goal())).orElse(OptionalDouble.empty()), since, estimate, next, before,
                DistanceChart.of(lately.stream().map(Met::exposure).toList(), estimate.curve(), metres, ReadingWords.estimate(estimate)));
    }

    private static OptionalDouble boxed(@Nullable Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    /** The latest that counted on a day. */
    private static List<Met> until(List<Met> met, Instant day) {
        List<Met> then = met.stream().filter(m -> !m.happenedAt().isAfter(day) && m.happenedAt().isAfter(day.minus(LATELY))).toList();
        return then.subList(Math.max(0, then.size() - WorkingDistance.MOST), then.size());
    }

    private static WorkingDistance estimate(List<Met> met) {
        return WorkingDistance.of(met.stream().map(Met::exposure).toList());
    }
}
