package cahier.core.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import cahier.core.decide.TrackKind;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class MethodTest {

    @Test
    void everyChoiceBelongsToExactlyOneQuestion() {
        Set<Choice> seen = new HashSet<>();
        for (Question question : Question.values()) {
            assertThat(question.choices()).hasSizeGreaterThanOrEqualTo(2).allSatisfy(c -> assertThat(seen.add(c)).as(c.name()).isTrue());
        }
        assertThat(seen).containsExactlyInAnyOrder(Choice.values());
    }

    @Test
    void whatIsNotChosenIsTheFirstOfTheList() {
        Method none = new Method(Map.of());
        for (Question question : Question.values()) {
            assertThat(none.of(question)).isEqualTo(question.choices().get(0));
        }
    }

    @Test
    void aHouseholdsChoiceStandsOverItsPractices() {
        Method practice = new Method(Map.of(Question.MISS, Choice.MISS_MARKER, Question.NAMING, Choice.NAMED_AT_90));
        Method household = new Method(Map.of(Question.MISS, Choice.MISS_GUIDED));
        Method both = household.over(practice);
        assertThat(List.of(both.of(Question.MISS), both.of(Question.NAMING), both.of(Question.PASS)))
                .containsExactly(Choice.MISS_GUIDED, Choice.NAMED_AT_90, Choice.PASS_FIVE_IN_A_ROW);
    }

    @Test
    void fearAllowsOnlyTheQuietReset() {
        Method guided = new Method(Map.of(Question.MISS, Choice.MISS_GUIDED));
        assertThat(guided.onMiss(TrackKind.SKILL)).isEqualTo(Choice.MISS_GUIDED);
        assertThat(guided.onMiss(TrackKind.COMFORT)).isEqualTo(Choice.MISS_QUIET);
    }

    @Test
    void aDogThatKnowsIsToldNoWhereItWasChosenAndNeverWhereItFears() {
        Method corrects = new Method(Map.of(Question.CORRECTION, Choice.CORRECT_ONCE_KNOWN));
        assertThat(corrects.isCorrecting(TrackKind.SKILL)).isTrue();
        assertThat(corrects.isCorrecting(TrackKind.COMFORT)).isFalse();
        assertThat(new Method(Map.of()).isCorrecting(TrackKind.SKILL)).isFalse();
    }

    @ParameterizedTest
    @CsvSource({"Say no and lead it back., Say no", "a correction, correction", "Tell it off., Tell it off"})
    void correctingIsRefusedOnComfortAlone(String text, String word) {
        assertThat(Harm.in(text, TrackKind.COMFORT)).contains(Harm.CORRECTING);
        assertThat(Harm.CORRECTING.wordIn(text)).contains(word);
        assertThat(Harm.in(text, TrackKind.SKILL)).isEmpty();
        assertThat(Harm.in("Yank the lead.", TrackKind.COMFORT)).contains(Harm.CHOKING);
    }

    @Test
    void theQuestionsStandFieldByField() {
        List<Question.Field> fields = Arrays.stream(Question.values()).map(Question::field).toList();
        assertThat(fields).isSorted().contains(Question.Field.values());
    }

    @Test
    void aChoiceOfAnotherQuestionIsRefused() {
        assertThatThrownBy(() -> new Method(Map.of(Question.MISS, Choice.NAMED_EARLY)))
                .hasMessage("MISS must be one of [MISS_QUIET, MISS_MARKER, MISS_GUIDED], was NAMED_EARLY");
    }

    @ParameterizedTest
    @CsvSource({"Jerk the lead., CHOKING, Jerk", "then yell at him, STARTLING, yell", "a short shock, HURTING, shock", "Pin him until calm, PINNING, Pin",
        "Make it face the drill, FLOODING, Make it face"})
    void whatIsNotOfferedIsFoundByItsWord(String text, Harm harm, String word) {
        assertThat(Harm.in(text)).contains(harm);
        assertThat(harm.wordIn(text)).contains(word);
    }

    @ParameterizedTest
    @ValueSource(strings = {"Close the hand and wait.", "A spoonful of cheese", "", "Clip the line to the harness", "Step back together and begin again."})
    void ordinaryRemediesPass(String text) {
        assertThat(Harm.in(text)).isEmpty();
    }
}
