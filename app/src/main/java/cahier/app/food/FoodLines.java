package cahier.app.food;

import cahier.app.household.Dog;
import cahier.app.household.Facts;
import cahier.app.intake.DogCare;
import cahier.app.intake.Intakes;
import cahier.app.scope.PracticeId;
import cahier.core.food.FoodBudget;
import cahier.core.food.Stage;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reckons a day's pieces against what each dog may eat (docs/rules.md 12), with the usual piece, biscuit and food where nobody said. */
@Service
@Transactional(readOnly = true)
public class FoodLines {

    private static final double G_PER_KG = 1000;
    private static final double PER_100 = 100;

    private final Intakes intakes;

    FoodLines(Intakes intakes) {
        this.intakes = intakes;
    }

    /**
     * A line for each dog that has pieces and whose weight is known.
     *
     * @param pieces a day by the dog's name, jackpots included
     */
    public List<FoodLine> of(PracticeId practice, Facts facts, Map<String, Integer> pieces, LocalDate today) {
        Map<Long, DogCare> care = intakes.care(practice, facts.household().id());
        return facts.dogs().stream().filter(d -> pieces.getOrDefault(d.name(), 0) > 0).flatMap(d -> line(d, care.get(d.id()), Objects.requireNonNull(pieces.get(d.name())), today).stream()).toList();
    }

    private static Optional<FoodLine> line(Dog dog, @Nullable DogCare care, int pieces, LocalDate today) {
        if (dog.weightG() == null) {
            return Optional.empty();
        }
        double food = care == null || care.kcal100g() == null ? FoodBudget.USUAL_FOOD_KCAL_PER_G : care.kcal100g() / PER_100;
        FoodBudget budget = new FoodBudget(new FoodBudget.Dog(dog.weightG() / G_PER_KG, Stage.of(Optional.ofNullable(dog.born()), Optional.ofNullable(care).map(DogCare::neutered), today)),
                FoodBudget.Treats.usual(pieces), food, FoodBudget.USUAL_SHARE);
        return Optional.of(new FoodLine(dog.name(), budget));
    }
}
