package cahier.core.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import cahier.core.Vectors;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ClashesTest {

    static Stream<JsonNode> pairs() {
        return Vectors.cases("words.json", "pairs");
    }

    static Stream<JsonNode> lexicons() {
        return Vectors.cases("words.json", "lexicons");
    }

    @ParameterizedTest
    @MethodSource("pairs")
    void workedPairsHoldBothWays(JsonNode pair) {
        String a = pair.get("a").asText();
        String b = pair.get("b").asText();
        assertThat(Clashes.soundAlike(a, b)).as(a + " / " + b).isEqualTo(pair.get("alike").asBoolean());
        assertThat(Clashes.soundAlike(b, a)).as(b + " / " + a).isEqualTo(pair.get("alike").asBoolean());
    }

    @ParameterizedTest
    @MethodSource("pairs")
    void everyWordSoundsLikeItself(JsonNode pair) {
        assertThat(Clashes.soundAlike(pair.get("a").asText(), pair.get("a").asText().toUpperCase())).isTrue();
    }

    @ParameterizedTest
    @MethodSource("lexicons")
    void workedLexiconsHold(JsonNode given) {
        List<Cue> lexicon = new ArrayList<>();
        given.get("lexicon").forEach(c -> lexicon.add(new Cue(c.get("word").asText(), c.get("action").asText(),
                Signal.valueOf(c.get("signal").asText()), c.get("dog").asText())));
        List<String> names = new ArrayList<>();
        given.get("names").forEach(n -> names.add(n.asText()));
        List<String> expected = new ArrayList<>();
        given.get("clashes").forEach(n -> expected.add(n.asText()));
        assertThat(Clashes.among(lexicon, names).stream().map(c -> c.kind() + " " + c.first() + " " + c.second())).containsExactlyElementsOf(expected);
    }

    @Test
    void aWordMustBeSomething() {
        assertThatThrownBy(() -> new Cue(" ", "lie down", Signal.VOICE, "")).hasMessage("word must not be blank, was “ ”");
    }
}
