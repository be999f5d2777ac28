package cahier.app.judge;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.core.decide.Cause;
import cahier.core.decide.Decision;
import cahier.core.decide.Reason;
import cahier.core.decide.Suggestion;
import cahier.core.pass.Missing;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class SuggestionWordsTest {

    private static Grounds grounds(Decision decision, Cause cause, List<Missing> missing, Reason... reasons) {
        return new Grounds(new Suggestion(decision, cause, Arrays.asList(reasons), missing, Optional.empty()), 18, 15, 18, 0.7342, 0.8,
                List.of(new Grounds.Cell("Dele", 8, 10), new Grounds.Cell("Marit", 7, 8)), List.of(new Grounds.Cell("hall", 15, 18)), List.of(), null);
    }

    private static Reason reason(Reason.Code code, int value, int of) {
        return new Reason(code, value, of, "Colm");
    }

    @ParameterizedTest
    @EnumSource(Decision.class)
    void everyVerdictHasAtMostFourWords(Decision decision) {
        assertThat(SuggestionWords.verdict(decision).split(" ")).hasSizeBetween(1, 4);
    }

    @Test
    void aPassSaysTheCountThenTheRunThenWhoAndWhere() {
        Grounds up = grounds(Decision.UP, Cause.PASSED, List.of(), reason(Reason.Code.RUN, 6, 0));
        assertThat(SuggestionWords.evidence(up)).containsExactly("15 of the last 18 reps were clean, 6 in a row.", "With 2 handlers.");
        assertThat(SuggestionWords.headline(up)).isEqualTo("15 of the last 18 reps were clean, 6 in a row.");
        assertThat(SuggestionWords.odds(up)).isEqualTo("73 chances in 100 that a rep is clean at least 8 times in 10.");
    }

    @Test
    void whatIsMissingIsCounted() {
        List<Missing> missing = List.of(new Missing(Missing.What.CLEAN_IN_A_ROW, 2), new Missing(Missing.What.DAYS, 1),
                new Missing(Missing.What.PEOPLE, 2), new Missing(Missing.What.PLACES, 1), new Missing(Missing.What.SESSIONS, 1),
                new Missing(Missing.What.COLD_CLEAN, 1));
        Grounds stay = grounds(Decision.STAY, Cause.NOT_YET, missing, reason(Reason.Code.RUN, 1, 0));
        assertThat(SuggestionWords.headline(stay)).isEqualTo("2 more clean reps in a row, 1 more day, 2 more people, 1 more place, "
                + "1 more session, 1 more clean first rep of a session.");
        assertThat(SuggestionWords.evidence(stay).get(0)).isEqualTo("15 of the last 18 reps were clean.");
    }

    @ParameterizedTest
    @EnumSource(Missing.What.class)
    void everythingThatCanBeMissingIsAPhraseWithItsNumber(Missing.What what) {
        for (int more : new int[] {1, 3}) {
            String said = SuggestionWords.headline(grounds(Decision.STAY, Cause.NOT_YET, List.of(new Missing(what, more))));
            assertThat(said).startsWith(more + " ").endsWith(".").hasSizeGreaterThan(8);
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "TOO_MUCH_RECENT    | 2  | 1  | It was too much twice in the last session.",
        "TOO_MUCH_IN_LAST   | 3  | 60 | It was too much 3 times in the last 60 reps of this track.",
        "TOO_MUCH_IN_LATEST | 1  | 0  | It was too much again, once, on the step it went back to.",
        "CLEAN_OF_LAST      | 4  | 10 | 4 of the last 10 reps were clean.",
        "OFF_OF_LAST        | 6  | 10 | 6 of the last 10 reps were missed or too much.",
        "OTHERS_CLEAN       | 9  | 10 | Without Colm, 9 of 10 reps were clean.",
        "GAP_IN_A_ROW       | 3  | 3  | That is 3 times in a row now.",
        "DAYS_SINCE_REP     | 9  | 0  | Not practised for 9 days.",
        "REPS_IN_VISIT      | 64 | 0  | 64 reps at this step so far.",
        "DAYS_IN_VISIT      | 43 | 0  | 43 days at this step so far.",
        "CLEAN_OF_BLOCK     | 1  | 5  | 1 of the 5 reps in the last block was clean.",
        "LEFT_BEFORE        | 1  | 0  | It needed a step back here before."})
    void everyReasonIsASentenceWithItsFigure(Reason.Code code, int value, int of, String sentence) {
        assertThat(SuggestionWords.evidence(grounds(Decision.CALL, Cause.STUCK, List.of(), reason(code, value, of)))).containsExactly(sentence);
    }

    @Test
    void oddsAreLeftOutWhereTheRateDidNotDecide() {
        assertThat(SuggestionWords.odds(grounds(Decision.BACK, Cause.TOO_MUCH, List.of()))).isEmpty();
        assertThat(SuggestionWords.odds(grounds(Decision.REFRESH, Cause.STALE, List.of()))).isEmpty();
    }

    @Test
    void aCallForTooMuchSaysThatTheStepRests() {
        assertThat(SuggestionWords.evidence(grounds(Decision.CALL, Cause.TOO_MUCH_OFTEN, List.of(), reason(Reason.Code.TOO_MUCH_RECENT, 3, 4))))
                .containsExactly("It was too much 3 times in the last 4 sessions.", "Rest this step until you have spoken with them.");
    }
}
