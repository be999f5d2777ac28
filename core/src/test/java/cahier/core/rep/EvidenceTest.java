package cahier.core.rep;

import static cahier.core.Vectors.TOLERANCE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import cahier.core.Vectors;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class EvidenceTest {

    static Stream<JsonNode> evidence() {
        return Vectors.cases("evidence.json", "evidence");
    }

    @ParameterizedTest
    @MethodSource("evidence")
    void workedCasesHold(JsonNode given) {
        Evidence evidence = Evidence.of(Vectors.outcomes(given.get("outcomes")));
        int n = given.get("n").asInt();

        assertThat(evidence.run()).isEqualTo(given.get("run").asInt());
        if (given.get("rate10").isNull()) {
            assertThat(evidence.rate(10)).isEmpty();
        } else {
            assertThat(evidence.rate(10).orElseThrow()).isCloseTo(given.get("rate10").asDouble(), within(TOLERANCE));
        }
        assertThat(evidence.odds(given.get("bar").asDouble(), n)).isCloseTo(given.get("odds").asDouble(), within(TOLERANCE));
        assertThat(evidence.interval(n).low()).isCloseTo(given.get("low").asDouble(), within(TOLERANCE));
        assertThat(evidence.interval(n).high()).isCloseTo(given.get("high").asDouble(), within(TOLERANCE));
    }

    @Test
    void aCleanRepNeverLowersTheOdds() {
        List<Outcome> reps = List.of(Outcome.CLEAN, Outcome.MISSED, Outcome.HELPED, Outcome.CLEAN);
        List<Outcome> oneMore = List.of(Outcome.CLEAN, Outcome.MISSED, Outcome.HELPED, Outcome.CLEAN, Outcome.CLEAN);
        assertThat(Evidence.of(oneMore).odds(0.8, 20)).isGreaterThan(Evidence.of(reps).odds(0.8, 20));
    }

    @Test
    void aBarOutsideZeroToOneIsRefusedByName() {
        assertThatThrownBy(() -> Evidence.of(List.of()).odds(80, 20))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessage("bar must be from 0 to 1, was 80.0, for example 0.8");
        assertThatThrownBy(() -> Evidence.of(List.of()).odds(Double.NaN, 20))
                .hasMessage("bar must be from 0 to 1, was NaN, for example 0.8");
        assertThatThrownBy(() -> Evidence.of(List.of()).rate(0)).hasMessage("n must be 1 or more, was 0");
    }
}
