package cahier.core.method;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Which steps of a template a household gets, in which order, and where its word comes in (docs/rules.md 35). */
public final class TemplateOrder {

    private TemplateOrder() {
    }

    /** What a step passes by. */
    public enum Bar {
        /** The rule the step names, or the household's. */
        OWN,
        EIGHT_OF_TEN,
        NINE_OF_TEN
    }

    /**
     * A step as its template has it.
     *
     * @param when only for households that chose this; empty for all
     * @param naming whether the word is first spoken here; of several the first counts
     */
    public record Part(Optional<Choice> when, boolean naming) {
    }

    /**
     * A step as the household gets it.
     *
     * @param part index of the template's step, 0 and up
     * @param setting index of the step whose place, distance and the like it has: another one only where the word is added early
     * @param spoken whether the word is said
     * @param bar what it passes by
     */
    public record Placed(int part, int setting, boolean spoken, Bar bar) {

        /** Whether the naming step stands earlier than its template has it, and reads that way. */
        public boolean isEarly() {
            return part != setting;
        }
    }

    /**
     * The steps of a household.
     *
     * @param parts in the template's order
     * @return in the household's order; empty where none is for it
     */
    public static List<Placed> of(Method method, List<Part> parts) {
        List<Integer> going = IntStream.range(0, parts.size()).boxed().filter(i -> parts.get(i).when().filter(c -> method.of(Question.of(c)) != c).isEmpty()).toList();
        int naming = IntStream.range(0, going.size()).filter(i -> parts.get(going.get(i)).naming()).findFirst().orElse(-1);
        return method.of(Question.NAMING) == Choice.NAMED_EARLY ? early(going, naming) : late(going, naming, method.of(Question.NAMING) == Choice.NAMED_AT_90);
    }

    /** The word comes directly after the first step. */
    private static List<Placed> early(List<Integer> going, int naming) {
        List<Placed> placed = new ArrayList<>();
        for (int i = 0; i < going.size(); i++) {
            if (i != naming) {
                placed.add(new Placed(going.get(i), going.get(i), naming < 0 || i > 0, Bar.OWN));
            }
            if (i == 0 && naming >= 0) {
                placed.add(new Placed(going.get(naming), going.get(0), true, Bar.OWN));
            }
        }
        return placed;
    }

    /** The word comes where the template has it, once what comes before holds without it. */
    private static List<Placed> late(List<Integer> going, int naming, boolean nine) {
        return IntStream.range(0, going.size()).mapToObj(i -> {
            Bar before = nine ? Bar.NINE_OF_TEN : Bar.EIGHT_OF_TEN;
            Bar bar = naming >= 0 && i == naming ? Bar.NINE_OF_TEN : naming >= 0 && i == naming - 1 ? before : Bar.OWN;
            return new Placed(going.get(i), going.get(i), naming < 0 || i >= naming, bar);
        }).toList();
    }
}
