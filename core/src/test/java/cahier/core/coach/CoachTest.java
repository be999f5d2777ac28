package cahier.core.coach;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.core.Vectors;
import cahier.core.coach.Coach.Situation;
import cahier.core.decide.TrackKind;
import cahier.core.rep.Outcome;
import cahier.core.rep.Role;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class CoachTest {

    static Stream<JsonNode> sessions() {
        return Vectors.cases("coach.json");
    }

    private static List<Outcome> outcomes(JsonNode given) {
        List<Outcome> outcomes = new ArrayList<>();
        given.get("outcomes").forEach(o -> outcomes.add(Outcome.valueOf(o.asText())));
        return outcomes;
    }

    @ParameterizedTest
    @MethodSource("sessions")
    void workedCasesHold(JsonNode given) {
        JsonNode since = given.get("repsSinceLastEase");
        Situation now = new Situation(TrackKind.valueOf(given.get("kind").asText()), outcomes(given), given.get("doseReps").asInt(), given.get("minutesGone").asDouble(),
                given.get("maxMinutes").asDouble(), since.isNull() ? OptionalInt.empty() : OptionalInt.of(since.asInt()), given.get("eases").asInt(), given.get("repsSincePause").asInt());
        assertThat(Coach.of(now)).isEqualTo(Advice.valueOf(given.get("expect").asText()));
    }

    static Stream<JsonNode> roles() {
        return Vectors.cases("roles.json");
    }

    @ParameterizedTest
    @MethodSource("roles")
    void theNextRepHasARole(JsonNode given) {
        assertThat(Coach.next(Advice.valueOf(given.get("says").asText()), given.get("easy").asBoolean(), given.get("doseReps").asInt(), given.get("probesLeft").asInt(), given.path("beginsEasier").asBoolean()))
                .as(given.toString()).isEqualTo(Role.valueOf(given.get("expect").asText()));
    }

    static Stream<JsonNode> ends() {
        return Vectors.cases("ends.json");
    }

    @ParameterizedTest
    @MethodSource("ends")
    void aSessionEndsWithTheWinOrWithTheCleanRepItWasFor(JsonNode given) {
        assertThat(Coach.ends(Role.valueOf(given.get("role").asText()), Outcome.valueOf(given.get("outcome").asText()), given.get("untilClean").asBoolean())).isEqualTo(given.get("expect").asBoolean());
    }

    /** A session as it is lived: each advice is followed, and the coach is asked anew after each rep. */
    private static final class Session {

        private final TrackKind kind;
        private final int dose;
        private final List<Outcome> outcomes = new ArrayList<>();
        private int eases;
        private int easeLeft;
        private int sinceEase;
        private int sincePause;
        private Advice last = Advice.GO;

        Session(TrackKind kind, int dose) {
            this.kind = kind;
            this.dose = dose;
        }

        Advice after(Outcome outcome, double minutes) {
            if (last == Advice.EASE) {
                eases++;
                easeLeft = Coach.EASE_REPS;
            }
            if (last == Advice.BREATHE) {
                sincePause = 0;
            }
            sinceEase = easeLeft > 0 ? 0 : sinceEase + 1;
            easeLeft = Math.max(0, easeLeft - 1);
            sincePause++;
            outcomes.add(outcome);
            last = advice(dose, minutes);
            Advice said = last;
            if (last == Advice.END) {
                last = advice(Integer.MAX_VALUE, 0); // what would be said if it went on
            }
            return said;
        }

        private Advice advice(int reps, double minutes) {
            return Coach.of(new Situation(kind, outcomes, reps, minutes, 5, eases == 0 ? OptionalInt.empty() : OptionalInt.of(sinceEase), eases, sincePause));
        }

        boolean nextIsEasy() {
            return easeLeft > 0 || last == Advice.EASE;
        }
    }

    @Test
    void theTableAndTheCoachSayTheSameInTenThousandSessions() {
        Random random = new Random(5);
        Map<TrackKind, CoachTable> tables = Map.of(TrackKind.SKILL, CoachTable.of(TrackKind.SKILL), TrackKind.COMFORT, CoachTable.of(TrackKind.COMFORT));
        Map<Advice, Integer> said = new EnumMap<>(Advice.class);
        for (int i = 0; i < 10_000; i++) {
            TrackKind kind = TrackKind.values()[random.nextInt(2)];
            int dose = 1 + random.nextInt(30);
            double clean = random.nextDouble();
            CoachTable table = tables.get(kind);
            Session session = new Session(kind, dose);
            int row = 0;
            for (int rep = 1; rep <= 24; rep++) {
                Outcome outcome = random.nextDouble() < clean ? Outcome.CLEAN : random.nextInt(12) == 0 ? Outcome.TOO_MUCH : random.nextBoolean() ? Outcome.HELPED : Outcome.MISSED;
                double minutes = random.nextInt(30) == 0 ? 5 : 1;
                Advice expected = session.after(outcome, minutes);
                row = table.next(row, outcome);
                assertThat(table.advice(row, rep >= dose || minutes >= 5)).as(session.outcomes.toString()).isEqualTo(expected);
                assertThat(table.rows().get(row).easy()).as(session.outcomes.toString()).isEqualTo(expected != Advice.STOP && session.nextIsEasy());
                said.merge(expected, 1, Integer::sum);
            }
        }
        assertThat(said).containsOnlyKeys(Advice.values());
    }

    /** The worked cases whose counts a session can really have had, walked by the table too. */
    @ParameterizedTest
    @MethodSource("sessions")
    void theTableHoldsTheWorkedCasesThatItCanReach(JsonNode given) {
        if (!given.get("repsSinceLastEase").isNull() || given.get("repsSincePause").asInt() > 0 || outcomes(given).size() >= Coach.pauseAfter(TrackKind.valueOf(given.get("kind").asText()))) {
            return;
        }
        CoachTable table = CoachTable.of(TrackKind.valueOf(given.get("kind").asText()));
        int row = 0;
        boolean eased = false;
        for (Outcome outcome : outcomes(given)) {
            eased |= table.rows().get(row).advice() == Advice.EASE;
            row = table.next(row, outcome);
        }
        boolean usedUp = outcomes(given).size() >= given.get("doseReps").asInt() || given.get("minutesGone").asDouble() >= given.get("maxMinutes").asDouble();
        if (!eased) {
            assertThat(table.advice(row, usedUp)).isEqualTo(Advice.valueOf(given.get("expect").asText()));
        }
    }

    @ParameterizedTest
    @EnumSource(TrackKind.class)
    void theTableIsSmallEnoughToTravelWithAPage(TrackKind kind) {
        CoachTable table = CoachTable.of(kind);
        assertThat(table.rows().size()).isBetween(20, 1500);
        assertThat(table.rows().get(0)).extracting(CoachTable.Row::advice, CoachTable.Row::easy).containsExactly(Advice.GO, false);
        assertThat(table.rows()).allMatch(r -> r.next().size() == 4 && r.next().stream().allMatch(n -> n >= 0 && n < table.rows().size()));
    }
}
