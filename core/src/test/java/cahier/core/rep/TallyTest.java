package cahier.core.rep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class TallyTest {

    @Test
    void everyRepThatWasCountedIsThereAndNoRunIsLongerThanItMustBe() {
        Random random = new Random(1);
        for (int i = 0; i < 2000; i++) {
            int clean = random.nextInt(30);
            int helped = random.nextInt(6);
            int missed = random.nextInt(6);
            int tooMuch = random.nextInt(3);
            List<Outcome> order = Tally.inAnyOrder(clean, helped, missed, tooMuch);
            assertThat(Collections.frequency(order, Outcome.CLEAN)).isEqualTo(clean);
            assertThat(Collections.frequency(order, Outcome.HELPED)).isEqualTo(helped);
            assertThat(Collections.frequency(order, Outcome.MISSED)).isEqualTo(missed);
            assertThat(Collections.frequency(order, Outcome.TOO_MUCH)).isEqualTo(tooMuch);
            int others = helped + missed + tooMuch;
            assertThat(longestRun(order)).as(order.toString()).isEqualTo((clean + others) / (others + 1));
        }
    }

    private static int longestRun(List<Outcome> order) {
        int longest = 0;
        int run = 0;
        for (Outcome outcome : order) {
            run = outcome == Outcome.CLEAN ? run + 1 : 0;
            longest = Math.max(longest, run);
        }
        return longest;
    }

    @Test
    void aCountBelowNothingIsRefused() {
        assertThatThrownBy(() -> Tally.inAnyOrder(3, 0, -1, 0)).hasMessage("a count must be 0 or more, was -1");
    }
}
