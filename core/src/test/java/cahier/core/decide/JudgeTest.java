package cahier.core.decide;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.core.Vectors;
import cahier.core.rep.Outcome;
import cahier.core.rep.Session;
import cahier.core.rep.Visit;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class JudgeTest {

    static Stream<JsonNode> decisions() {
        return Vectors.cases("decisions.json");
    }

    static Case caseOf(JsonNode given, Visit visit) {
        JsonNode days = given.get("daysSinceTrackRep");
        int gapsBefore = given.get("personGapsBefore").asInt();
        return new Case(TrackKind.valueOf(given.get("kind").asText()), Vectors.rule(given.get("rule")), 7, visit,
                new Case.Step(given.get("stepIndex").asInt(), given.get("stepCount").asInt(),
                        given.get("enteredAfterTooMuch").asBoolean(), given.get("leftByBackBefore").asBoolean(),
                        given.get("daysInVisit").asLong()),
                new Case.History(given.get("alarmOpen").asBoolean(),
                        days.isNull() ? OptionalLong.empty() : OptionalLong.of(days.asLong()),
                        given.get("trackTooMuchInLast60").asInt(), Optional.empty(),
                        new PersonGap.Before(Optional.empty(), gapsBefore), given.path("refreshedLast").asBoolean()));
    }

    @ParameterizedTest
    @MethodSource("decisions")
    void workedCasesHold(JsonNode given) {
        Suggestion suggestion = Judge.decide(caseOf(given, Vectors.visit(given.get("sessions"))));
        assertThat(suggestion.decision() + " " + suggestion.cause())
                .isEqualTo(given.get("expect").get("decision").asText() + " " + given.get("expect").get("cause").asText());
    }

    @ParameterizedTest
    @MethodSource("decisions")
    void oneMoreCleanRepNeverTurnsUpIntoBack(JsonNode given) {
        Visit visit = Vectors.visit(given.get("sessions"));
        Set<Decision> up = EnumSet.of(Decision.UP, Decision.DONE);
        if (!visit.isEmpty() && up.contains(Judge.decide(caseOf(given, visit)).decision())) {
            assertThat(up).contains(Judge.decide(caseOf(given, withOneMoreClean(visit))).decision());
        }
    }

    @Test
    void theTrainersAnswerToACallSettlesTheTooMuchBeforeIt() {
        JsonNode given = decisions().filter(c -> c.get("expect").get("cause").asText().equals("TOO_MUCH_OFTEN"))
                .findFirst().orElseThrow();
        Case open = caseOf(given, Vectors.visit(given.get("sessions")));
        Instant end = open.visit().sessions().get(open.visit().sessions().size() - 1).end();
        Case answered = new Case(open.kind(), open.rule(), open.staleDays(), open.visit(), open.step(),
                new Case.History(false, open.history().daysSinceRep(), 0, Optional.of(end), PersonGap.Before.NONE));
        assertThat(Judge.decide(open).cause()).isEqualTo(Cause.TOO_MUCH_OFTEN);
        assertThat(Judge.decide(answered).cause()).isNotEqualTo(Cause.TOO_MUCH_OFTEN);
    }

    @Test
    void reasonsCarryTheFigures() {
        JsonNode given = decisions().filter(c -> c.get("expect").get("cause").asText().equals("LOW_RATE"))
                .findFirst().orElseThrow();
        assertThat(Judge.decide(caseOf(given, Vectors.visit(given.get("sessions")))).reasons().get(0))
                .satisfies(r -> {
                    assertThat(r.code()).isEqualTo(Reason.Code.MORE_OFF_THAN_CLEAN);
                    assertThat(r.value()).isBetween(Slump.DEPTH, Slump.DEEPEST);
                });
    }

    static Stream<Arguments> slumps() {
        return Stream.of(Arguments.of("MMMMM", 5), Arguments.of("MMMM", 4), Arguments.of("CCCCCCCCMMMMM", 5), Arguments.of("MMHTM", 5), Arguments.of("MMMCMMM", 5), Arguments.of("MMMCCMMMM", 5),
                Arguments.of("MMMMMMMMMM", 7), Arguments.of("MMMMMMMMMMCCC", 4), Arguments.of("", 0), Arguments.of("CMCMCMCM", 1));
    }

    @ParameterizedTest
    @MethodSource("slumps")
    void howDeepASlumpIs(String reps, int depth) {
        assertThat(Slump.depth(reps.chars().mapToObj(c -> c == 'C' ? Outcome.CLEAN : c == 'H' ? Outcome.HELPED : c == 'T' ? Outcome.TOO_MUCH : Outcome.MISSED).toList())).isEqualTo(depth);
    }

    private static Visit withOneMoreClean(Visit visit) {
        List<Session> sessions = new ArrayList<>(visit.sessions());
        Session last = sessions.remove(sessions.size() - 1);
        List<Outcome> outcomes = new ArrayList<>(last.reps().stream().map(r -> r.outcome()).toList());
        outcomes.add(Outcome.CLEAN);
        sessions.add(Vectors.session(last.person(), last.place(), last.day(), last.start(), outcomes));
        return new Visit(sessions);
    }
}
