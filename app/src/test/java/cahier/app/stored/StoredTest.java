package cahier.app.stored;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import cahier.app.baseline.Findings;
import cahier.app.judge.Grounds;
import cahier.app.lesson.AgendaLine;
import cahier.app.sheet.SheetItem;
import cahier.app.sheet.SheetRest;
import cahier.core.decide.Cause;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.boot.autoconfigure.AutoConfigurations;
import org.springframework.boot.autoconfigure.jackson.JacksonAutoConfiguration;
import org.springframework.boot.test.context.runner.ApplicationContextRunner;

/** What was kept for good stays readable: a golden file of every shape in every version it ever had. */
class StoredTest {

    private static final Map<Shape, Class<?>> TYPES = Map.of(Shape.DECISION, Grounds.class, Shape.SHEET_ITEM, SheetItem.class, Shape.SHEET_REST, SheetRest.class,
            Shape.BASELINE, Findings.class, Shape.AGENDA_LINE, AgendaLine.class);

    /** The same reader as the application's: Spring Boot's with the same setting. */
    private final ObjectMapper json = mapper();
    private final Stored stored = new Stored(json);

    private static ObjectMapper mapper() {
        ObjectMapper[] made = new ObjectMapper[1];
        new ApplicationContextRunner().withConfiguration(AutoConfigurations.of(JacksonAutoConfiguration.class))
                .withPropertyValues("spring.jackson.deserialization.fail-on-unknown-properties=false").run(context -> made[0] = context.getBean(ObjectMapper.class));
        return made[0];
    }

    static Stream<Arguments> everyVersion() {
        return Arrays.stream(Shape.values()).flatMap(s -> IntStream.rangeClosed(0, s.version()).mapToObj(v -> Arguments.of(s, v)));
    }

    private static String golden(Shape shape, int version) throws IOException {
        try (InputStream file = StoredTest.class.getResourceAsStream("/stored/" + shape + "-" + version + ".json")) {
            assertThat(file).as("a golden file of " + shape + " in version " + version).isNotNull();
            return new String(file.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @ParameterizedTest
    @MethodSource("everyVersion")
    void everyVersionIsReadAndWrittenAsTodays(Shape shape, int version) throws IOException {
        Object read = stored.read(shape, golden(shape, version), TYPES.get(shape));
        String again = stored.write(shape, read);
        assertThat(stored.<Object>read(shape, again, castTo(shape))).isEqualTo(read);
        if (version == shape.version()) {
            assertThat(json.readTree(again)).as("nothing is lost, nothing is renamed").isEqualTo(json.readTree(golden(shape, version)));
        }
    }

    @SuppressWarnings("unchecked")
    private static Class<Object> castTo(Shape shape) {
        return (Class<Object>) TYPES.get(shape);
    }

    @Test
    void whatOldRowsDoNotSayHasItsPlainMeaning() throws IOException {
        Grounds grounds = stored.read(Shape.DECISION, golden(Shape.DECISION, 0), Grounds.class);
        assertThat(grounds.gaps()).isEmpty();
        assertThat(grounds.newest()).isNull();
        assertThat(grounds.suggestion().cause()).isEqualTo(Cause.PERSON_GAP);
        assertThat(grounds.suggestion().gap()).isPresent();
        assertThat(stored.read(Shape.SHEET_ITEM, golden(Shape.SHEET_ITEM, 0), SheetItem.class).apart()).isEmpty();
    }

    @Test
    void severalAreReadEachInItsVersion() throws IOException {
        String mixed = "[" + golden(Shape.AGENDA_LINE, 0) + "," + golden(Shape.AGENDA_LINE, 1) + "]";
        assertThat(stored.readAll(Shape.AGENDA_LINE, mixed, AgendaLine.class)).containsExactly(new AgendaLine("Show back", 10), new AgendaLine("Show back", 10));
        assertThat(json.readTree(stored.writeAll(Shape.AGENDA_LINE, List.of(new AgendaLine("Show back", 10)))).get(0).get("v").asInt()).isEqualTo(1);
    }

    @Test
    void whatCannotBeReadSaysWhatItIs() {
        assertThatThrownBy(() -> stored.read(Shape.DECISION, "{\"v\": 99}", Grounds.class)).hasMessage("DECISION must be of version 0 to 1, was 99: a newer Cahier wrote it");
        assertThatThrownBy(() -> stored.read(Shape.DECISION, "[1]", Grounds.class)).hasMessage("DECISION must be a JSON object, was ARRAY");
        assertThatThrownBy(() -> stored.read(Shape.DECISION, "{", Grounds.class)).hasMessage("DECISION is not JSON");
        assertThatThrownBy(() -> stored.read(Shape.AGENDA_LINE, "{\"minutes\": \"soon\"}", AgendaLine.class)).hasMessage("AGENDA_LINE of version 0 cannot be read");
    }
}
