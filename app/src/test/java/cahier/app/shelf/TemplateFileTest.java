package cahier.app.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import cahier.app.track.KeyedPlan;
import cahier.core.method.Choice;
import cahier.core.pay.Feeding;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** The open format: what is written is read again the same, and a bad file says where, what and what is allowed. */
class TemplateFileTest {

    private static final String GOOD = """
            {"format": "cahier-template-1", "title": "Spin", "kind": "SKILL", "topic": "BODY", "word": "spin",
             "say": {"off": {"LEAVE_IT_LOOK_AT_ME": "looks", "LEAVE_IT_BACK_OFF": "backs off"}},
             "usual": {"place": "kitchen", "reps": 6, "slips": ["CROOKED"]},
             "steps": [{"key": "lured", "title": "Lured", "how": "Lure {name} round.", "aid": "FULL_LURE", "durationS": 1},
                       {"key": "free", "title": "Free", "how": "Wait until it {off}.", "reps": 9}]}
            """;

    private static List<String> findings(String file) {
        BadFile bad = catchThrowableOfType(BadFile.class, () -> TemplateFile.read(file));
        return bad == null ? List.of() : bad.findings();
    }

    @Test
    void everyTemplateThatShipsIsWrittenAndReadAgainTheSame() throws IOException {
        for (Template template : new Shelf(new PathMatchingResourcePatternResolver()).templates()) {
            assertThat(TemplateFile.read(TemplateFile.write(template))).isEqualTo(template);
        }
    }

    /** The published list of choices is the one of the rules. */
    @Test
    void everyChoiceMayStandInAFile() throws IOException {
        try (InputStream schema = getClass().getResourceAsStream("/static/formats/template.schema.json")) {
            List<String> choices = new ArrayList<>();
            JsonMapper.builder().build().readTree(schema).at("/$defs/choice/enum").forEach(c -> choices.add(c.asText()));
            assertThat(choices).containsExactlyInAnyOrderElementsOf(Arrays.stream(Choice.values()).map(Enum::name).toList());
        }
    }

    @Test
    void foodFadesInStepsLikeTheLastOne() {
        List<KeyedPlan> steps = TemplateFile.read(GOOD.replace("\"usual\":", "\"fade\": {\"how\": \"A kind word.\", \"to\": \"NOW_AND_THEN\"}, \"usual\":")).in(Schools.with(), "Pim").steps();
        assertThat(steps).extracting(k -> k.plan().title()).containsExactly("Lured", "Free", "Food every other time", "Food now and then");
        assertThat(steps.get(2).plan().reps()).isEqualTo(9);
        assertThat(steps.get(3).plan().teaching().fed()).isEqualTo(Feeding.NOW_AND_THEN);
    }

    @Test
    void whatAHouseholdChoseMayStandInThePlaceOfAField() {
        Template template = TemplateFile.read(GOOD.replace("\"reps\": 9", "\"instead\": {\"LEAVE_IT_BACK_OFF\": {\"reps\": 3}}"));
        assertThat(template.in(Schools.with(), "Pim").steps().get(1).plan().reps()).isEqualTo(6);
        assertThat(template.in(Schools.with(Choice.LEAVE_IT_BACK_OFF), "Pim").steps().get(1).plan().reps()).isEqualTo(3);
        assertThat(findings(GOOD.replace("\"reps\": 9", "\"instead\": {\"LEAVE_IT_BACK_OFF\": {\"how\": \"Yank it.\"}}")))
                .containsExactly("steps[1].instead.LEAVE_IT_BACK_OFF.text: must not ask for what is not offered, was \"Yank\"");
    }

