package cahier.core.naming;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import cahier.core.rep.Outcome;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NamingGateTest {

    private static List<Outcome> reps(String letters) {
        return letters.chars().mapToObj(c -> switch (c) {
            case 'c' -> Outcome.CLEAN;
            case 'h' -> Outcome.HELPED;
            case 'm' -> Outcome.MISSED;
            default -> Outcome.TOO_MUCH;
        }).toList();
    }

    @ParameterizedTest
    @CsvSource({"cccccccccc, 0.8, true", "ccccccccmm, 0.8, true", "cccccccmmm, 0.8, false", "cccccccccm, 0.9, true", "ccccccccmh, 0.9, false",
        "ccccccccc, 0.8, false", "mmmmmcccccccccc, 0.9, true", "ccccccccccmmmcccc, 0.8, false", "'', 0.8, false"})
    void aNamedStepOpensWhenTheLastTenWithoutTheWordHoldTheBar(String letters, double bar, boolean open) {
        assertThat(NamingGate.before(reps(letters), bar).isOpen()).isEqualTo(open);
    }

    @Test
    void theGateTellsWhatItCounted() {
        assertThat(NamingGate.before(reps("mmcccccccchh"), 0.9)).isEqualTo(new NamingGate(8, 10, 9));
        assertThat(NamingGate.before(reps("cc"), 0.8)).isEqualTo(new NamingGate(2, 2, 8));
    }

    @Test
    void aSchoolThatNamesEarlyHasNoGate() {
        assertThat(NamingGate.early().isOpen()).isTrue();
    }

    @Test
    void oneMoreCleanNeverShutsTheGate() {
        for (int clean = 0; clean <= 10; clean++) {
            List<Outcome> reps = new ArrayList<>(Collections.nCopies(clean, Outcome.CLEAN));
            reps.addAll(Collections.nCopies(10 - clean, Outcome.MISSED));
            boolean before = NamingGate.before(reps, 0.8).isOpen();
            reps.add(0, Outcome.CLEAN);
            reps.remove(reps.size() - 1);
            assertThat(!before || NamingGate.before(reps, 0.8).isOpen()).isTrue();
        }
    }

    @ParameterizedTest
    @CsvSource({"ccccc, false", "mcccc, false", "mcccm, true", "hcthc, true", "m, false", "mh, true", "mmccccc, false", "mmcccc, false", "mmccc, true", "'', false"})
    void onceNamedTwoOfFiveThatAreNotCleanRestTheWord(String letters, boolean rests) {
        assertThat(NamingGate.wordRests(reps(letters))).isEqualTo(rests);
    }

    @Test
    void aBarThatIsNoShareIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> NamingGate.before(List.of(), 8)).withMessage("bar must be from 0 to 1, was 8.0, for example 0.8");
        assertThatIllegalArgumentException().isThrownBy(() -> NamingGate.before(List.of(), Double.NaN)).withMessageContaining("was NaN");
    }
}
