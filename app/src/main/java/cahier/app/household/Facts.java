package cahier.app.household;

import java.util.List;

/** Everything about a household that is not a track. */
public record Facts(Household household, List<Person> people, List<Dog> dogs, List<Place> places, List<Word> words, List<Lesson> lessons) {
}
