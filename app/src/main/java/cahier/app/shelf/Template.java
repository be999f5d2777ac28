package cahier.app.shelf;

import cahier.app.track.KeyedPlan;
import cahier.core.decide.TrackKind;
import cahier.core.gate.Topic;
import cahier.core.method.Choice;
import cahier.core.method.Method;
import cahier.core.method.Question;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A skill as the trade teaches it, step by step, written once for every method (docs/rules.md 35, docs/formats).
 *
 * @param id what tracks, addresses and other templates call it
 * @param goal what the finished skill looks like
 * @param plan a sentence to start the trainer's own from
 * @param topic what it is about, which a red flag may shut
 * @param word the word that is taught, empty when there is none
 * @param say lines that differ by method, by their placeholder
 * @param needs what must come first
 * @param apart templates that never share a session with this one while they are learnt
 */
@JsonInclude(JsonInclude.Include.NON_EMPTY)
public record Template(String format, String id, String title, String goal, String plan, TrackKind kind, Topic topic, String word,
                       Map<String, Map<Choice, String>> say, List<Needed> needs, List<String> apart, List<TemplateStep> steps) {

    public static final String FORMAT = "cahier-template-1";

    /**
     * What must come first.
     *
     * @param template whose step
     * @param from the key of the step here that waits; the first one where there is none
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record Needed(String template, String step, @Nullable String from, @Nullable String why) {
    }

    public Template {
        id = id == null ? "" : id;
        goal = goal == null ? "" : goal;
        plan = plan == null ? "" : plan;
        word = word == null ? "" : word;
        say = say == null ? Map.of() : Map.copyOf(say);
        needs = needs == null ? List.of() : List.copyOf(needs);
        apart = apart == null ? List.of() : List.copyOf(apart);
        steps = List.copyOf(steps);
    }

    /** The same under another name: an own template is found by the number it is kept under. */
    public Template withId(String other) {
        return new Template(format, other, title, goal, plan, kind, topic, word, say, needs, apart, steps);
    }

    /** The same with other steps. */
    public Template withSteps(List<TemplateStep> others) {
        return new Template(format, id, title, goal, plan, kind, topic, word, say, needs, apart, others);
    }

    /** As a household with this method works it, with this dog. */
    public InSchool in(Method method, String dogName) {
        return new Schooling(this, method, dogName).all();
    }

    /** The questions of the method whose answers change it. */
    public Set<Question> asks() {
        Set<Question> asks = EnumSet.noneOf(Question.class);
        if (kind == TrackKind.SKILL) {
            asks.addAll(Set.of(Question.MISS, Question.PASS));
        }
        if (steps.stream().anyMatch(TemplateStep::naming)) {
            asks.add(Question.NAMING);
            asks.add(Question.CORRECTION);
        }
        Stream<Choice> choices = Stream.concat(say.values().stream().flatMap(lines -> lines.keySet().stream()), steps.stream().flatMap(TemplateStep::choices));
        choices.map(Question::of).forEach(asks::add);
        if (kind == TrackKind.COMFORT) {
            asks.remove(Question.CORRECTION);
        }
        return asks;
    }

    /**
     * A template in a household's words.
     *
     * @param needs what must come before one of these steps
     */
    public record InSchool(String goal, String plan, List<KeyedPlan> steps, List<Needed> needs) {
    }
}
