package cahier.core.rep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import cahier.core.Vectors;
import cahier.core.alone.NextTarget;
import cahier.core.pass.Missing;
import cahier.core.pass.Run;
import cahier.core.pass.Spread;
import cahier.core.slip.Helped;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What a rep was done with, what helped it, and how long it took. */
class WithTest {

    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);

    static Stream<JsonNode> spread() {
        return Vectors.cases("with.json", "spread");
    }

    static Stream<JsonNode> gaps() {
        return Vectors.cases("with.json", "gaps");
    }

    static Stream<JsonNode> quickness() {
        return Vectors.cases("with.json", "quickness");
    }

    static Stream<JsonNode> helped() {
        return Vectors.cases("with.json", "helped");
    }

    static Stream<JsonNode> settling() {
        return Vectors.cases("with.json", "settling");
    }

    @ParameterizedTest
    @MethodSource("spread")
    void handsAndItemsArePartOfTheSpread(JsonNode given) {
        Spread asks = new Spread(0, 0, 0, 0, 0, 0, given.at("/asks/hands").asInt(), given.at("/asks/items").asInt());
        Map<String, Integer> missing = new Run(1, asks).check(visit(given.get("sessions"))).spreadMissing().stream().collect(Collectors.toMap(m -> m.what().name(), Missing::more));
        Map<String, Integer> expected = new HashMap<>();
        given.get("missing").properties().forEach(e -> expected.put(e.getKey(), e.getValue().asInt()));
        assertThat(missing).isEqualTo(expected);
    }

    @ParameterizedTest
    @MethodSource("gaps")
    void handsAndItemsAreComparedWhereTheSamePeopleUsedBoth(JsonNode given) {
        List<Gap> found = Gap.amongWith(visit(given.get("sessions")), given.get("key").asText().equals("hand") ? With::hand : With::item);
        JsonNode expect = given.get("expect");
        if (expect.isNull()) {
            assertThat(found).isEmpty();
            return;
        }
        assertThat(found).singleElement().satisfies(g -> {
            assertThat(g.better().name()).isEqualTo(expect.get("better").asText());
            assertThat(g.worse().name()).isEqualTo(expect.get("worse").asText());
            assertThat(g.probability()).isCloseTo(expect.get("probability").asDouble(), within(1e-6));
        });
    }

    @ParameterizedTest
    @MethodSource("quickness")
    void theMiddleOfFiveIsWhatCounts(JsonNode given) {
        Optional<Quickness> found = Quickness.of(StreamSupport.stream(given.get("seconds").spliterator(), false).map(JsonNode::asDouble).toList());
        JsonNode expect = given.get("expect");
        assertThat(found.isPresent()).isEqualTo(!expect.isNull());
        found.ifPresent(q -> {
            assertThat(q).isEqualTo(new Quickness(expect.get("first").asDouble(), expect.get("lately").asDouble()));
            assertThat(List.of(q.isSlow(), q.isSlower())).containsExactly(expect.get("slow").asBoolean(), expect.get("slower").asBoolean());
        });
    }

    @ParameterizedTest
    @MethodSource("helped")
    void oneHelpOnHalfOfThemIsProposed(JsonNode given) {
        List<Helped.By> helped = StreamSupport.stream(given.get("helped").spliterator(), false).map(h -> by(h.asText())).toList();
        JsonNode expect = given.get("expect");
        assertThat(Helped.of(helped)).isEqualTo(expect.isNull() ? Optional.empty() : Optional.of(new Helped(by(expect.get("by").asText()), expect.get("times").asInt(), expect.get("of").asInt())));
    }

    @ParameterizedTest
    @MethodSource("settling")
    void aDogThatTakesLongToLieDownIsLeftNoLonger(JsonNode given) {
        assertThat(NextTarget.after(optional(given.get("calm")), optional(given.get("upset")), StreamSupport.stream(given.get("settled").spliterator(), false).map(JsonNode::asInt).toList()))
                .isCloseTo(given.get("expect").asDouble(), within(1e-6));
    }

    @Test
    void whatIsNeitherOrBothIsRefused() {
        assertThatThrownBy(() -> new Helped.By(Aid.NONE, false)).hasMessageContaining("helped by an aid or by a cue said again");
        assertThatThrownBy(() -> new Helped.By(Aid.HAND, true)).hasMessageContaining("was aid HAND");
        assertThatThrownBy(() -> new Spread(0, 0, 0, 0, 0, 0, 3, 0)).hasMessage("hands must be at most 2, was 3");
    }

    private static Helped.By by(String name) {
        return name.equals("AGAIN") ? Helped.By.SAYING_IT_AGAIN : new Helped.By(Aid.valueOf(name), false);
    }

    private static OptionalDouble optional(JsonNode value) {
        return value.isNull() ? OptionalDouble.empty() : OptionalDouble.of(value.asDouble());
    }

    private static Visit visit(JsonNode sessions) {
        List<Session> list = new ArrayList<>();
        for (JsonNode s : sessions) {
            List<Rep> reps = new ArrayList<>();
            for (JsonNode r : s.get("reps")) {
                reps.add(new Rep(new UUID(list.size(), reps.size()), DAY.plusDays(list.size()).atStartOfDay(ZoneOffset.UTC).toInstant().plusSeconds(30L * reps.size()), Outcome.valueOf(r.get("outcome").asText()),
                        Role.WORK, OptionalDouble.empty(), "", new With(r.get("hand").asText(), r.get("item").asText())));
            }
            list.add(new Session(s.get("person").asText(), s.get("place").asText(), DAY.plusDays(list.size()), true, reps));
        }
        return new Visit(list);
    }
}
