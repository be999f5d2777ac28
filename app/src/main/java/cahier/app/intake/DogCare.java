package cahier.app.intake;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A dog's health, food and history as the household tells it.
 *
 * @param kcal100g kcal in 100 g of its food
 * @param motivators one a line, best first
 * @param recallReward the one that is kept for recall only
 */
public record DogCare(long dogId, @Nullable Boolean neutered, String health, String food, @Nullable Integer kcal100g, String motivators,
                      String recallReward, String fears, String history, int version) {

    static DogCare empty(long dog) {
        return new DogCare(dog, null, "", "", null, "", "", "", "", 0);
    }

    /** Best first. */
    public List<String> ranked() {
        return motivators.lines().map(String::strip).filter(s -> !s.isEmpty()).toList();
    }
}
