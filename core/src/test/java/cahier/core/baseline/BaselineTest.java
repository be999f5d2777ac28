package cahier.core.baseline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import cahier.core.Vectors;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class BaselineTest {

    static Stream<JsonNode> starts() {
        return Vectors.cases("starts.json");
    }

    private static OptionalDouble number(JsonNode node) {
        return node.isNull() ? OptionalDouble.empty() : OptionalDouble.of(node.asDouble());
    }

    private static Measured measured(JsonNode given) {
        return switch (given.get("kind").asText()) {
            case "COLD_TEST" -> new Measured.ColdTest(given.get("clean").asInt(), given.get("tries").asInt());
            case "DISTANCE" -> new Measured.Distance(given.get("metres").asDouble());
            default -> new Measured.Quiet(given.get("seconds").asDouble());
        };
    }

    @ParameterizedTest
    @MethodSource("starts")
    void workedStartsHold(JsonNode given) {
        List<StartingStep.Rung> steps = new ArrayList<>();
        given.get("steps").forEach(s -> steps.add(new StartingStep.Rung(s.get("named").asBoolean(), number(s.get("metres")), number(s.get("seconds")))));
        assertThat(StartingStep.of(steps, measured(given))).isEqualTo(given.get("start").asInt());
    }

    @Test
    void theFoodTestReadsAsTheTradeReadsIt() {
        assertThat(new FoodTest(true, Optional.empty()).reading()).isEqualTo(FoodTest.Reading.AT_EASE);
        assertThat(new FoodTest(false, Optional.of(true)).reading()).isEqualTo(FoodTest.Reading.UNEASY_WITH_TRAINER);
        assertThat(new FoodTest(false, Optional.of(false)).reading()).isEqualTo(FoodTest.Reading.UNEASY_HERE);
        assertThatThrownBy(() -> new FoodTest(false, Optional.empty()))
                .hasMessage("fromOwner must be told after the trainer's piece was refused, was missing");
    }

    @Test
    void figuresThatCannotBeAreRefused() {
        assertThatThrownBy(() -> new Measured.ColdTest(11, 10)).hasMessage("clean must be from 0 to 10, was 11");
        assertThatThrownBy(() -> new Measured.ColdTest(0, 11)).hasMessage("tries must be from 1 to 10, was 11");
        assertThatThrownBy(() -> new Measured.Distance(0)).hasMessage("metres must be more than 0, was 0.0");
        assertThatThrownBy(() -> new Measured.Distance(Double.NaN)).hasMessage("metres must be more than 0, was NaN");
        assertThatThrownBy(() -> new Measured.Quiet(-1)).hasMessage("seconds must be 0 or more, was -1.0");
        assertThatThrownBy(() -> StartingStep.of(List.of(), new Measured.Quiet(1))).hasMessage("steps must hold at least one step, was none");
    }
}
