package cahier.core.exposure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import cahier.core.Vectors;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.assertj.core.data.Offset;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The worked cases of distance, sight line and triangle. */
class ExposureVectorsTest {

    private static final Offset<Double> CLOSE = within(Vectors.TOLERANCE);

    static Stream<JsonNode> fits() {
        return Vectors.cases("distance.json", "fits");
    }

    static Stream<JsonNode> next() {
        return Vectors.cases("distance.json", "next");
    }

    static Stream<JsonNode> led() {
        return Vectors.cases("distance.json", "led");
    }

    static Stream<JsonNode> sightlines() {
        return Vectors.cases("sightline.json");
    }

    static Stream<JsonNode> triangles() {
        return Vectors.cases("triangle.json");
    }

    private static Stream<JsonNode> each(JsonNode list) {
        return StreamSupport.stream(list.spliterator(), false);
    }

    @ParameterizedTest
    @MethodSource("fits")
    void workingDistance(JsonNode given) {
        WorkingDistance d = WorkingDistance.of(each(given.get("exposures")).map(e -> new Exposure(e.get("metres").asDouble(), Response.valueOf(e.get("answer").asText()))).toList());
        JsonNode expect = given.get("expect");
        assertThat(d.curve().isPresent()).isEqualTo(expect.get("estimate").asBoolean());
        if (d.curve().isEmpty()) {
            assertThat(d.why()).contains(WorkingDistance.Why.valueOf(expect.get("why").asText()));
            return;
        }
        WorkingDistance.Curve c = d.curve().get();
        assertThat(c.held()).isEqualTo(expect.get("held").asBoolean());
        assertThat(c.beyond()).isEqualTo(expect.get("beyond").asBoolean());
        double[] figures = {c.steepness(), c.curveMetres(), c.workingMetres(), c.lowMetres(), c.highMetres()};
        String[] names = {"steepness", "curveMetres", "workingMetres", "lowMetres", "highMetres"};
        for (int i = 0; i < names.length; i++) {
            assertThat(figures[i]).as(names[i]).isCloseTo(expect.get(names[i]).asDouble(), within(Vectors.TOLERANCE * Math.max(1, figures[i])));
        }
        assertThat(c.calmAt(c.curveMetres())).isCloseTo(WorkingDistance.CALM, CLOSE);
    }

    @ParameterizedTest
    @MethodSource("next")
    void nextDistance(JsonNode given) {
        List<Response> answers = each(given.get("answers")).map(a -> Response.valueOf(a.asText())).toList();
        NextDistance next = NextDistance.of(given.get("metres").asDouble(), answers, Closer.usual(), NextDistance.NEAREST, List::of);
        JsonNode expect = given.has("expect") ? given.get("expect") : given;
        assertThat(next.verdict().name()).isEqualTo(expect.get("verdict").asText());
        assertThat(next.metres()).isCloseTo(expect.get("nextMetres").asDouble(), CLOSE);
    }

    @ParameterizedTest
    @MethodSource("led")
    void ledByTheEstimate(JsonNode given) {
        List<Exposure> met = Stream.concat(each(given.get("before")), each(given.get("looks"))).map(e -> new Exposure(e.get(0).asDouble(), Looks.said(e.get(1).asText()))).toList();
        Steepness usual = new Steepness(given.get("steepness").get("median").asDouble(), given.get("steepness").get("sd").asDouble(), 0);
        Moving moved = Moving.of(given.get("set").asDouble(), Looks.of(met, given.get("before").size()), new Closer.Led(usual), given.get("nearest").asDouble());
        JsonNode expect = given.get("expect");
        assertThat(moved.metres() + " " + moved.since().size() + " " + moved.last()).isEqualTo(expect.get("metres").asDouble() + " " + expect.get("since").asInt() + " " + expect.get("last").asText());
    }

    @ParameterizedTest
    @MethodSource("sightlines")
    void sightLine(JsonNode given) {
        List<SightLine.Screen> screens = each(given.get("screens")).map(s -> new SightLine.Screen(s.get(0).asDouble(), s.get(1).asDouble(), s.get(2).asDouble(), s.get(3).asDouble())).toList();
        SightLine line = SightLine.of(given.get("pathMetres").asDouble(), screens, given.get("speed").asDouble(), given.get("pieces").asInt(), SightLine.REACH);
        JsonNode expect = given.get("expect");
        assertThat(line.verdict().name()).isEqualTo(expect.get("verdict").asText());
        assertThat(line.visible()).hasSize(expect.get("visible").size());
        for (int i = 0; i < line.visible().size(); i++) {
            assertThat(line.visible().get(i).from()).isCloseTo(expect.get("visible").get(i).get(0).asDouble(), CLOSE);
            assertThat(line.visible().get(i).to()).isCloseTo(expect.get("visible").get(i).get(1).asDouble(), CLOSE);
        }
        assertThat(line.neededSeconds()).isCloseTo(expect.get("neededSeconds").asDouble(), CLOSE);
        assertThat(line.neededMetres()).isCloseTo(expect.get("neededMetres").asDouble(), CLOSE);
        if (expect.has("leftEndMetres")) {
            assertThat(line.widest().orElseThrow().metres()).isCloseTo(expect.get("widestMetres").asDouble(), CLOSE);
            assertThat(line.seconds()).isCloseTo(expect.get("secondsInView").asDouble(), CLOSE);
            assertThat(line.leftEnd()).isCloseTo(expect.get("leftEndMetres").asDouble(), CLOSE);
            assertThat(line.rightEnd()).isCloseTo(expect.get("rightEndMetres").asDouble(), CLOSE);
        }
    }

    @ParameterizedTest
    @MethodSource("triangles")
    void triangle(JsonNode given) {
        Triangle t = Triangle.of(given.get("callerMetres").asDouble(), given.get("sideMetres").asDouble(), given.get("alongMetres").asDouble());
        JsonNode expect = given.get("expect");
        assertThat(t.dogToDish()).isCloseTo(expect.get("dogToDish").asDouble(), CLOSE);
        assertThat(t.angleDegrees()).isCloseTo(expect.get("angleDegrees").asDouble(), CLOSE);
        assertThat(t.pull()).isCloseTo(expect.get("pull").asDouble(), CLOSE);
        assertThat(t.nextSideMetres()).isCloseTo(expect.get("nextSideMetres").asDouble(), CLOSE);
    }
}
