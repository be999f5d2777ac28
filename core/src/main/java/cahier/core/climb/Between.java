package cahier.core.climb;

import cahier.core.rep.Aid;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;

/**
 * Whether a step that is written between two is easier than the upper one (docs/rules.md 4, SPLIT). What cannot be compared, such as a distraction
 * in other words, is the trainer's to judge.
 */
public final class Between {

    private Between() {
    }

    /** What a step can ask more of. */
    public enum Criterion { PLACE, DISTANCE, DURATION, DISTRACTION, COMPANY, HELPER, AID, WORD, CHAIN, FOOD }

    /** How one criterion compares with the upper step's. */
    public enum Change { SAME, EASIER, HARDER, OTHER }

    /** Which way a distance gets harder. */
    public enum Harder {
        /** Further is harder, as from a mat. */
        FURTHER,
        /** Nearer is harder, as to what a dog fears. */
        NEARER,
        UNKNOWN
    }

    /**
     * What a step asks, as far as it can be compared.
     *
     * @param difficulty of its place, 0 easiest to 5; none where the household does not know the place
     * @param metres 0 or more, where it has a distance
     * @param seconds 0 or more, where it has a duration
     * @param helper 0 nobody, then the harder the higher
     * @param word what is said; empty while nothing is
     * @param events of a chain, in order
     * @param feeding 0 fed every time, then the rarer the higher
     */
    public record Asks(String place, OptionalInt difficulty, @Nullable Double metres, @Nullable Double seconds, String distraction, String company, int helper, Aid aid, String word,
                       List<String> events, int feeding) {

        public Asks {
            Objects.requireNonNull(place, "place");
            Objects.requireNonNull(aid, "aid");
            events = List.copyOf(events);
        }
    }

    /**
     * Which way the distances of a track get harder, read off its steps.
     *
     * @param metres of the steps in order, those without one left out
     * @return unknown where they go both ways or do not differ
     */
    public static Harder direction(List<Double> metres) {
        boolean up = false;
        boolean down = false;
        for (int i = 1; i < metres.size(); i++) {
            up |= metres.get(i) > metres.get(i - 1);
            down |= metres.get(i) < metres.get(i - 1);
        }
        return up == down ? Harder.UNKNOWN : up ? Harder.FURTHER : Harder.NEARER;
    }

    /** How each criterion of the new step compares with the upper step's. */
    public static Map<Criterion, Change> compare(Asks between, Asks upper, Harder distance) {
        Map<Criterion, Change> changes = new EnumMap<>(Criterion.class);
        changes.put(Criterion.PLACE, place(between, upper));
        changes.put(Criterion.DISTANCE, metres(between.metres(), upper.metres(), distance));
        changes.put(Criterion.DURATION, rising(orNone(between.seconds()), orNone(upper.seconds())));
        changes.put(Criterion.DISTRACTION, text(between.distraction(), upper.distraction()));
        changes.put(Criterion.COMPANY, between.company().strip().equalsIgnoreCase(upper.company().strip()) ? Change.SAME : Change.OTHER);
        changes.put(Criterion.HELPER, rising(between.helper(), upper.helper()));
        changes.put(Criterion.AID, rising(between.aid().ordinal(), upper.aid().ordinal()));
        changes.put(Criterion.WORD, text(between.word(), upper.word()));
        changes.put(Criterion.CHAIN, chain(between.events(), upper.events()));
        changes.put(Criterion.FOOD, rising(between.feeding(), upper.feeding()));
        return changes;
    }

    /** Those in which the new step asks more than the upper one; then it is no step between. */
    public static List<Criterion> harder(Map<Criterion, Change> changes) {
        return having(changes, Change.HARDER);
    }

    /** Whether it asks the very same. */
    public static boolean isUnchanged(Map<Criterion, Change> changes) {
        return having(changes, Change.SAME).size() == changes.size();
    }

    private static List<Criterion> having(Map<Criterion, Change> changes, Change change) {
        List<Criterion> found = new ArrayList<>();
        changes.forEach((criterion, c) -> {
            if (c == change) {
                found.add(criterion);
            }
        });
        return found;
    }

    private static double orNone(@Nullable Double value) {
        return value == null ? 0 : value;
    }

    private static Change rising(double between, double upper) {
        int order = Double.compare(between, upper);
        return order == 0 ? Change.SAME : order < 0 ? Change.EASIER : Change.HARDER;
    }

    private static Change place(Asks between, Asks upper) {
        if (between.place().strip().equalsIgnoreCase(upper.place().strip())) {
            return Change.SAME;
        }
        if (between.difficulty().isEmpty() || upper.difficulty().isEmpty()) {
            return Change.OTHER;
        }
        Change change = rising(between.difficulty().getAsInt(), upper.difficulty().getAsInt());
        return change == Change.SAME ? Change.OTHER : change;
    }

    private static Change metres(@Nullable Double between, @Nullable Double upper, Harder harder) {
        if (Objects.equals(between, upper)) {
            return Change.SAME;
        }
        if (between == null || upper == null || harder == Harder.UNKNOWN) {
            return Change.OTHER;
        }
        return harder == Harder.FURTHER ? rising(between, upper) : rising(upper, between);
    }

    /** Nothing is easier than something; one text against another is for a person to judge. */
    private static Change text(String between, String upper) {
        if (between.strip().equalsIgnoreCase(upper.strip())) {
            return Change.SAME;
        }
        return between.isBlank() ? Change.EASIER : upper.isBlank() ? Change.HARDER : Change.OTHER;
    }

    private static Change chain(List<String> between, List<String> upper) {
        if (between.equals(upper)) {
            return Change.SAME;
        }
        boolean fewer = upper.containsAll(between);
        boolean more = between.containsAll(upper);
        return fewer == more ? Change.OTHER : fewer ? Change.EASIER : Change.HARDER;
    }
}
