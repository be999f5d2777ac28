package cahier.core.probe;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.core.rep.Gap;
import java.util.EnumSet;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ProbeTest {

    @Test
    void difficultyIsTriedFirstThenValueThenUnderstandingThenContext() {
        EnumSet<Probe> all = EnumSet.allOf(Probe.class);
        assertThat(Probe.next(List.of(), all)).hasValue(Probe.PLACE);
        assertThat(Probe.next(List.of(Probe.PLACE), all)).hasValue(Probe.REWARD);
        assertThat(Probe.next(List.of(Probe.PLACE, Probe.REWARD), all)).hasValue(Probe.AID);
        assertThat(Probe.next(List.of(), EnumSet.of(Probe.CONTEXT, Probe.AID))).hasValue(Probe.AID);
        assertThat(Probe.next(all, all)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"8, 20, 5, 5, HELPED", "8, 20, 2, 5, SAME", "8, 20, 4, 4, RUNNING", "16, 20, 5, 5, SAME", "0, 20, 2, 5, HELPED", "0, 0, 5, 5, SAME", "10, 20, 0, 0, RUNNING"})
    void aTestHelpedWhenTheRateUnderItIsHigherAtNinetyInAHundred(int clean, int reps, int cleanUnder, int repsUnder, Probe.Reading reading) {
        assertThat(Probe.read(new Gap.Share("before", clean, reps), new Gap.Share("under", cleanUnder, repsUnder))).isEqualTo(reading);
    }
}
