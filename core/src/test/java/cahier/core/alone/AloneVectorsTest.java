package cahier.core.alone;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import cahier.core.Vectors;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The worked cases of a watch, the next target and the departures. */
class AloneVectorsTest {

    static Stream<JsonNode> baselines() {
        return Vectors.cases("absence.json", "baselines");
    }

    static Stream<JsonNode> next() {
        return Vectors.cases("absence.json", "next");
    }

    static Stream<JsonNode> departures() {
        return Vectors.cases("absence.json", "departures");
    }

    private static OptionalDouble number(JsonNode node) {
        return node.isNull() ? OptionalDouble.empty() : OptionalDouble.of(node.asDouble());
    }

    @ParameterizedTest
    @MethodSource("baselines")
    void aWatch(JsonNode given) {
        List<Spell> spells = new ArrayList<>();
        given.get("vocal").forEach(s -> spells.add(new Spell(s.get(0).asDouble(), s.get(1).asDouble())));
        AloneReading r = AloneReading.of(spells, given.get("watchSeconds").asDouble());
        JsonNode expect = given.get("expect");
        assertThat(r.first()).isEqualTo(number(expect.get("firstVocalSeconds")));
        assertThat(r.quietShare()).isCloseTo(expect.get("quietShare").asDouble(), within(Vectors.TOLERANCE));
        assertThat(r.longestQuiet()).isCloseTo(expect.get("longestQuietSeconds").asDouble(), within(Vectors.TOLERANCE));
        assertThat(r.bouts()).isEqualTo(expect.get("bouts").asInt());
        for (int i = 0; i < 3; i++) {
            assertThat(r.thirds().get(i)).isCloseTo(expect.get("thirds").get(i).asDouble(), within(Vectors.TOLERANCE));
        }
        assertThat(r.pattern().name()).isEqualTo(expect.get("pattern").asText());
        assertThat(r.distressShare() + r.quietShare()).isCloseTo(1, within(Vectors.TOLERANCE));
    }

    @ParameterizedTest
    @MethodSource("next")
    void theNextTarget(JsonNode given) {
        assertThat(NextTarget.after(number(given.get("longestCalmSeconds")), number(given.get("upsetAfterSeconds")))).isCloseTo(given.get("nextSeconds").asDouble(), within(Vectors.TOLERANCE));
    }

    @ParameterizedTest
    @MethodSource("departures")
    void theSixDepartures(JsonNode given) {
        List<Integer> expect = StreamSupport.stream(given.get("expect").spliterator(), false).map(JsonNode::asInt).toList();
        assertThat(NextTarget.departures(given.get("targetSeconds").asDouble())).isEqualTo(expect);
    }

    @Test
    void theVeryFirstIsASecond() {
        assertThat(NextTarget.after(OptionalDouble.empty(), OptionalDouble.empty())).isEqualTo(1);
    }

    @Test
    void twoArrangementsAreComparedByDamageThenDistressThenTheDogsOwnChoice() {
        AloneReading calm = AloneReading.of(List.of(new Spell(0, 60)), 900);
        AloneReading loud = AloneReading.of(List.of(new Spell(0, 400)), 900);
        AloneReading alike = AloneReading.of(List.of(new Spell(0, 140)), 900);
        assertThat(Arrangement.of(calm, true, loud, false, true)).isEqualTo(new Arrangement(Arrangement.Which.SECOND, Arrangement.Why.DAMAGE));
        assertThat(Arrangement.of(calm, false, loud, true, false).better()).isEqualTo(Arrangement.Which.FIRST);
        assertThat(Arrangement.of(calm, false, loud, false, false)).isEqualTo(new Arrangement(Arrangement.Which.FIRST, Arrangement.Why.LESS_DISTRESS));
        assertThat(Arrangement.of(loud, true, calm, true, true)).isEqualTo(new Arrangement(Arrangement.Which.SECOND, Arrangement.Why.LESS_DISTRESS));
        assertThat(Arrangement.of(calm, false, alike, false, true)).isEqualTo(new Arrangement(Arrangement.Which.FIRST, Arrangement.Why.ENTERS_BY_ITSELF));
        assertThat(Arrangement.of(calm, false, alike, false, false).better()).isEqualTo(Arrangement.Which.SECOND);
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> AloneReading.of(List.of(), 0)).withMessageContaining("0.0");
        assertThatIllegalArgumentException().isThrownBy(() -> new Spell(Double.NaN, 1));
        assertThatIllegalArgumentException().isThrownBy(() -> NextTarget.after(OptionalDouble.of(0), OptionalDouble.empty()));
        assertThatIllegalArgumentException().isThrownBy(() -> NextTarget.after(OptionalDouble.empty(), OptionalDouble.of(-1)));
        assertThatIllegalArgumentException().isThrownBy(() -> NextTarget.departures(0.5)).withMessageContaining("0.5");
    }

    static Stream<JsonNode> departing() {
        return Vectors.cases("departing.json");
    }

    @ParameterizedTest
    @MethodSource("departing")
    void afterAnUpsetItEndsOrGoesOnEasierByTheSchool(JsonNode given) {
        assertThat(Departing.afterUpset(seconds(given.get("left")), given.get("upsetAfter").asInt(), given.get("upsets").asInt(), given.get("atQuiet").asBoolean())).isEqualTo(seconds(given.get("expect")));
    }

    private static List<Integer> seconds(JsonNode list) {
        List<Integer> seconds = new ArrayList<>();
        list.forEach(s -> seconds.add(s.asInt()));
        return seconds;
    }
}
