package cahier.app.intake;

import cahier.app.gate.Gates;
import cahier.app.gate.RaisedGate;
import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.household.Person;
import cahier.app.language.Words;
import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;
import cahier.app.web.NotFound;
import cahier.app.web.StaleEdit;
import cahier.core.gate.Danger;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Intakes, kept piece by piece. */
@Service
@Transactional
public class Intakes {

    private static final String ON_SHEET = "ON_SHEET";
    private final IntakeMapper intakes;
    private final Households households;
    private final Gates gates;

    Intakes(IntakeMapper intakes, Households households, Gates gates) {
        this.intakes = intakes;
        this.households = households;
        this.gates = gates;
    }

    public Intake get(PracticeId practice, long household) {
        return intakes.find(practice, households.facts(practice, household).household().id()).orElseGet(() -> Intake.empty(household));
    }

    /** Saves the household's part, unless someone saved another meanwhile. */
    public void save(PracticeId practice, Intake edited) {
        Intake saved = get(practice, edited.householdId());
        if (intakes.save(practice, edited) == 0) {
            throw new StaleEdit("intake", "/households/" + edited.householdId() + "/intake", List.of(
                    new StaleEdit.Difference("Tried", saved.tried(), edited.tried()),
                    new StaleEdit.Difference(Words.say("intake.Intakes.asked-for"), saved.askedFor(), edited.askedFor()),
                    new StaleEdit.Difference(Words.say("intake.Intakes.other-animals"), saved.otherAnimals(), edited.otherAnimals()),
                    new StaleEdit.Difference(Words.say("intake.Intakes.minutes-a-day"), String.valueOf(saved.dailyMinutes()), String.valueOf(edited.dailyMinutes())),
                    new StaleEdit.Difference("Leads", saved.leads(), edited.leads()),
                    new StaleEdit.Difference("Equipment", saved.equipment(), edited.equipment())));
        }
    }

    /** Most important first. */
    public List<Wish> wishes(PracticeId practice, long household) {
        return intakes.wishes(practice, household);
    }

    /** Puts a wish at the end of the list. */
    public void addWish(PracticeId practice, long household, Wish wish) {
        int position = wishes(practice, households.get(practice, household).id()).size();
        intakes.addWish(practice, household, new Wish(0, position, wish.words(), wish.topic(), wish.mover()));
    }

    /** Moves a wish one place up; the first stays. */
    public void raiseWish(PracticeId practice, long household, long id) {
        List<Wish> order = new ArrayList<>(wishes(practice, household));
        int at = order.indexOf(order.stream().filter(w -> w.id() == id).findFirst().orElseThrow(() -> new NotFound("wish " + id)));
        if (at > 0) {
            Collections.swap(order, at, at - 1);
        }
        for (int i = 0; i < order.size(); i++) {
            intakes.placeWish(practice, household, order.get(i).id(), i);
        }
    }

    public void removeWish(PracticeId practice, long household, long id) {
        if (intakes.removeWish(practice, household, id) == 0) {
            throw new NotFound("wish " + id);
        }
    }

    /** What is known of each dog of the household, by dog; an empty page for one of whom nothing is. */
    public Map<Long, DogCare> care(PracticeId practice, long household) {
        Map<Long, DogCare> known = intakes.care(practice, household).stream().collect(Collectors.toMap(DogCare::dogId, Function.identity()));
        return households.dogs(practice, household).stream().collect(Collectors.toMap(d -> d.id(), d -> known.getOrDefault(d.id(), DogCare.empty(d.id()))));
    }

    /** Saves a dog's part, unless someone saved another meanwhile. */
    public void save(PracticeId practice, long household, DogCare edited) {
        DogCare saved = Optional.ofNullable(care(practice, household).get(edited.dogId())).orElseThrow(() -> new NotFound("dog " + edited.dogId()));
        if (intakes.saveCare(practice, household, edited) == 0) {
            throw new StaleEdit(Words.say("intake.Intakes.health-and-history"), "/households/" + household + "/intake", List.of(
                    new StaleEdit.Difference("Health", saved.health(), edited.health()),
                    new StaleEdit.Difference("Food", saved.food(), edited.food()),
                    new StaleEdit.Difference("Motivators", saved.motivators(), edited.motivators()),
                    new StaleEdit.Difference("Fears", saved.fears(), edited.fears()),
                    new StaleEdit.Difference("History", saved.history(), edited.history())));
        }
    }

    /** What must be seen to, and what was. */
    public Dangers dangers(PracticeId practice, long household) {
        List<Dangers.SeenTo> seenTo = intakes.dangers(practice, household).stream()
                .map(r -> new Dangers.SeenTo(r.danger(), r.state().equals(ON_SHEET), r.at(), r.byTrainer())).toList();
        List<Danger> open = Danger.of(home(practice, household)).stream().filter(d -> seenTo.stream().noneMatch(s -> s.danger() == d)).toList();
        return new Dangers(open, seenTo);
    }

    private Danger.Home home(PracticeId practice, long household) {
        Facts facts = households.facts(practice, household);
        Intake intake = get(practice, household);
        List<Wish> wishes = wishes(practice, household);
        return new Danger.Home(facts.dogs().size(), facts.people().stream().anyMatch(Person::isChild), intake.has(Equipment.LONG_LINE),
                intake.has(Equipment.HARNESS), wishes.stream().map(Wish::mover).filter(Objects::nonNull).collect(Collectors.toSet()),
                wishes.stream().map(Wish::topic).collect(Collectors.toSet()),
                gates.ofHousehold(practice, household).stream().filter(RaisedGate::isShut).map(RaisedGate::flag).collect(Collectors.toSet()));
    }

    /** The trainer has seen to it, or puts it on the sheet. */
    public void seeTo(TrainerUser trainer, long household, Danger danger, boolean onSheet, Instant now) {
        households.get(trainer.practice(), household);
        intakes.setDanger(trainer.practice(), household, danger, onSheet ? ON_SHEET : "DONE", now, trainer.signature());
    }

    /** Back on the open list. */
    public void unsee(PracticeId practice, long household, Danger danger) {
        intakes.unsetDanger(practice, household, danger);
    }

    /** The sentences that stand on the sheet above the exercises. */
    public List<String> onSheet(PracticeId practice, long household) {
        return dangers(practice, household).seenTo().stream().filter(Dangers.SeenTo::onSheet).map(s -> Dangers.words(s.danger())).toList();
    }
}
