package cahier.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.springframework.validation.BindingResult;
import org.springframework.validation.MapBindingResult;

class CheckTest {

    private enum Colour { RED, BLUE }

    private final BindingResult result = new MapBindingResult(Map.of(), "form");
    private final Check check = new Check(result);

    private String refusal(String field) {
        var error = result.getFieldError(field);
        return error == null ? "" : String.valueOf(error.getDefaultMessage());
    }

    @Test
    void goodValuesPassAndAreStripped() {
        assertThat(check.text("name", "  Pim ", 10)).isEqualTo("Pim");
        assertThat(check.optional("note", null, 10)).isEmpty();
        assertThat(check.whole("reps", " 8 ", 1, 100)).isEqualTo(8);
        assertThat(check.optionalWhole("age", " ", 0, 120)).isEqualTo(OptionalInt.empty());
        assertThat(check.optionalWhole("age", "9", 0, 120)).isEqualTo(OptionalInt.of(9));
        assertThat(check.measure("distance", "", Measures::metres)).isEqualTo(OptionalDouble.empty());
        assertThat(check.choice("colour", "BLUE", Colour.class)).isEqualTo(Colour.BLUE);
        assertThat(check.date("born", "2026-06-18")).isEqualTo(LocalDate.of(2026, 6, 18));
        assertThat(check.zone("zone", "Europe/London")).isEqualTo(ZoneId.of("Europe/London"));
        assertThat(result.hasErrors()).isFalse();
    }

    @Test
    void everyRefusalIsCollectedAndNamesTheValueAndWhatIsAllowed() {
        check.text("name", " ", 10);
        check.text("title", "x".repeat(11), 10);
        check.whole("reps", "ten", 1, 100);
        check.whole("minutes", "181", 1, 180);
        check.measure("distance", "far", Measures::metres);
        check.choice("colour", "GREEN", Colour.class);
        check.date("born", "18/6/2026");
        check.zone("zone", "London");
        assertThat(refusal("name")).isEqualTo("must not be empty");
        assertThat(refusal("title")).isEqualTo("must be at most 10 characters, was 11");
        assertThat(refusal("reps")).isEqualTo("must be a whole number from 1 to 100, was “ten”");
        assertThat(refusal("minutes")).isEqualTo("must be a whole number from 1 to 180, was “181”");
        assertThat(refusal("distance")).contains("was “far”");
        assertThat(refusal("colour")).isEqualTo("must be one of the choices, was “GREEN”");
        assertThat(refusal("born")).isEqualTo("must be a date such as 2026-06-18, was “18/6/2026”");
        assertThat(refusal("zone")).isEqualTo("must be a time zone such as Europe/London, was “London”");
    }
}
