package cahier.core.decide;

import static cahier.core.decide.Cause.*;
import static cahier.core.decide.Decision.*;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StandingTest {

    private static final Instant NOON = Instant.parse("2026-06-15T12:00:00Z");

    private static Suggestion say(Decision decision, Cause cause) {
        return say(decision, cause, cause == TOO_MUCH_RECENT);
    }

    private static Suggestion say(Decision decision, Cause cause, boolean tooMuchLately) {
        List<Reason> reasons = tooMuchLately ? List.of(Reason.of(Reason.Code.TOO_MUCH_RECENT, 1, 2)) : List.of();
        return new Suggestion(decision, cause, reasons, List.of(), Optional.empty());
    }

    @ParameterizedTest(name = "{0} [{1}] is open, {2} [{3}] is found: {4} stands")
    @CsvSource({
        "CALL,  TOO_MUCH_OFTEN,  UP,      PASSED,          CALL",
        "BACK,  TOO_MUCH,        UP,      PASSED,          BACK",
        "BACK,  TOO_MUCH,        STAY,    NOT_YET,         BACK",
        "BACK,  LOW_RATE,        CALL,    TOO_MUCH_OFTEN,  CALL",
        "BACK,  LOW_RATE,        BACK,    TOO_MUCH,        BACK",
        "UP,    PASSED,          BACK,    TOO_MUCH,        BACK",
        "UP,    PASSED,          STAY,    TOO_MUCH_RECENT, STAY",
        "DONE,  PASSED,          STAY,    TOO_MUCH_RECENT, STAY",
        "UP,    PASSED,          STAY,    NOT_YET,         UP",
        "DONE,  PASSED,          UP,      PASSED,          UP",
        "CALL,  STUCK,           UP,      PASSED,          UP",
        "STAY,  PERSON_GAP,      STAY,    NOT_YET,         STAY",
        "STAY,  PERSON_GAP,      CALL,    PERSON_GAP,      CALL",
        "CALL,  PERSON_GAP,      STAY,    PERSON_GAP,      CALL",
        "REFRESH, STALE,         STAY,    NOT_YET,         STAY",
        "STAY,  NOT_YET,         REFRESH, STALE,           REFRESH"})
    void whatStands(Decision open, Cause openCause, Decision fresh, Cause freshCause, Decision stands) {
        Suggestion standing = Standing.merge(Optional.of(say(open, openCause)), say(fresh, freshCause));
        assertThat(standing.decision()).isEqualTo(stands);
    }

    @Test
    void anOpenUpIsWithdrawnWhenTheRunIsBrokenByTooMuch() {
        Suggestion notYet = say(STAY, NOT_YET, true);
        assertThat(Standing.merge(Optional.of(say(UP, PASSED)), notYet)).isEqualTo(notYet);
        assertThat(Standing.merge(Optional.of(say(BACK, LOW_RATE)), notYet)).isEqualTo(say(BACK, LOW_RATE));
    }

    @Test
    void withNothingOpenTheFreshOneStands() {
        assertThat(Standing.merge(Optional.empty(), say(STAY, NOT_YET))).isEqualTo(say(STAY, NOT_YET));
    }

    @Test
    void sameCauseIsRaisedAgainOnlyAfterASessionHasClosed() {
        Optional<Standing.Answer> answer = Optional.of(new Standing.Answer(PASSED, NOON));
        assertThat(Standing.isAnswered(say(UP, PASSED), answer, Optional.of(NOON.minusSeconds(60)))).isTrue();
        assertThat(Standing.isAnswered(say(UP, PASSED), answer, Optional.of(NOON.plusSeconds(60)))).isFalse();
        assertThat(Standing.isAnswered(say(BACK, TOO_MUCH), answer, Optional.empty())).isFalse();
        assertThat(Standing.isAnswered(say(UP, PASSED), Optional.empty(), Optional.empty())).isFalse();
    }

    @ParameterizedTest
    @CsvSource({"UP, PASSED, false, true", "UP, PASSED, true, false", "BACK, TOO_MUCH, false, true", "BACK, LOW_RATE, true, true", "REFRESH, STALE, true, true",
        "CALL, TOO_MUCH_OFTEN, false, false", "SPLIT, MANY_REPS, false, false", "DONE, PASSED, false, false", "STAY, PERSON_GAP, false, false", "STAY, NOT_YET, false, false"})
    void whereTheOwnerMayMoveOnOnlySomeApplyAndUpAfterTooMuchWaits(Decision decision, Cause cause, boolean afterTooMuch, boolean applies) {
        assertThat(Standing.appliesByItself(new Suggestion(decision, cause, List.of(), List.of(), Optional.empty()), afterTooMuch)).isEqualTo(applies);
    }
}
