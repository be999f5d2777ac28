package cahier.app.step;

import cahier.app.language.Words;
import cahier.app.track.StepPlan;
import cahier.app.web.Measures;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.BinaryOperator;
import java.util.function.Function;

/** What of a step is edited in the table of its track. Each is read as the form of the step reads it, with the same refusals. */
public enum Cell {

    TITLE("title", StepPlan::title, (p, read) -> p.withTitle(read.title())),
    PLACE("place", StepPlan::place, (p, read) -> p.withPlace(read.place())),
    DISTANCE("distance", p -> p.distanceM() == null ? "" : Measures.plain(p.distanceM(), 4) + " m", (p, read) -> p.withDistance(read.distanceM())),
    DURATION("duration", p -> p.durationS() == null ? "" : Measures.plain(p.durationS(), 4) + " s", (p, read) -> p.withDuration(read.durationS())),
    DISTRACTION("distraction", StepPlan::distraction, (p, read) -> p.withDistraction(read.distraction())),
    COMPANY("who", StepPlan::who, (p, read) -> p.withWho(read.who())),
    WORD("word", StepPlan::word, (p, read) -> p.withWord(read.word())),
    /** The number of a run; another rule is chosen on the step's own page. */
    RUN("run", p -> Integer.toString(p.run()), (p, read) -> p.passedBy(p.pass(), read.run(), p.spread()));

    private final String field;
    private final Function<StepPlan, String> typed;
    private final BinaryOperator<StepPlan> take;

    Cell(String field, Function<StepPlan, String> typed, BinaryOperator<StepPlan> take) {
        this.field = field;
        this.typed = typed;
        this.take = take;
    }

    /** Its name in the form of a step. */
    public String field() {
        return field;
    }

    /** What stands over its column. */
    public String label() {
        return Words.say("step.Cell." + name());
    }

    public static Optional<Cell> of(String field) {
        return Arrays.stream(values()).filter(c -> c.field.equals(field)).findFirst();
    }

    /** Its value as somebody would type it, to the last digit. */
    public String typed(StepPlan plan) {
        return typed.apply(plan);
    }

    /** Its value as it is read. */
    public String shown(StepPlan plan) {
        return switch (this) {
            case DISTANCE -> plan.distance();
            case DURATION -> plan.duration();
            case RUN -> plan.passWords();
            default -> typed(plan);
        };
    }

    /** Whether a number or a line says it: the rule of a step that measures, or that counts no run, does not. */
    public boolean fits(StepPlan plan) {
        return this != RUN || plan.pass().isRun() && plan.teaching().measure() == null;
    }

    /** A step with this of another one. */
    public StepPlan take(StepPlan plan, StepPlan read) {
        return take.apply(plan, read);
    }
}
