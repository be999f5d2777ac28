package cahier.core.rep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import cahier.core.Vectors;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class GapTest {

    private static final LocalDate DAY = LocalDate.of(2026, 6, 1);

    static Stream<JsonNode> gaps() {
        return Vectors.cases("evidence.json", "gaps");
    }

    private static Session session(int day, String person, String place, int clean, int missed) {
        List<Outcome> outcomes = Stream.concat(Collections.nCopies(clean, Outcome.CLEAN).stream(), Collections.nCopies(missed, Outcome.MISSED).stream()).toList();
        return Vectors.session(person, place, DAY.plusDays(day), Instant.parse("2026-06-01T09:00:00Z").plusSeconds(86_400L * day), outcomes);
    }

    @ParameterizedTest
    @MethodSource("gaps")
    void workedCasesHold(JsonNode given) {
        Gap.Share a = new Gap.Share("a", given.get("cleanA").asInt(), given.get("repsA").asInt());
        Gap.Share b = new Gap.Share("b", given.get("cleanB").asInt(), given.get("repsB").asInt());
        assertThat(Gap.probability(a, b)).isEqualTo(given.get("gap").asDouble(), within(Vectors.TOLERANCE));
        assertThat(Gap.probability(a, b) + Gap.probability(b, a)).isEqualTo(1, within(1e-9));
    }

    @Test
    void aClearDifferenceInTheSamePlaceIsReportedWithTheBetterFirst() {
        Visit visit = new Visit(List.of(session(0, "Petra", "hall", 9, 1), session(1, "Colm", "hall", 2, 8)));
        assertThat(Gap.among(visit, Session::person, Session::place)).singleElement().satisfies(gap -> {
            assertThat(gap.better()).isEqualTo(new Gap.Share("Petra", 9, 10));
            assertThat(gap.worse()).isEqualTo(new Gap.Share("Colm", 2, 10));
            assertThat(gap.probability()).isGreaterThan(0.99);
        });
    }

    @Test
    void differentPlacesAndFewRepsAreNotCompared() {
        assertThat(Gap.among(new Visit(List.of(session(0, "Petra", "hall", 9, 1), session(1, "Colm", "street", 2, 8))), Session::person, Session::place)).isEmpty();
        assertThat(Gap.among(new Visit(List.of(session(0, "Petra", "hall", 7, 0), session(1, "Colm", "hall", 0, 7))), Session::person, Session::place)).isEmpty();
        assertThat(Gap.among(new Visit(List.of(session(0, "Petra", "hall", 6, 4), session(1, "Colm", "hall", 5, 5))), Session::person, Session::place)).isEmpty();
        assertThat(Gap.among(new Visit(List.of(session(0, "", "hall", 9, 1), session(1, "Colm", "hall", 2, 8))), Session::person, Session::place)).isEmpty();
    }

    @Test
    void moreCleanThanRepsIsRefused() {
        assertThatThrownBy(() -> new Gap.Share("Colm", 3, 2)).hasMessage("clean must be from 0 to reps 2, was 3");
    }
}
