package cahier.app.owner;

import cahier.app.household.Dog;
import cahier.app.household.Facts;
import java.util.List;

/**
 * With which dogs a kind of work beside the tracks is done now.
 *
 * @param rests why it is not done with the others, a sentence each
 */
record Beside(List<Dog> dogs, List<String> rests) {

    boolean isNothing() {
        return dogs.isEmpty() && !rests.isEmpty();
    }

    boolean has(long dog) {
        return dogs.stream().anyMatch(d -> d.id() == dog);
    }

    /** The household as such a page shows it: these dogs, and nobody under 16. */
    Facts of(Facts facts) {
        return new Facts(facts.household(), facts.people().stream().filter(p -> !p.needsAdult()).toList(), dogs, facts.places(), facts.words(), facts.lessons(), facts.gone(), facts.left());
    }
}
