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
 * @param ages of dogs it is for; empty for all
 * @param author who wrote it; empty for those that ship
 * @param notes what whoever uses it should know
 * @param version of an own one, from 1; 0 for those that ship
 */
@JsonInclude(JsonInclude.Include.NON_EMPTY)
public record Template(String format, String id, String title, String goal, String plan, TrackKind kind, Topic topic, String word,
                       Map<String, Map<Choice, String>> say, List<Needed> needs, List<String> apart, List<Age> ages, String author, String notes, int version, List<TemplateStep> steps) {

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
        ages = ages == null ? List.of() : List.copyOf(ages);
        author = author == null ? "" : author;
        notes = notes == null ? "" : notes;
        steps = List.copyOf(steps);
    }

    /** The same under another name: an own template is found by the number it is kept under. */
    public Template withId(String other) {
        return new Template(format, other, title, goal, plan, kind, topic, word, say, needs, apart, ages, author, notes, version, steps);
    }

    /** The same with other steps. */
    public Template withSteps(List<TemplateStep> others) {
        return new Template(format, id, title, goal, plan, kind, topic, word, say, needs, apart, ages, author, notes, version, others);
    }

    /** The same under another title, with other notes. */
    public Template called(String other, String otherNotes) {
        return new Template(format, id, other, goal, plan, kind, topic, word, say, needs, apart, ages, author, otherNotes, version, steps);
    }

    /** The same by somebody else, or as another version. */
    public Template by(String other, int otherVersion) {
        return new Template(format, id, title, goal, plan, kind, topic, word, say, needs, apart, ages, other, notes, otherVersion, steps);
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
