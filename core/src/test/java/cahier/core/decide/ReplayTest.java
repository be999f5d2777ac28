package cahier.core.decide;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.core.Vectors;
import cahier.core.pass.Run;
import cahier.core.pass.Spread;
import cahier.core.rep.Outcome;
import cahier.core.rep.Session;
import cahier.core.rep.Visit;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ReplayTest {

    static Stream<JsonNode> decisions() {
        return Vectors.cases("decisions.json");
    }

    private static Case caseOf(JsonNode given) {
        return JudgeTest.caseOf(given, Vectors.visit(given.get("sessions")));
    }

    @ParameterizedTest
    @MethodSource("decisions")
    void everyCloseIsWhatTheJudgeSaysOfTheSessionsUntilThen(JsonNode given) {
        Case whole = caseOf(given);
        Replay replay = Replay.of(whole, whole.rule());
        assertThat(replay.closes()).hasSize(whole.visit().sessions().size());
        for (int n = 0; n < replay.closes().size(); n++) {
            Replay.Close close = replay.closes().get(n);
            assertThat(close.session()).isEqualTo(whole.visit().sessions().get(n));
            assertThat(close.reps()).isEqualTo(new Visit(whole.visit().sessions().subList(0, n + 1)).work().size());
        }
        boolean plain = !given.get("alarmOpen").asBoolean() && given.get("trackTooMuchInLast60").asInt() < 3 && given.get("personGapsBefore").asInt() == 0
                && given.get("daysSinceTrackRep").asInt(0) < 7 && given.get("daysInVisit").asInt() < 42;
        PersonGap.Before gap = Replay.gapBeforeLast(whole);
        assertThat(gap).as("counted from the end as from the beginning").isEqualTo(replay.now().map(c -> c.given().history().gap()).orElse(PersonGap.Before.NONE));
        assertThat(gap.times()).isLessThan(Math.max(1, replay.closes().size()));
        if (plain && !replay.closes().isEmpty()) {
            assertThat(replay.now().orElseThrow().said().decision()).isEqualTo(Judge.decide(whole).decision());
        }
    }

    @ParameterizedTest
    @MethodSource("decisions")
    void aShorterRunIsNeverPassedLaterThanALongerOne(JsonNode given) {
        Case whole = caseOf(given);
        List<Replay.Close> longer = Replay.of(whole, new Run(5, Spread.NONE)).firstUp().stream().toList();
        List<Replay.Close> shorter = Replay.of(whole, new Run(3, Spread.NONE)).firstUp().stream().toList();
        longer.forEach(l -> assertThat(shorter).singleElement().satisfies(s -> assertThat(s.reps()).isLessThanOrEqualTo(l.reps())));
    }

    @Test
    void withoutSessionsItSaysNothing() {
        JsonNode any = decisions().findFirst().orElseThrow();
        Replay replay = Replay.of(JudgeTest.caseOf(any, new Visit(List.of())), new Run(5, Spread.NONE));
        assertThat(replay.firstUp()).isEmpty();
        assertThat(replay.now()).isEmpty();
    }

    /** A session a day, letters for outcomes: c lean, m issed, t oo much. */
    private static Visit visit(String... sessions) {
        List<Session> list = new ArrayList<>();
        for (String outcomes : sessions) {
            LocalDate day = LocalDate.of(2026, 6, 1).plusDays(list.size());
            List<Outcome> letters = outcomes.chars().mapToObj(c -> c == 'c' ? Outcome.CLEAN : c == 'm' ? Outcome.MISSED : Outcome.TOO_MUCH).toList();
            list.add(Vectors.session("Dele", "hall", day, day.atTime(9, 0).toInstant(ZoneOffset.UTC), letters));
        }
        return new Visit(list);
    }

    private static Replay replay(String... sessions) {
        Case given = new Case(TrackKind.SKILL, new Run(5, Spread.NONE), 7, visit(sessions), new Case.Step(1, 3, false, false, 3),
                new Case.History(false, OptionalLong.of(0), 0, Optional.empty(), PersonGap.Before.NONE));
        return Replay.of(given, given.rule());
    }

    private static Decision standing(Replay replay) {
        return replay.standing(Optional.empty()).map(c -> c.said().decision()).orElse(Decision.STAY);
    }

    @Test
    void whatWouldStandIsTheClosesMergedInTurn() {
        assertThat(standing(replay("ccccc", "m"))).as("an UP stays open until answered").isEqualTo(Decision.UP);
        assertThat(standing(replay("cccmc", "m"))).as("with one rep put right it never was").isEqualTo(Decision.STAY);
        assertThat(standing(replay("ccccc", "tt", "c"))).isEqualTo(Decision.BACK);
        assertThat(standing(replay("ccccc", "t"))).as("withdrawn by too much").isEqualTo(Decision.STAY);
        assertThat(standing(replay("ttt", "ccccc", "ccccc", "ccccc"))).as("a CALL is not lived down").isEqualTo(Decision.CALL);
        assertThat(standing(replay())).isEqualTo(Decision.STAY);
    }

    @Test
    void whatTheTrainerHasAnsweredNoLongerStands() {
        Replay replay = replay("ccccc", "m");
        Standing.Answer answer = new Standing.Answer(Cause.PASSED, replay.closes().get(0).session().end());
        assertThat(replay.standing(Optional.of(answer))).isEmpty();
        assertThat(replay.standing(Optional.of(new Standing.Answer(Cause.PASSED, answer.at().minusSeconds(1))))).isPresent();
    }
}
