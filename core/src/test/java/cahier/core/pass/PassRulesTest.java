package cahier.core.pass;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import cahier.core.Vectors;
import cahier.core.rep.Evidence;
import cahier.core.rep.Rep;
import cahier.core.rep.Role;
import cahier.core.rep.Session;
import cahier.core.rep.Visit;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** All rules but RUN, which has a test of its own, against the worked cases; and what holds for every rule. */
class PassRulesTest {

    static Stream<JsonNode> cases() {
        return Vectors.cases("passrules.json");
    }

    static Stream<JsonNode> othersThanRun() {
        return cases().filter(c -> !c.get("rule").get("kind").asText().equals("RUN"));
    }

    @ParameterizedTest
    @MethodSource("othersThanRun")
    void workedCasesHold(JsonNode given) {
        JsonNode expect = given.get("expect");
        PassRule rule = Vectors.rule(given.get("rule"));
        Visit counted = Vectors.visit(given.get("sessions")).counted(7);
        PassCheck check = rule.check(counted);
        assertThat(check.rulePassed()).isEqualTo(expect.get("rulePassed").asBoolean());
        assertThat(check.passed()).isEqualTo(expect.get("passed").asBoolean());
        int spread = 0;
        for (JsonNode more : expect.get("spreadMissing")) {
            spread += more.asInt();
        }
        assertThat(check.spreadMissing().stream().mapToInt(Missing::more).sum()).isEqualTo(spread);
        Missing missing = check.ruleMissing().stream().findFirst().orElse(null);
        if (expect.has("repsSoFar")) {
            assertThat(missing).isEqualTo(new Missing(Missing.What.REPS, expect.get("repsNeeded").asInt() - expect.get("repsSoFar").asInt()));
        } else if (expect.has("cleanNeeded")) {
            assertThat(missing == null ? 0 : missing.more()).isEqualTo(Math.max(0, expect.get("cleanNeeded").asInt() - expect.get("clean").asInt()));
        } else if (expect.has("verdict")) {
            assertThat(rule.back(counted).isPresent()).isEqualTo(expect.get("verdict").asText().equals("BACK"));
        } else if (expect.has("odds")) {
            assertThat(Evidence.of(counted).odds(((Odds) rule).bar(), Evidence.ODDS_REPS)).isEqualTo(expect.get("odds").asDouble(), within(Vectors.TOLERANCE));
        } else {
            String count = expect.has("calmSessionsMore") ? "calmSessionsMore" : "moreHolds";
            assertThat(missing == null ? 0 : missing.more()).isEqualTo(expect.get(count).asInt());
        }
    }

    @ParameterizedTest
    @MethodSource("cases")
    void noRuleIsPassedWithFewerRepsThanItsLeast(JsonNode given) {
        PassRule rule = Vectors.rule(given.get("rule"));
        Visit visit = Vectors.visit(given.get("sessions"));
        if (visit.work().size() < rule.least()) {
            assertThat(rule.check(visit).rulePassed()).isFalse();
        }
        assertThat(rule.check(new Visit(List.of())).rulePassed()).isFalse();
        assertThat(rule.least()).isGreaterThanOrEqualTo(1);
    }

    @ParameterizedTest
    @MethodSource("cases")
    void repsOfAnotherRoleAreNoEvidenceUnlessTheyWereTooMuch(JsonNode given) {
        PassRule rule = Vectors.rule(given.get("rule"));
        Visit visit = Vectors.visit(given.get("sessions"));
        List<Session> mixed = new ArrayList<>();
        for (Session s : visit.sessions()) {
            List<Rep> reps = new ArrayList<>(s.reps());
            s.reps().stream().filter(r -> !r.isTooMuch()).forEach(r -> reps.add(new Rep(new UUID(r.id().getMostSignificantBits(), r.id().getLeastSignificantBits() + 5000),
                    r.at().plusSeconds(1), r.outcome(), Role.EASE)));
            mixed.add(new Session(s.person(), s.place(), s.day(), s.coldStart(), reps));
        }
        assertThat(rule.check(new Visit(mixed))).isEqualTo(rule.check(visit));
    }

    @Test
    void figuresOutOfRangeAreRefusedByName() {
        assertThatThrownBy(() -> new Rate(0, 10, Spread.NONE)).hasMessage("p must be more than 0 and at most 1, was 0.0, for example 0.8");
        assertThatThrownBy(() -> new Rate(0.8, 101, Spread.NONE)).hasMessage("n must be from 1 to 100, was 101, for example 5");
        assertThatThrownBy(() -> new Block(5, 2, 2, Spread.NONE)).hasMessage("down must be 0 or more and less than up, up at most n 5, were 2 and 2");
        assertThatThrownBy(() -> new Calm(0, 5, Spread.NONE)).hasMessage("s must be from 1 to 100, was 0, for example 5");
        assertThatThrownBy(() -> new Odds(0.7, 1, Spread.NONE)).hasMessage("confidence must be more than 0 and less than 1, was 1.0, for example 0.8");
        assertThatThrownBy(() -> new Hold(Double.NaN, 3, Hold.Direction.UP, Spread.NONE)).hasMessage("target must be a number, was NaN");
    }
}
