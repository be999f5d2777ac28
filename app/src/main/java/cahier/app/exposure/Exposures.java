package cahier.app.exposure;

import cahier.app.account.PracticeId;
import cahier.app.draw.DistanceChart;
import cahier.app.household.Dog;
import cahier.app.household.Facts;
import cahier.app.household.Households;
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

    /** Where the trainer has a dog work from now on. */
    public void set(PracticeId practice, long household, long dog, Trigger kind, double metres, String by, Instant now) {
        exposures.set(practice, household, dog(practice, household, dog).id(), kind, metres, now, by);
    }

    private Dog dog(PracticeId practice, long household, long dog) {
        return households.dogs(practice, household).stream().filter(d -> d.id() == dog).findFirst().orElseThrow(() -> new NotFound("dog " + dog));
    }

    /** A reading for each dog and kind of trigger that was met lately or that has a distance. */
    @Transactional(readOnly = true)
    public List<Reading> of(PracticeId practice, long household, Instant now) {
        Facts facts = households.facts(practice, household);
        List<Met> all = exposures.since(practice, household, now.minus(LATELY).minus(BEFORE.get(0)));
        List<Reading> readings = new ArrayList<>();
        for (Dog dog : facts.dogs()) {
            for (Trigger kind : Trigger.values()) {
                List<Met> met = all.stream().filter(m -> m.dogId() == dog.id() && m.kind() == kind).toList();
                Optional<ExposureMapper.Place> set = exposures.working(practice, household, dog.id(), kind);
                if (set.isPresent() || met.stream().anyMatch(m -> m.happenedAt().isAfter(now.minus(LATELY)))) {
                    readings.add(reading(dog, kind, met, set, now));
                }
            }
        }
        return readings;
    }

    private static Reading reading(Dog dog, Trigger kind, List<Met> met, Optional<ExposureMapper.Place> set, Instant now) {
        List<Met> lately = until(met, now);
        WorkingDistance estimate = estimate(lately);
        List<Response> since = set.map(s -> met.stream().filter(m -> m.happenedAt().isAfter(s.setAt())).map(Met::response).toList()).orElse(List.of());
        Optional<NextDistance> next = set.map(s -> NextDistance.of(s.metres(), since, OptionalDouble.empty(), NextDistance.NEAREST));
        List<Double> before = BEFORE.stream().map(ago -> estimate(until(met, now.minus(ago))).curve()).flatMap(Optional::stream).map(WorkingDistance.Curve::workingMetres).toList();
        OptionalDouble metres = set.isPresent() ? OptionalDouble.of(set.get().metres()) : OptionalDouble.empty();
        return new Reading(dog.id(), dog.name(), kind, lately, metres, since, estimate, next, before,
                DistanceChart.of(lately.stream().map(Met::exposure).toList(), estimate.curve(), metres, ReadingWords.estimate(estimate)));
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
