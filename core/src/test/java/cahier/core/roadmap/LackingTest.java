package cahier.core.roadmap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import cahier.core.Vectors;
import cahier.core.roadmap.Lacking.Help;
import cahier.core.roadmap.Lacking.Home;
import cahier.core.roadmap.Lacking.Lack;
import cahier.core.roadmap.Lacking.Place;
import cahier.core.roadmap.Lacking.Step;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class LackingTest {

    static Stream<JsonNode> cases() {
        return Vectors.cases("lacking.json");
    }

    @ParameterizedTest
    @MethodSource("cases")
    void workedCasesHold(JsonNode given) {
        JsonNode s = given.get("step");
        JsonNode h = given.get("home");
        Set<Lack> things = new HashSet<>();
        h.path("things").forEach(t -> things.add(Lack.valueOf(t.asText())));
        List<Place> places = new ArrayList<>();
        h.path("places").forEach(p -> places.add(new Place(p.get(0).asText(), p.get(1).asBoolean(), p.get(2).asBoolean())));
        List<Lack> expected = new ArrayList<>();
        given.get("expect").forEach(l -> expected.add(Lack.valueOf(l.asText())));
        Step step = new Step(s.get("place").asText(), s.get("who").asText(), s.get("equipment").asText(), Help.valueOf(s.path("help").asText("NOBODY")), s.path("freed").asBoolean());
        assertThat(Lacking.of(step, new Home(things, h.get("handlers").asInt(), places), given.path("outdoors").asBoolean())).isEqualTo(expected);
    }

    @Test
    void fewerThanNobodyIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> new Home(Set.of(), -1, List.of())).withMessage("handlers must be 0 or more, was -1");
    }
}
