package cahier.core.method;

import cahier.core.decide.TrackKind;
import java.util.EnumMap;
import java.util.Map;

/**
 * A school: one choice for each question. What is not chosen is the default.
 *
 * @param choices only what was chosen; each must be one of its question's
 */
public record Method(Map<Question, Choice> choices) {

    public Method {
        choices.forEach((question, choice) -> {
            if (!question.choices().contains(choice)) {
                throw new IllegalArgumentException(question + " must be one of " + question.choices() + ", was " + choice);
            }
        });
        choices = Map.copyOf(choices);
    }

    /** The choice, or the default. */
    public Choice of(Question question) {
        return choices.getOrDefault(question, question.usual());
    }

    /** How a miss is answered on a track: fear allows only the quiet reset, whatever the household chose. */
    public Choice onMiss(TrackKind kind) {
        return kind == TrackKind.COMFORT ? Choice.MISS_QUIET : of(Question.MISS);
    }

    /** Whether a dog that knows the word is told a calm no: never on a track of fear, whatever the household chose. */
    public boolean isCorrecting(TrackKind kind) {
        return kind == TrackKind.SKILL && of(Question.CORRECTION) == Choice.CORRECT_ONCE_KNOWN;
    }

    /** This method where it chose, the other one elsewhere: a household's over its practice's. */
    public Method over(Method other) {
        Map<Question, Choice> both = new EnumMap<>(Question.class);
        both.putAll(other.choices);
        both.putAll(choices);
        return new Method(both);
    }
}