    @Test
    void aStepTakesWhatIsUsualUnlessItSaysOtherwise() {
        List<KeyedPlan> steps = TemplateFile.read(GOOD).in(Schools.with(Choice.LEAVE_IT_BACK_OFF), "Pim").steps();
        assertThat(steps).extracting(s -> s.plan().reps()).containsExactly(6, 9);
        assertThat(steps).extracting(s -> s.plan().place()).containsOnly("kitchen");
        assertThat(steps).extracting(s -> s.plan().how()).containsExactly("Lure Pim round.", "Wait until it backs off.");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "\"reps\": 9 | \"reps\": 900 | steps[1].reps: must have a maximum value of 100, was 900",
        "\"reps\": 9 | \"reps\": \"nine\" | steps[1].reps: string found, integer expected, was \"nine\"",
        "\"durationS\": 1 | \"durationS\": -3 | steps[0].durationS: must have a minimum value of 0, was -3",
        "\"FULL_LURE\" | \"MUCH\" | steps[0].aid: does not have a value in the enumeration [\"FULL_LURE\", \"HAND\", \"POINT\", \"PROP\", \"NONE\"], was \"MUCH\"",
        "\"reps\": 9 | \"payEveryS\": 0 | steps[1].payEveryS: must have a minimum value of 1, was 0",
        "\"reps\": 9 | \"pass\": \"HOLD\" | 'steps[1].durationS: must be given where a hold is to be passed, such as 20 s'",
        "\"title\": \"Free\", | '' | steps[1]: required property 'title' not found",
        "\"word\" | \"wrod\" | the file: property 'wrod' is not defined in the schema and the schema does not allow additional properties",
        "\"key\": \"free\" | \"key\": \"lured\" | steps[1].key: must differ from the other keys, was \"lured\"",
        "until it {off} | until it {on} | steps[1].text: a placeholder must be {name} or an entry of say, was \"{on}\"",
        "\"word\": \"spin\" | \"goal\": \"Spins {how}\" | goal, plan or word: a placeholder must be {name} or an entry of say, was \"{how}\"",
        "\"aid\": \"FULL_LURE\" | \"events\": [\"{on}\"] | steps[0].text: a placeholder must be {name} or an entry of say, was \"{on}\"",
        "\"looks\" | \"{off}\" | say.off: a placeholder must be {name}, was \"{off}\"",
        "\"LEAVE_IT_BACK_OFF\" | \"NAMED_EARLY\" | 'say.off: must have a line for each of '",
        "Lure {name} round. | Yank {name} round. | steps[0].text: must not ask for what is not offered, was \"Yank\"",
        "\"durationS\": 1 | \"pass\": \"CALM\", \"reps\": 3 | steps[0].reps: must be 5 or more for calm sessions, was 3",
        "\"title\": \"Free\" | \"title\": \"Lured\" | 'steps: titles must differ, were [Lured, Lured]'",
        "\"durationS\": 1 | \"naming\": true | 'steps: must have one naming step at most, and not as the first'",
        "cahier-template-1 | cahier-template-9 | format: must be the constant value 'cahier-template-1', was \"cahier-template-9\""})
    void aBadFileNamesThePlaceTheValueAndWhatIsAllowed(String good, String bad, String says) {
        assertThat(GOOD).contains(good);
        assertThat(findings(GOOD.replace(good, bad))).anySatisfy(f -> assertThat(f).startsWith(says));
    }

    @Test
    void everythingThatIsWrongIsSaidAtOnce() {
        assertThat(findings(GOOD.replace("\"reps\": 9", "\"reps\": 0").replace("SKILL", "TRICK").replace("\"key\": \"lured\"", "\"key\": \"Not a key\""))).hasSize(3);
    }

    @Test
    void whatIsNoJsonIsSaidWithItsLine() {
        assertThat(findings("{\n\"format\": \"cahier-template-1\",\n}")).singleElement().asString().startsWith("line 3: must be JSON, was not");
        assertThat(findings("")).singleElement().asString().startsWith("the file");
    }

    @Test
    void onComfortARunIsFiveAtLeast() {
        assertThat(findings(GOOD.replace("SKILL", "COMFORT").replace("\"durationS\": 1", "\"pass\": \"RUN\", \"run\": 3")))
                .containsExactly("steps[0].run: must be 5 or more on COMFORT, was 3");
    }
}
