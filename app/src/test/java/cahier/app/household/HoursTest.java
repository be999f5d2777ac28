package cahier.app.household;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HoursTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Mon-Fri 7:00-8:00, 18-20; Sat 10:00-12:00 | Mon-Fri 7:00-8:00, 18:00-20:00; Sat 10:00-12:00
            monday tuesday 9 - 10                     | Mon Tue 9:00-10:00
            17:30–19                                  | daily 17:30-19:00
            daily 0:00-24:00                          | daily 0:00-24:00
            Sat-Mon 8 to 9                            | Mon Sat Sun 8:00-9:00
            Sun 8-9; sun 8-9                          | Sun 8:00-9:00
            Wed 7.15-7.45                             | Wed 7:15-7:45
            """)
    void hoursAreReadAsPeopleWriteThemAndWrittenSoThatTheyReadAgain(String typed, String words) {
        assertThat(Hours.parse(typed).words()).isEqualTo(words);
        assertThat(Hours.parse(words)).isEqualTo(Hours.parse(typed));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Mon          | hours must say from when to when, such as Mon-Fri 18:00-20:00, was “Mon”
            Moon 9-10    | a day must be Mon, Tue, Wed, Thu, Fri, Sat, Sun, a row of them such as Mon-Fri, or daily, was “Moon” in “Moon 9-10”
            Mon 10-9     | hours must end after they begin, at 24:00 at the latest, was “10-9”
            Mon 9:70-10  | a time must be from 0:00 to 24:00, was “9:70-10”
            Mon 23-25    | a time must be from 0:00 to 24:00, was “23-25”
            evenings     | a day must be Mon, Tue, Wed, Thu, Fri, Sat, Sun, a row of them such as Mon-Fri, or daily, was “evenings” in “evenings”
            """)
    void whatCannotBeReadIsNamed(String typed, String why) {
        assertThatThrownBy(() -> Hours.parse(typed)).hasMessage(why);
    }

    @Test
    void tooLongALineIsRefused() {
        assertThatThrownBy(() -> Hours.parse("Mon 9-10;".repeat(40))).hasMessage("hours must be at most 300 characters, was 360");
    }

    @Test
    void nothingTypedIsNoHours() {
        assertThat(Hours.parse(" \n; ").isEmpty()).isTrue();
    }

    @Test
    void aDayHasItsOwn() {
        assertThat(Hours.parse("Thu 9-10; Fri 9-10").on(LocalDate.of(2026, 6, 18))).singleElement().satisfies(s -> assertThat(s.from()).isEqualTo(540));
    }
}
