package cahier.core.pay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class PayoffsTest {

    @Test
    void noKindComesMoreThanTwiceRunning() {
        for (long seed = 0; seed < 500; seed++) {
            List<Payoff> drawn = Payoffs.draw(Map.of(Payoff.FOOD, 20, Payoff.TOY, 1), 60, seed);
            for (int i = 2; i < drawn.size(); i++) {
                assertThat(new HashSet<>(drawn.subList(i - 2, i + 1))).as("seed %d at %d", seed, i).hasSizeGreaterThan(1);
            }
        }
    }

    @Test
    void theSameSeedDrawsTheSame() {
        Set<List<Payoff>> lists = new HashSet<>();
        for (long seed = 0; seed < 20; seed++) {
            List<Payoff> drawn = Payoffs.draw(EnumSet.allOf(Payoff.class), 30, seed);
            assertThat(Payoffs.draw(EnumSet.allOf(Payoff.class), 30, seed)).isEqualTo(drawn);
            lists.add(drawn);
        }
        assertThat(lists).hasSize(20);
    }

    @Test
    void theHeavierKindIsDrawnMoreOften() {
        List<Payoff> drawn = Payoffs.draw(Map.of(Payoff.FOOD, 2, Payoff.TOY, 1, Payoff.FREE, 1, Payoff.SCATTERED, 1), 10_000, 5);
        double food = drawn.stream().filter(p -> p == Payoff.FOOD).count() / 10_000.0;
        double toy = drawn.stream().filter(p -> p == Payoff.TOY).count() / 10_000.0;
        assertThat(food).as("two in five, a little less because of the ban on three").isCloseTo(0.375, within(0.02));
        assertThat(toy).isCloseTo(0.208, within(0.02));
    }

    @Test
    void oneKindAloneIsNoMix() {
        assertThatIllegalArgumentException().isThrownBy(() -> Payoffs.draw(List.of(Payoff.TOY, Payoff.TOY), 3, 1)).withMessage("weights must hold 2 kinds or more, were 1");
        assertThatIllegalArgumentException().isThrownBy(() -> Payoffs.draw(Map.of(Payoff.TOY, 1, Payoff.FOOD, 0), 3, 1)).withMessage("weights must be 1 or more, were {FOOD=0, TOY=1}");
    }

    @Test
    void aLeadThatEndsMoreThanOneOutingInFiveHasComeToMeanTheEnd() {
        assertThat(new LeadClips(10, 2).meansTheEnd()).isFalse();
        assertThat(new LeadClips(10, 3).meansTheEnd()).isTrue();
        assertThat(new LeadClips(10, 3).moreToMend()).isEqualTo(5);
        assertThat(new LeadClips(15, 3).meansTheEnd()).isFalse();
        assertThat(new LeadClips(10, 2).moreToMend()).isZero();
        assertThat(new LeadClips(0, 0).share()).isEmpty();
        assertThat(new LeadClips(0, 0).meansTheEnd()).isFalse();
        assertThat(new LeadClips(4, 1).share()).hasValue(0.25);
        assertThatIllegalArgumentException().isThrownBy(() -> new LeadClips(1, 2)).withMessage("home must be from 0 to on, were home 2 and on 1");
    }
}
