package cahier.core.decide;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.core.Vectors;
import cahier.core.pass.Run;
import cahier.core.pass.Spread;
import cahier.core.rep.Visit;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
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
}
