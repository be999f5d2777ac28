package cahier.core.pass;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.groups.Tuple.tuple;

import cahier.core.Vectors;
import cahier.core.rep.Outcome;
import cahier.core.rep.Rep;
import cahier.core.rep.Role;
import cahier.core.rep.Session;
import cahier.core.rep.Visit;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class RunTest {

    private static final Map<Missing.What, String> NAMES = Map.of(Missing.What.COLD_CLEAN, "coldClean");

    static Stream<JsonNode> runRules() {
        return Vectors.cases("passrules.json").filter(c -> c.get("rule").get("kind").asText().equals("RUN"));
    }

    @ParameterizedTest
    @MethodSource("runRules")
    void workedCasesHold(JsonNode given) {
        JsonNode expect = given.get("expect");
        PassCheck check = Vectors.rule(given.get("rule")).check(Vectors.visit(given.get("sessions")).counted(7));

        assertThat(check.rulePassed()).isEqualTo(expect.get("rulePassed").asBoolean());
        assertThat(check.passed()).isEqualTo(expect.get("passed").asBoolean());
        assertThat(check.ruleMissing().stream().mapToInt(Missing::more).sum()).isEqualTo(expect.get("moreCleanInARow").asInt());
        Map<String, Integer> wanted = new TreeMap<>();
        expect.get("spreadMissing").properties().forEach(e -> wanted.put(e.getKey(), e.getValue().asInt()));
        Map<String, Integer> found = check.spreadMissing().stream().collect(Collectors.toMap(
                m -> NAMES.getOrDefault(m.what(), m.what().name().toLowerCase(Locale.ROOT)), Missing::more, Integer::sum, TreeMap::new));
        assertThat(found).isEqualTo(wanted);
    }

    @Test
    void tooMuchOfAnotherRoleBreaksARunWithoutBeingARepOfIt() {
        Run five = new Run(5, Spread.NONE);
        assertThat(five.check(visit("CCC", Role.WIN, "T", "CC")).missing()).containsExactly(new Missing(Missing.What.CLEAN_IN_A_ROW, 3));
        assertThat(five.check(visit("CCC", Role.WIN, "M", "CC")).passed()).isTrue();
    }

    @Test
    void everyMissingListIsCollectedAtOnce() {
        Run rule = new Run(5, new Spread(2, 3, 2, 2, 1, 2));
        assertThat(rule.check(new Visit(List.of())).missing()).extracting(Missing::what, Missing::more).containsExactly(
                tuple(Missing.What.CLEAN_IN_A_ROW, 5), tuple(Missing.What.DAYS, 2),
                tuple(Missing.What.SESSIONS, 3), tuple(Missing.What.PEOPLE, 2),
                tuple(Missing.What.PLACES, 2), tuple(Missing.What.COLD_CLEAN, 1));
    }

    @Test
    void figuresOutOfRangeAreRefusedByName() {
        assertThatThrownBy(() -> new Run(0, Spread.NONE)).hasMessage("k must be from 1 to 100, was 0, for example 5");
        assertThatThrownBy(() -> new Spread(0, 0, 0, 0, 3, 2)).hasMessage("coldOf must be at least coldClean 3, was 2");
        assertThatThrownBy(() -> new Spread(-1, 0, 0, 0, 0, 0)).hasMessage("days must be 0 or more, was -1");
        assertThatThrownBy(() -> new Missing(Missing.What.DAYS, 0)).hasMessage("more must be 1 or more, was 0");
    }

    private static Visit visit(String before, Role role, String between, String after) {
        List<Rep> reps = new ArrayList<>();
        add(reps, before, Role.WORK);
        add(reps, between, role);
        add(reps, after, Role.WORK);
        return new Visit(List.of(new Session("Dele", "hall", LocalDate.of(2026, 6, 1), true, reps)));
    }

    private static void add(List<Rep> reps, String letters, Role role) {
        letters.chars().forEach(c -> reps.add(new Rep(new UUID(0, reps.size()), Instant.EPOCH.plusSeconds(reps.size()),
                c == 'C' ? Outcome.CLEAN : c == 'M' ? Outcome.MISSED : Outcome.TOO_MUCH, role)));
    }
}
