package cahier.core.pay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PaySheetTest {

    private static final int SHEETS = 3_000;
    private final RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(13);

    private static double meanOf(List<Integer> seconds) {
        return seconds.stream().mapToInt(i -> i).average().orElseThrow();
    }

    @Test
    void itsMeanLiesWithinFiveInAHundredOfWhatWasAskedForHoweverLongItIs() {
        for (int i = 0; i < SHEETS; i++) {
            int mean = random.nextInt(1, 121);
            int n = random.nextInt(1, 201);
            List<Integer> sheet = PaySheet.of(mean, 0.6, n, i).intervals();
            assertThat(sheet).as("mean %d of %d, seed %d", mean, n, i).hasSize(n);
            assertThat(meanOf(sheet)).as("mean %d of %d, seed %d", mean, n, i).isCloseTo(mean, within(0.05 * mean));
        }
    }

    @Test
    void everyIntervalLiesWithinTheSpread() {
        for (int i = 0; i < SHEETS; i++) {
            int mean = random.nextInt(2, 121);
            double spread = random.nextDouble(0.05, 1);
            int low = Math.max(1, Math.min(mean - 1, (int) Math.round(mean * (1 - spread))));
            int high = Math.max(mean + 1, (int) Math.round(mean * (1 + spread)));
            assertThat(PaySheet.of(mean, spread, 40, i).intervals()).as("mean %d, spread %s, seed %d", mean, spread, i).allMatch(s -> s >= low && s <= high);
        }
    }

    @Test
    void noThreeAreAlikeInARow() {
        for (int i = 0; i < SHEETS; i++) {
            int mean = random.nextInt(2, 61);
            List<Integer> sheet = PaySheet.of(mean, random.nextDouble(0.05, 1), 60, i).intervals();
            for (int j = 2; j < sheet.size(); j++) {
                assertThat(Set.copyOf(sheet.subList(j - 2, j + 1))).as("mean %d, seed %d, at %d of %s", mean, i, j, sheet).hasSizeGreaterThan(1);
            }
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {3, 8, 20, 60})
    void theSameSeedMakesTheSameSheetAndAnotherSeedAnotherOne(int mean) {
        Set<List<Integer>> sheets = new HashSet<>();
        for (long seed = 0; seed < 50; seed++) {
            PaySheet sheet = PaySheet.of(mean, 0.6, 30, seed);
            assertThat(PaySheet.of(mean, 0.6, 30, seed)).isEqualTo(sheet);
            sheets.add(sheet.intervals());
        }
        assertThat(sheets).hasSize(50);
    }

    @ParameterizedTest
    @CsvSource({"10, 4, 16", "30, 12, 48", "60, 24, 96"})
    void itSpreadsOverTheWholeRange(int mean, int low, int high) {
        Set<Integer> seen = new HashSet<>(PaySheet.of(mean, 0.6, 2_000, 7).intervals());
        assertThat(seen).hasSizeGreaterThan((high - low) * 9 / 10).allMatch(s -> s >= low && s <= high);
        double sd = Math.sqrt(PaySheet.of(mean, 0.6, 2_000, 7).intervals().stream().mapToDouble(s -> (s - mean) * (double) (s - mean)).average().orElseThrow());
        assertThat(sd).as("that of a uniform draw, 0.6 m / √3").isCloseTo(0.6 * mean / Math.sqrt(3), within(0.1 * mean));
    }

    @Test
    void whatComesNextCannotBeToldFromWhatCameBefore() {
        List<Integer> sheet = PaySheet.of(20, 0.6, 2_000, 3).intervals();
        double sum = 0;
        double squares = 0;
        for (int i = 1; i < sheet.size(); i++) {
            sum += (sheet.get(i) - 20) * (sheet.get(i - 1) - 20);
            squares += (sheet.get(i) - 20) * (sheet.get(i) - 20);
        }
        assertThat(sum / squares).isCloseTo(0, within(0.08));
    }

    @Test
    void theMeanClimbsFromThreeSecondsToAMinuteByHalfAsLongAgain() {
        assertThat(PaySheet.means()).containsExactly(3, 5, 10, 15, 20, 30, 45, 60);
        assertThat(PaySheet.after(8)).hasValue(10);
        assertThat(PaySheet.after(9)).hasValue(10);
        assertThat(PaySheet.after(60)).isEmpty();
    }

    @Test
    void whatIsNoSheetIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> PaySheet.of(0, 0.6, 5, 1)).withMessage("mean must be from 1 to 600, was 0");
        assertThatIllegalArgumentException().isThrownBy(() -> PaySheet.of(601, 0.6, 5, 1)).withMessage("mean must be from 1 to 600, was 601");
        assertThatIllegalArgumentException().isThrownBy(() -> PaySheet.of(5, 0.6, 0, 1)).withMessage("n must be from 1 to 10000, was 0");
        assertThatIllegalArgumentException().isThrownBy(() -> PaySheet.of(5, Double.NaN, 5, 1))
                .withMessage("spread must be more than 0 and at most 1, was NaN, for example 0.6");
        assertThatIllegalArgumentException().isThrownBy(() -> PaySheet.of(5, 1.5, 5, 1)).withMessageContaining("was 1.5");
    }
}
