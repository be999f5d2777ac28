package cahier.core.week;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HeatTest {

    @ParameterizedTest
    @CsvSource({"23.9, false", "24, true", "35, true", "-5, false"})
    void from24DegreesOnNothingIsPractisedOutdoors(double celsius, boolean tooMuch) {
        assertThat(Heat.isTooMuch(celsius)).isEqualTo(tooMuch);
        assertThat(Heat.WORDS).isEqualTo("24\u00a0°C or more");
    }
}
