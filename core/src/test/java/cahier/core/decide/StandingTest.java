package cahier.core.decide;

import static cahier.core.decide.Cause.*;
import static cahier.core.decide.Decision.*;
import static org.assertj.core.api.Assertions.assertThat;

import cahier.core.Vectors;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class StandingTest {

    private static final Instant NOON = Instant.parse("2026-06-15T12:00:00Z");

    private static Suggestion say(Decision decision, Cause cause) {
        return say(decision, cause, cause == TOO_MUCH_RECENT, false);
    }

    private static Suggestion say(Decision decision, Cause cause, boolean tooMuchLately, boolean afterPause) {
        List<Reason> reasons = tooMuchLately ? List.of(Reason.of(Reason.Code.TOO_MUCH_RECENT, 1, 2)) : afterPause ? List.of(Reason.of(Reason.Code.AFTER_PAUSE, 1, 0)) : List.of();
        return new Suggestion(decision, cause, reasons, List.of(), Optional.empty());
    }

    static Stream<JsonNode> standing() {
        return Vectors.cases("standing.json");
    }

    private static Suggestion read(JsonNode said) {
        return say(Decision.valueOf(said.get("decision").asText()), Cause.valueOf(said.get("cause").asText()), said.path("tooMuchLately").asBoolean(), said.path("afterPause").asBoolean());
    }

    @ParameterizedTest
    @MethodSource("standing")
    void whatStands(JsonNode given) {
        Suggestion open = read(given.get("open"));
        Suggestion fresh = read(given.get("fresh"));
        assertThat(Standing.merge(Optional.of(open), fresh)).isSameAs(given.get("stands").asText().equals("open") ? open : fresh);
    }

    /** Every pair there is: what was too much stands against UP and DONE, nothing else does. */
    @Test
    void threeCausesSayThatAStepHasStalled() {
        assertThat(Arrays.stream(Cause.values()).filter(Cause::isStalled)).containsExactlyInAnyOrder(Cause.MANY_REPS, Cause.STUCK, Cause.LOW_RATE);
    }

    @Test
    void onlyWhatWasTooMuchStandsAgainstAFreshUp() {
        for (Decision decision : Decision.values()) {
            for (Cause cause : Cause.values()) {
                Suggestion open = new Suggestion(decision, cause, List.of(), List.of(), Optional.empty());
                for (Decision up : List.of(UP, DONE)) {
                    Suggestion fresh = say(up, PASSED);
                    boolean holds = open.staysOpen() && List.of(ALARM, TOO_MUCH, TOO_MUCH_OFTEN, TOO_MUCH_AGAIN).contains(cause);
                    assertThat(Standing.merge(Optional.of(open), fresh)).as("%s [%s], then %s", decision, cause, up).isSameAs(holds ? open : fresh);
                }
            }
        }
    }

    @Test
    void anOpenUpIsWithdrawnWhenTheRunIsBrokenByTooMuch() {
        Suggestion notYet = say(STAY, NOT_YET, true, false);
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

    @Test
    void tooMuchIsRememberedUntilATrainerMovesTheDogUp() {
        Standing.Past called = new Standing.Past(TOO_MUCH_OFTEN, CALL, true);
        Standing.Past down = new Standing.Past(TOO_MUCH, BACK, false);
        Standing.Past down2 = new Standing.Past(LOW_RATE, BACK, true);
        Standing.Past byItself = new Standing.Past(PASSED, UP, false);
        Standing.Past byTrainer = new Standing.Past(PASSED, UP, true);
        assertThat(Standing.isAfterTooMuch(List.of())).isFalse();
        assertThat(Standing.isAfterTooMuch(List.of(down2, byItself))).isFalse();
        assertThat(Standing.isAfterTooMuch(List.of(byItself, called))).as("a step up that nobody saw forgets nothing").isTrue();
        assertThat(Standing.isAfterTooMuch(List.of(down2, down))).isTrue();
        assertThat(Standing.isAfterTooMuch(List.of(byTrainer, called))).isFalse();
        assertThat(Standing.isAfterTooMuch(List.of(down, byTrainer))).isTrue();
        assertThat(Standing.isAfterTooMuch(List.of(new Standing.Past(PASSED, DONE, true), called))).isFalse();
        assertThat(Standing.isAfterTooMuch(List.of(new Standing.Past(TOO_MUCH, UP, true)))).as("the trainer moved it up against the call").isFalse();
    }

    @Test
    void aStepBetweenGoesInByItselfOnASkillAndNeverBecauseItWasTooMuch() {
        Suggestion stalls = new Suggestion(Decision.SPLIT, Cause.MANY_REPS, List.of(), List.of(), Optional.empty());
        Suggestion tooMuch = new Suggestion(Decision.SPLIT, Cause.TOO_MUCH, List.of(), List.of(), Optional.empty());
        Suggestion back = new Suggestion(Decision.BACK, Cause.LOW_RATE, List.of(), List.of(), Optional.empty());
        assertThat(Standing.splitsByItself(stalls, TrackKind.SKILL)).isTrue();
        assertThat(Standing.splitsByItself(stalls, TrackKind.COMFORT)).isFalse();
        assertThat(Standing.splitsByItself(tooMuch, TrackKind.SKILL)).isFalse();
        assertThat(Standing.splitsByItself(back, TrackKind.SKILL)).isFalse();
    }
}
