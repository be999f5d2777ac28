package cahier.app.demo;

import cahier.app.baseline.Baselines;
import cahier.app.baseline.Findings;
import cahier.app.baseline.Kind;
import cahier.app.gate.Gates;
import cahier.app.household.Dog;
import cahier.app.household.Facts;
import cahier.app.intake.DogCare;
import cahier.app.intake.Equipment;
import cahier.app.intake.Intake;
import cahier.app.intake.Intakes;
import cahier.app.intake.Wish;
import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Writes down what a demo household told on its first visit, through the application's own services. */
@Component
class DemoIntake {

    private static final LocalTime MORNING = LocalTime.of(10, 30);

    private final Intakes intakes;
    private final Gates gates;
    private final Baselines baselines;

    DemoIntake(Intakes intakes, Gates gates, Baselines baselines) {
        this.intakes = intakes;
        this.gates = gates;
        this.baselines = baselines;
    }

    /** @param firstVisit when all of it was told */
    void load(TrainerUser trainer, Facts facts, DemoFile.Told told, LocalDate today, Instant firstVisit) {
        PracticeId practice = trainer.practice();
        long household = facts.household().id();
        intakes.save(practice, new Intake(household, told.home(), told.tried(), told.askedFor(), told.otherAnimals(), told.minutes(), told.leads(),
                told.equipment().stream().map(Equipment::name).collect(Collectors.joining(",")), 0));
        told.wishes().forEach(w -> intakes.addWish(practice, household, new Wish(0, 0, w.words(), w.topic(), w.mover())));
        told.care().forEach(c -> intakes.save(practice, household, new DogCare(dog(facts, c.dog()), c.neutered(), c.health(), c.food(), c.kcal(),
                c.motivators(), c.recallReward(), c.fears(), c.history(), 0)));
        told.flags().forEach(f -> gates.raise(trainer, household, dog(facts, f.dog()), f.flag(), f.what(), firstVisit));
        told.onSheet().forEach(d -> intakes.seeTo(trainer, household, d, true, firstVisit));
        told.tests().forEach(t -> baselines.keep(trainer, household, dog(facts, t.dog()), Kind.COLD_TEST, t.cue(), new Findings(t.tries().chars()
                .mapToObj(c -> Objects.requireNonNull(DemoHousehold.LETTERS.get((char) c))).toList(), null, null, null, null, null, null),
                today.plusDays(t.day()).atTime(MORNING).atZone(facts.household().zone()).toInstant()));
    }

    private static long dog(Facts facts, String name) {
        List<Dog> named = facts.dogs().stream().filter(d -> d.name().equals(name)).toList();
        return named.get(0).id();
    }
}
