package cahier.core.exposure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

/** Walks from the door, and the honest count of looks. */
class OutAndBackTest {

    @Test
    void fivePacesFurtherThanItWasCalm() {
        assertThat(OutAndBack.after(40, OptionalInt.empty())).isEqualTo(new OutAndBack(40, 45, false));
        assertThat(OutAndBack.after(0, OptionalInt.of(100))).isEqualTo(new OutAndBack(0, 5, false));
    }

    @Test
    void theRoundIsProposedBeyondHalfOfIt() {
        assertThat(OutAndBack.after(80, OptionalInt.of(160)).round()).isFalse();
        assertThat(OutAndBack.after(81, OptionalInt.of(160)).round()).isTrue();
        assertThatIllegalArgumentException().isThrownBy(() -> OutAndBack.after(-1, OptionalInt.empty()));
        assertThatIllegalArgumentException().isThrownBy(() -> OutAndBack.after(1, OptionalInt.of(0)));
    }

    @Test
    void whatIsWrappedDoesNotReach() {
        assertThat(OutAndBack.leadReach(3, 0.5)).isEqualTo(2.5);
        assertThatIllegalArgumentException().isThrownBy(() -> OutAndBack.leadReach(1, 2)).withMessageContaining("2.0");
    }

    @Test
    void aDogThatAlwaysLooksByItselfTakesFiveLooksAStep() {
        LooksToCome c = LooksToCome.of(10, 9, own(0.5), 1, 0).orElseThrow();
        assertThat(c).isEqualTo(new LooksToCome(2, 10, 50));
        assertThat(LooksToCome.of(5, 10, Closer.usual(), 0, 0.5)).as("nearer than the goal already").contains(new LooksToCome(0, 0, 0));
        assertThat(LooksToCome.of(8, 8, Closer.usual(), 0.5, 0.5)).contains(new LooksToCome(0, 0, 0));
    }

    @Test
    void fiveInARowTakeLongerTheRarerTheyAre() {
        // 1/q + 1/q^2 + ... + 1/q^5 = 62 looks for five heads in a row
        assertThat(LooksToCome.of(10, 9.6, own(0.5), 0.5, 0.25)).contains(new LooksToCome(1, 62, 171));
        assertThat(LooksToCome.of(10, 5, Closer.usual(), 0, 1)).as("never by itself").isEmpty();
        assertThat(LooksToCome.of(10, 5, own(0.01), 1, 0)).as("a step lost in rounding").isEmpty();
        assertThatIllegalArgumentException().isThrownBy(() -> LooksToCome.of(10, 5, Closer.usual(), 0.8, 0.4));
        assertThatIllegalArgumentException().isThrownBy(() -> LooksToCome.of(0, 5, Closer.usual(), 0.8, 0.1));
    }

    @Test
    void theUsualStepIsTheRules() {
        int steps = 0;
        double at = 20;
        while (at > 8) {
            at = NextDistance.closer(at, Closer.usual(), NextDistance.NEAREST);
            steps++;
        }
        assertThat(LooksToCome.of(20, 8, Closer.usual(), 1, 0).orElseThrow().steps()).isEqualTo(steps);
    }

    private static Closer.BySteps own(double metres) {
        return new Closer.BySteps(OptionalDouble.of(metres));
    }
}
