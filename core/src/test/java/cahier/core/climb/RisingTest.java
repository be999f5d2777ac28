package cahier.core.climb;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.core.Vectors;
import cahier.core.climb.Between.Asks;
import cahier.core.climb.Between.Harder;
import cahier.core.rep.Aid;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class RisingTest {

    static Stream<JsonNode> cases() {
        return Vectors.cases("rising.json");
    }

    @ParameterizedTest
    @MethodSource("cases")
    void workedCasesHold(JsonNode given) {
        Rising rising = new Rising(steps(given.get("steps")), Harder.valueOf(given.path("harder").asText("UNKNOWN")));
        for (int i = 1; i < given.get("steps").size(); i++) {
            assertThat(names(rising.raised(i - 1, i))).as("raised at %d", i).isEqualTo(texts(given.get("raised").get(i - 1)));
            assertThat(names(rising.relaxed(i - 1, i))).as("relaxed at %d", i).isEqualTo(texts(given.get("relaxed").get(i - 1)));
            assertThat(names(rising.leftBetween(i))).as("left between at %d", i).isEqualTo(texts(given.get("leftBetween").get(i - 1)));
        }
    }

    @Test
    void aDistanceGetsHarderTheWayItGoesUnlessThatIsKnownOtherwise() {
        List<Asks> nearer = List.of(asks(List.of(8, 0)), asks(List.of(5, 0)));
        assertThat(new Rising(nearer, Harder.UNKNOWN).isNearer()).isTrue();
        assertThat(new Rising(nearer, Harder.FURTHER).isNearer()).isFalse();
        assertThat(new Rising(List.of(asks(List.of(8, 0))), Harder.UNKNOWN).isNearer()).isFalse();
        assertThat(new Rising(List.of(asks(List.of(8, 0))), Harder.NEARER).isNearer()).isTrue();
    }

    @Test
    void everyStaircaseRaisesOneThingAtATime() {
        for (List<Integer> tops : List.of(List.of(3, 2), List.of(2, 3, 2), List.of(1, 4))) {
            List<Asks> steps = Staircase.of(tops, 0.5).stream().map(RisingTest::asks).toList();
            Rising rising = new Rising(steps, Harder.FURTHER);
            for (int i = 1; i < steps.size(); i++) {
                assertThat(rising.raised(i - 1, i)).as("%s, step %d", tops, i).hasSizeLessThan(Rising.TOO_MANY);
            }
        }
    }

    private static Asks asks(List<Integer> setting) {
        return new Asks("", OptionalInt.empty(), 1.0 + setting.get(0), 5.0 * setting.get(1), "", "", 0, Aid.NONE, "", List.of(), setting.size() > 2 ? setting.get(2) : 0);
    }

    private static List<Asks> steps(JsonNode given) {
        List<Asks> steps = new ArrayList<>();
        given.forEach(s -> steps.add(new Asks(s.path("place").asText(""), s.has("difficulty") ? OptionalInt.of(s.get("difficulty").asInt()) : OptionalInt.empty(),
                s.has("metres") ? s.get("metres").asDouble() : null, s.has("seconds") ? s.get("seconds").asDouble() : null, s.path("distraction").asText(""), s.path("company").asText(""),
                s.path("helper").asInt(), Aid.valueOf(s.path("aid").asText("NONE")), s.path("word").asText(""), texts(s.path("events")), s.path("feeding").asInt())));
        return steps;
    }

    private static List<String> texts(JsonNode list) {
        List<String> texts = new ArrayList<>();
        list.forEach(t -> texts.add(t.asText()));
        return texts;
    }

    private static List<String> names(List<Between.Criterion> criteria) {
        return criteria.stream().map(Enum::name).toList();
    }
}
