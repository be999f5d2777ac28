package cahier.core.handling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import cahier.core.Vectors;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The worked cases of the way of the hand. */
class HandlingVectorsTest {

    static Stream<JsonNode> cases() {
        return Vectors.cases("handling.json");
    }

    @ParameterizedTest
    @MethodSource("cases")
    void theWayToTheTarget(JsonNode given) {
        Map<Zone, Integer> comfort = new EnumMap<>(Zone.class);
        given.get("comfort").fields().forEachRemaining(e -> comfort.put(Zone.of(e.getKey()), e.getValue().asInt()));
        HandlingPath way = HandlingPath.to(comfort, Zone.of(given.get("target").asText()));
        JsonNode expect = given.get("expect");
        assertThat(way.next().map(Zone::words).orElse(null)).isEqualTo(expect.get("next").isNull() ? null : expect.get("next").asText());
        List<String> path = new ArrayList<>();
        expect.get("path").forEach(z -> path.add(z.asText()));
        assertThat(way.path().stream().map(Zone::words).toList()).isEqualTo(path);
    }

    @Test
    void aFlinchGoesBackOneOnThePath() {
        HandlingPath way = new HandlingPath(Optional.of(Zone.CHIN), List.of(Zone.CHEST, Zone.CHIN, Zone.MUZZLE));
        assertThat(way.backFrom(Zone.MUZZLE)).isEqualTo(Zone.CHIN);
        assertThat(way.backFrom(Zone.CHEST)).isEqualTo(Zone.CHEST);
        assertThat(way.backFrom(Zone.TAIL)).isEqualTo(Zone.TAIL);
    }

    @Test
    void whatWasNotTouchedCountsAsUneasy() {
        assertThat(HandlingPath.to(Map.of(Zone.CHEST, 3), Zone.CHIN)).isEqualTo(new HandlingPath(Optional.of(Zone.CHIN), List.of(Zone.CHEST, Zone.CHIN)));
        assertThat(HandlingPath.to(Map.of(), Zone.TAIL).next()).contains(Zone.BACK);
        assertThatIllegalArgumentException().isThrownBy(() -> HandlingPath.to(Map.of(Zone.CHEST, 5), Zone.CHIN)).withMessageContaining("chest must be from 0 to 4, was 5");
        assertThatIllegalArgumentException().isThrownBy(() -> Zone.of("knee")).withMessageContaining("knee");
    }

    @Test
    void neighboursAreMutual() {
        for (Zone zone : Zone.values()) {
            assertThat(zone.neighbours()).isNotEmpty().allSatisfy(n -> assertThat(n.neighbours()).contains(zone));
        }
    }
}
