package cahier.app.outing;

import cahier.app.household.Dog;
import cahier.app.language.Words;
import cahier.app.track.Adjusted;
import cahier.core.exposure.OutAndBack;
import cahier.core.exposure.PlaceByPlace;
import cahier.core.measure.Measure;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/**
 * One dog's walks out and back.
 *
 * @param latest newest first
 */
public record Walks(Dog dog, List<Outing> latest) {

    private static final int MOST_WAY = 60;

    /** What comes next; a dog that has not been out begins with the first few paces. */
    public OutAndBack next() {
        Optional<Outing> byPaces = latest.stream().filter(Outing::isByPaces).findFirst();
        if (byPaces.isEmpty()) {
            return OutAndBack.after(0, OptionalInt.empty());
        }
        Outing last = byPaces.get();
        return OutAndBack.after(last.calmPaces(), last.roundPaces() == null ? OptionalInt.empty() : OptionalInt.of(last.roundPaces()));
    }

    /** Where the next walk goes as a step says it that measures, to the goal at most. */
    static Adjusted now(Dog dog, List<Outing> newestFirst, Measure measure) {
        Walks walks = new Walks(dog, newestFirst);
        return measure.placeByPlace().map(walks::now).orElseGet(() -> walks.now((int) measure.goal()));
    }

    /** To the first place that was not calm on the last walk, or one further. */
    private Adjusted now(PlaceByPlace way) {
        int calm = latest.stream().filter(o -> !o.isByPaces()).findFirst().map(Outing::calmPaces).orElse(0);
        int next = way.next(calm);
        List<String> today = way.first(next);
        return new Adjusted((double) next, Words.say("outing.Walks.in-again-after-each", String.join(", ", today)), Words.say("outing.Walks.in-again-after-each", String.join(", ", way.first(next - 1))), way.places().subList(next - 1, way.places().size()));
    }

    private Adjusted now(int goal) {
        OutAndBack next = next();
        int known = Math.min(next.known(), goal);
        int far = Math.min(next.next(), goal);
        String words = known == 0 || known >= far ? Words.say("outing.Walks.paces-out-and-home", far) : Words.say("outing.Walks.the-known-paces-out-and", known, far);
        return new Adjusted((double) far, words, Words.say("outing.Walks.paces-out-and-home", Math.max(1, known)), IntStream.iterate(far, p -> Math.min(goal, p + OutAndBack.FURTHER)).limit(1 + (goal - far + OutAndBack.FURTHER - 1) / OutAndBack.FURTHER).limit(MOST_WAY)
                .mapToObj(p -> Words.say("outing.Walks.paces", p)).toList());
    }

    /** Whether any went by paces: those say how far the next one goes. */
    public boolean isByPaces() {
        return latest.isEmpty() || latest.stream().anyMatch(Outing::isByPaces);
    }

    /** "Next: the known 40 paces out and home, then 45." */
    public String says() {
        OutAndBack next = next();
        if (next.round()) {
            return Words.say("outing.Walks.next-the-round-more-than");
        }
        return next.known() == 0 ? Words.say("outing.Walks.next-paces-from-the-door", next.next()) : Words.say("outing.Walks.next-the-known-paces-out", next.known(), next.next());
    }
}
