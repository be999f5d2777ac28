package cahier.core.decide;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.core.Vectors;
import cahier.core.rep.Outcome;
import cahier.core.rep.Rep;
import cahier.core.rep.Role;
import cahier.core.rep.Session;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What was reached is looked at now and then, and what was left for a while begins gently. */
class UpkeepTest {

    private static final LocalDate MONDAY = LocalDate.of(2026, 6, 1);

    static Stream<JsonNode> next() {
        return Vectors.cases("upkeep.json", "next");
    }

    static Stream<JsonNode> reopens() {
        return Vectors.cases("upkeep.json", "reopens");
    }

    static Stream<JsonNode> refresh() {
        return Vectors.cases("upkeep.json", "refresh");
    }

    static Stream<JsonNode> wasLatest() {
        return Vectors.cases("upkeep.json", "wasLatest");
    }

    private static List<LocalDate> days(JsonNode list) {
        return StreamSupport.stream(list.spliterator(), false).map(d -> LocalDate.parse(d.asText())).toList();
    }

    @ParameterizedTest
    @MethodSource("next")
    void theNextColdRepHasADay(JsonNode given) {
        assertThat(Upkeep.next(LocalDate.parse(given.get("done").asText()), days(given.get("tried")), days(given.get("changed")))).isEqualTo(LocalDate.parse(given.get("expect").asText()));
    }

    /** However somebody practises, what is next always lies after the last time, and not more than sixty days after it. */
    @Test
    void theNextOneIsNeverFartherThanSixtyDays() {
        for (int tried = 0; tried < 900; tried++) {
            List<LocalDate> days = tried == 0 ? List.of() : List.of(MONDAY.plusDays(tried));
            LocalDate last = MONDAY.plusDays(tried);
            assertThat(Upkeep.next(MONDAY, days, List.of())).isAfter(last).isBeforeOrEqualTo(last.plusDays(Upkeep.EVERY_DAYS));
        }
    }

    private static Session session(int day, JsonNode outcomes, Role role) {
        List<Rep> reps = new ArrayList<>();
        Instant at = Instant.parse("2026-06-01T09:00:00Z").plusSeconds(86_400L * day);
        for (JsonNode outcome : outcomes) {
            reps.add(new Rep(new UUID(day, reps.size()), at.plusSeconds(20L * reps.size()), Outcome.valueOf(outcome.asText()), role));
        }
        return new Session("Ada", "kitchen", MONDAY.plusDays(day), role == Role.WORK, reps);
    }

    @ParameterizedTest
    @MethodSource("reopens")
    void whatDoesNotHoldIsWorkedAgain(JsonNode given) {
        List<Session> sessions = new ArrayList<>();
        given.get("sessions").forEach(s -> sessions.add(session(sessions.size(), s.get("outcomes"), Role.WORK)));
        Optional<Suggestion> said = Upkeep.reopens(sessions);
        String why = said.map(s -> s.reasons().stream().map(r -> r.code() == Reason.Code.TOO_MUCH_SINCE_DONE ? r.value() + " too much" : r.value() + " of " + r.of()).collect(Collectors.joining(", "))).orElse(null);
        assertThat(why).isEqualTo(given.get("expect").isNull() ? null : given.get("expect").asText());
        said.ifPresent(s -> assertThat(s.staysOpen()).isTrue());
    }

    @ParameterizedTest
    @MethodSource("refresh")
    void aSessionAfterAPauseBeginsGently(JsonNode given) {
        Refresh how = Refresh.of(given.get("rulePassed").asBoolean(), given.get("onFirstStep").asBoolean(), given.path("measures").asBoolean());
        assertThat(how).isEqualTo(Refresh.valueOf(given.get("expect").asText()));
        assertThat(how.dose(given.get("usualReps").asInt())).isEqualTo(given.get("reps").asInt());
    }

    @ParameterizedTest
    @MethodSource("wasLatest")
    void neverTwoSessionsRunning(JsonNode given) {
        List<LocalDate> days = StreamSupport.stream(given.get("days").spliterator(), false).map(d -> MONDAY.plusDays(d.asInt())).toList();
        assertThat(Refresh.wasLatest(days, given.get("staleDays").asInt())).isEqualTo(given.get("expect").asBoolean());
    }
}
