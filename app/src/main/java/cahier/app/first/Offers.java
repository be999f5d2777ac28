package cahier.app.first;

import cahier.app.baseline.Baseline;
import cahier.app.gate.GateWords;
import cahier.app.household.Dog;
import cahier.app.intake.Wish;
import cahier.app.language.Words;
import cahier.app.scope.PracticeId;
import cahier.app.shelf.Templates.Listed;
import cahier.core.gate.Topic;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/** The shelf as a household sees it: what they want first, with why, and where each dog would start. */
public record Offers(List<Group> groups) {

    /**
     * Templates about one thing.
     *
     * @param why the wish that puts it here; empty where nobody asked for it
     */
    public record Group(String about, String why, List<Offer> offers) {
    }

    /** A template, with where each dog would start that would not on the first step. */
    public record Offer(Listed listed, List<DogStart> starts) {
    }

    /** "Pim starts at step 7, by …". */
    public record DogStart(Dog dog, Start start) {
    }

    static Offers of(Map<Topic, List<Listed>> shelf, List<Wish> wishes, List<Dog> dogs, PracticeId practice, List<Baseline> baselines) {
        List<Topic> wanted = wishes.stream().sorted(Comparator.comparingInt(Wish::position)).map(Wish::topic).distinct().toList();
        Comparator<Map.Entry<Topic, List<Listed>>> byWish = Comparator.comparingInt(e -> wanted.contains(e.getKey()) ? wanted.indexOf(e.getKey()) : wanted.size());
        return new Offers(shelf.entrySet().stream().sorted(byWish.thenComparing(Map.Entry::getKey))
                .map(e -> new Group(GateWords.of(e.getKey()), why(e.getKey(), wishes), e.getValue().stream().map(l -> offer(l, dogs, practice, baselines)).toList())).toList());
    }

    private static String why(Topic topic, List<Wish> wishes) {
        return wishes.stream().filter(w -> w.topic() == topic).min(Comparator.comparingInt(Wish::position)).map(w -> Words.say("first.Offers.they-want", w.words())).orElse("");
    }

    private static Offer offer(Listed listed, List<Dog> dogs, PracticeId practice, List<Baseline> baselines) {
        return new Offer(listed, dogs.stream().flatMap(d -> Startings.of(listed.template(), listed.ready().steps(), practice, d.id(), baselines).map(s -> new DogStart(d, s)).stream()).toList());
    }
}
