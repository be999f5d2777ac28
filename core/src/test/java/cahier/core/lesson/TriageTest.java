package cahier.core.lesson;

import static cahier.core.Vectors.TOLERANCE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import cahier.core.Vectors;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class TriageTest {

    static Stream<JsonNode> triage() {
        return Vectors.cases("triage.json");
    }

    @ParameterizedTest
    @MethodSource("triage")
    void workedCasesHold(JsonNode given) {
        List<Triage.Reason> reasons = new ArrayList<>();
        for (JsonNode reason : given.get("reasons")) {
            reasons.add(new Triage.Reason(Triage.Code.valueOf(reason.path("code").asText()), reason.path("days").asLong(), 0));
        }
        assertThat(Triage.points(reasons)).isCloseTo(given.get("points").asDouble(), within(TOLERANCE));
    }

    @Test
    void theStrongestReasonIsSaidFirst() {
        assertThat(Triage.strongest(List.of(new Triage.Reason(Triage.Code.UP, 0, 1), new Triage.Reason(Triage.Code.SILENT, 4, 0),
                new Triage.Reason(Triage.Code.CALL, 0, 2)))).extracting(Triage.Reason::code).containsExactly(Triage.Code.CALL, Triage.Code.UP);
    }

    @Test
    void daysBeforeTheLastRepAreRefused() {
        assertThatThrownBy(() -> new Triage.Reason(Triage.Code.SILENT, -1, 0)).hasMessage("days must be 0 or more, was -1");
    }
}
