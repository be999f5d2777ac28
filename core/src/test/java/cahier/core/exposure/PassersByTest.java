package cahier.core.exposure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import cahier.core.Vectors;
import cahier.core.exposure.PassersBy.Hour;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Where and when as many pass as suit. */
class PassersByTest {

    static Stream<JsonNode> hours() {
        return Vectors.cases("passers.json", "hours");
    }

    @ParameterizedTest
    @MethodSource("hours")
    void looksAreAddedUpAndSayWhereToSit(JsonNode given) {
        List<Hour> looks = new ArrayList<>();
        given.get("looks").forEach(l -> looks.add(new Hour(l.get("place").asText(), l.get("hour").asInt(), l.get("minutes").asDouble(), l.get("dogs").asInt(), l.get("people").asInt(), l.get("others").asInt())));
        PassersBy found = PassersBy.of(looks);
        List<String> expected = new ArrayList<>();
        given.at("/expect/hours").forEach(h -> expected.add(h.get("place").asText() + " " + h.get("hour").asInt() + " " + h.get("passed").asInt() + " " + h.get("traffic").asText("null")));
        assertThat(found.hours().stream().map(h -> h.place() + " " + h.hour() + " " + h.passed() + " " + h.traffic().map(Enum::name).orElse("null")).toList()).isEqualTo(expected);
        assertThat(said(found.best())).isEqualTo(given.at("/expect/best").asText("null"));
        assertThat(said(found.toCount())).isEqualTo(given.at("/expect/toCount").asText("null"));
        assertThat(found.with(Traffic.TOO_BUSY)).allSatisfy(h -> assertThat(h.minutes() / h.passed()).isLessThan(Traffic.LEAST_MIN));
    }

    private static String said(Optional<Hour> hour) {
        return hour.map(h -> h.place() + " " + h.hour()).orElse("null");
    }

    @Test
    void nonsenseIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> new Hour("bench", 24, 1, 0, 0, 0));
        assertThatIllegalArgumentException().isThrownBy(() -> new Hour("bench", 8, -1, 0, 0, 0));
        assertThatIllegalArgumentException().isThrownBy(() -> new Hour("bench", 8, Double.NaN, 0, 0, 0));
        assertThatIllegalArgumentException().isThrownBy(() -> new Hour("bench", 8, 1, 0, -1, 0));
    }
}
