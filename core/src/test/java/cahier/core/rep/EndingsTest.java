package cahier.core.rep;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Sessions that end flat or frustrated (f) or eager (e), oldest first. */
class EndingsTest {

    @ParameterizedTest
    @CsvSource({"'',", "fff,", "ffee,2 of 4", "feee,", "ffffff,6 of 6", "ffffffeeee,", "eeeeefff,3 of 6", "eeefff,3 of 6", "eeeeff,"})
    void halfOfTheLatestSixAreTooMany(String ended, String expect) {
        List<Boolean> poorly = ended.chars().mapToObj(c -> c == 'f').toList();
        assertThat(Endings.of(poorly).map(e -> e.poor() + " of " + e.of()).orElse(null)).isEqualTo(expect);
    }
}
