package cahier.app.wording;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class WordingsTest {

    @ParameterizedTest
    @EnumSource(TextKind.class)
    void theUsualTextsFillInNothingThatIsUnknown(TextKind kind) {
        assertThat(Wording.unknown(kind.usual().subject() + kind.usual().body(), kind.names())).isEmpty();
        assertThat(kind.usual().body()).isNotBlank();
    }

    @Test
    void whatIsFilledInIsNeverReadForNamesAgain() {
        Wording filled = new Wording("For {name}", "{name}: {link}, {answer}").with(Map.of("name", "{answer}", "answer", "$1 \\ {link}"));
        assertThat(filled.subject()).isEqualTo("For {answer}");
        assertThat(filled.body()).isEqualTo("{answer}: {link}, $1 \\ {link}");
    }

    @Test
    void aSubjectStaysOnOneLine() {
        assertThat(new Wording("For {name}", "x").with(Map.of("name", "A\r\nBcc: b@c.example")).subject()).isEqualTo("For A Bcc: b@c.example");
    }

    @Test
    void unknownNamesAreToldAsTheyWereTyped() {
        assertThat(Wording.unknown("{nam} {dogs} {} {nam}", List.of("dogs"))).containsExactly("nam", "");
    }
}
