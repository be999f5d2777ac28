package cahier.app.track;

import cahier.core.pay.Feeding;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;

/** What a step can ask more of; a staircase raises one at a time. */
public enum Criterion {

    PLACE("place", StepPlan::place),
    DISTANCE("distance", p -> p.distanceM() == null ? "" : p.distanceM()),
    DURATION("duration", p -> p.durationS() == null ? "" : p.durationS()),
    DISTRACTION("distraction", StepPlan::distraction),
    COMPANY("lead and company", StepPlan::who),
    AID("aid", StepPlan::aid),
    WORD("word", StepPlan::word),
    CHAIN("chain", p -> p.teaching().events()),
    FOOD("food", p -> p.teaching().fed() == Feeding.EVERY_TIME ? "" : p.teaching().fed());

    /** From as many as this on, a step asks for too much at once and the margin says so. */
    public static final int TOO_MANY = 3;

    private final String words;
    private final Function<StepPlan, Object> value;

    Criterion(String words, Function<StepPlan, Object> value) {
        this.words = words;
        this.value = value;
    }

    public String words() {
        return words;
    }

    /** What the step asks here; an empty text where it asks nothing. */
    public Object of(StepPlan plan) {
        return value.apply(plan);
    }

    /** Those in which two steps differ. */
    public static List<Criterion> changed(StepPlan before, StepPlan after) {
        return Arrays.stream(values()).filter(c -> !c.of(before).equals(c.of(after))).toList();
    }
}
