package cahier.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import org.junit.jupiter.api.Test;

class DatesTest {

    private static final ZoneId LONDON = ZoneId.of("Europe/London");

    @Test
    void anotherYearIsSaid() {
        LocalDate today = LocalDate.of(2026, 12, 30);
        assertThat(Dates.moment(Instant.parse("2026-12-12T09:15:00Z"), LONDON, today)).isEqualTo("Sat 12 Dec, 9:15");
        assertThat(Dates.moment(Instant.parse("2027-01-12T09:15:00Z"), LONDON, today)).isEqualTo("Tue 12 Jan 2027, 9:15");
        assertThat(Dates.moment(Instant.parse("2026-12-31T09:15:00Z"), LONDON, today)).isEqualTo("tomorrow, 9:15");
    }

    @Test
    void theTimeThereIsSaidWhereItDiffers() {
        Instant at = Instant.parse("2026-06-18T08:15:00Z");
        assertThat(Dates.there(at, LONDON, ZoneId.of("Europe/Paris"))).isEqualTo(", 10:15 there");
        assertThat(Dates.there(at, LONDON, ZoneId.of("Europe/Lisbon"))).as("the same clocks").isEmpty();
    }
}
