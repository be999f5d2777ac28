package cahier.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class MeasuresTest {

    @ParameterizedTest
    @CsvSource({"1.5 m, 1.5", "15 meters, 15", "1 metre, 1", "6 feet, 1.8288", "10 in, 0.254", "2 yards, 1.8288", "'1,5 m', 1.5", "150cm, 1.5", "5 ft, 1.524", "2 yd, 1.8288", "0, 0", "1000 m, 1000"})
    void distancesBecomeMetres(String typed, double metres) {
        assertThat(Measures.metres(typed)).isCloseTo(metres, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"5 s, 5", "2:30, 150", "0:05, 5", "10 minutes, 600", "5 secs, 5", "0, 0", "2 min, 120", "1.5 min, 90", "4 h, 14400", "1 min 30 s, 90", "2\u00a0min 5\u00a0s, 125", "15\u00a0min, 900"})
    void timesBecomeSeconds(String typed, double seconds) {
        assertThat(Measures.seconds(typed)).isCloseTo(seconds, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"8.4, 8400", "8.4 kg, 8400", "8 kilos, 8000", "8400 g, 8400", "18.5 lb, 8391.458845"})
    void weightsBecomeGrams(String typed, double grams) {
        assertThat(Measures.grams(typed)).isCloseTo(grams, within(1e-6));
    }

    @ParameterizedTest
    @ValueSource(strings = {"far", "-1 m", "1001 m", "3 miles", "1 m 20", "1e3", "NaN", "٣ m"})
    void whatIsNoDistanceIsNamed(String typed) {
        assertThatThrownBy(() -> Measures.metres(typed)).hasMessage(
                "must be a distance from 0 to 1000 m, for example 1.5 m or 5 ft, was “" + typed + "”");
    }

    @Test
    void aNumberAloneIsAskedForItsUnit() {
        assertThatThrownBy(() -> Measures.metres("15")).hasMessage("must say its unit: 15\u00a0m or 15\u00a0ft?");
        assertThatThrownBy(() -> Measures.seconds("1,5")).hasMessage("must say its unit: 1,5\u00a0s or 1,5\u00a0min?");
        assertThatThrownBy(() -> Measures.seconds("2:75")).hasMessageStartingWith("must be a time");
    }

    @Test
    void aWeightOutsideTheRangeIsNamed() {
        assertThatThrownBy(() -> Measures.grams("300 kg")).hasMessage("must be a weight from 0.2 to 120 kg, for example 8.4 kg or 18.5 lb, was “300 kg”");
    }

    @Test
    void measuresAreWrittenMetricFirstWithUnitsThatStayTogether() {
        assertThat(Measures.distance(1)).isEqualTo("1\u00a0m (3\u00a0ft)");
        assertThat(Measures.distance(0.1)).isEqualTo("0.1\u00a0m (4\u00a0in)");
        assertThat(Measures.weight(8400)).isEqualTo("8.4\u00a0kg (18.5\u00a0lb)");
        assertThat(Measures.duration(5)).isEqualTo("5\u00a0s");
        assertThat(Measures.duration(90)).isEqualTo("1\u00a0min 30\u00a0s");
        assertThat(Measures.duration(120)).isEqualTo("2\u00a0min");
    }

    @Test
    void momentsAreSaidInTheHouseholdsZone() {
        ZoneId london = ZoneId.of("Europe/London");
        LocalDate today = LocalDate.of(2026, 6, 18);
        assertThat(Dates.moment(Instant.parse("2026-06-18T08:15:00Z"), london, today)).isEqualTo("today, 9:15");
        assertThat(Dates.moment(Instant.parse("2026-06-17T23:30:00Z"), london, today)).isEqualTo("today, 0:30");
        assertThat(Dates.moment(Instant.parse("2026-06-17T20:00:00Z"), london, today)).isEqualTo("yesterday, 21:00");
        assertThat(Dates.moment(Instant.parse("2026-06-19T08:00:00Z"), london, today)).isEqualTo("tomorrow, 9:00");
        assertThat(Dates.moment(Instant.parse("2026-06-19T08:00:00Z"), ZoneId.of("Pacific/Auckland"), today)).isEqualTo("tomorrow, 20:00");
        assertThat(Dates.moment(Instant.parse("2026-06-21T08:00:00Z"), london, today)).isEqualTo("Sun 21 Jun, 9:00");
        assertThat(Dates.longDate(today)).isEqualTo("Thursday 18 June");
        assertThat(Dates.shortDate(today)).isEqualTo("18 Jun");
        assertThat(Dates.input(Instant.parse("2026-06-18T08:15:00Z"), london)).isEqualTo("2026-06-18T09:15");
    }
}
