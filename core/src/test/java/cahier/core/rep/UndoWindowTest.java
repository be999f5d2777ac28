package cahier.core.rep;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class UndoWindowTest {

    private static final Instant TAPPED = Instant.parse("2026-06-18T18:30:00Z");

    @ParameterizedTest
    @CsvSource({"TOO_MUCH, 0, true", "TOO_MUCH, 60, true", "TOO_MUCH, 61, false", "TOO_MUCH, -5, true", "CLEAN, 61, true", "MISSED, 86400, true"})
    void onlyWhatWasTooMuchStaysAfterAMinute(Outcome outcome, long seconds, boolean open) {
        assertThat(UndoWindow.isOpen(outcome, TAPPED, TAPPED.plusSeconds(seconds))).isEqualTo(open);
    }
}
