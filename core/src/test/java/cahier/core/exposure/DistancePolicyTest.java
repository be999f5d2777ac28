package cahier.core.exposure;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/**
 * Made-up dogs whose threshold is known, worked as the rule itself moves them: how soon there is an estimate, how near it is, and how often its interval holds the truth. The rows
 * are the table of docs/rules.md 9.
 */
class DistancePolicyTest {

    private static final double[] THRESHOLDS = {3, 5, 8, 12, 18, 27, 40};
    private static final double[] STEEPNESSES = {2, 3, 4, 6, 8, 12};
    private static final int DOGS = 20;
    private static final double CLOSE = 0.15;
    private static final int[] AFTER = {10, 20, 40, 150};

    /** What of the dogs there was after so many exposures. */
    private static final class Row {

        private int estimates;
        private int close;
        private int covered;

        void add(WorkingDistance said, double threshold) {
            said.curve().ifPresent(c -> {
                estimates++;
                close += Math.abs(c.curveMetres() / threshold - 1) <= CLOSE ? 1 : 0;
                covered += threshold >= c.lowMetres() && threshold <= c.highMetres() ? 1 : 0;
            });
        }

        String of(int exposures, int dogs) {
            return "| " + exposures + " | " + percent(estimates, dogs) + " | " + percent(close, dogs) + " | " + percent(covered, estimates) + " |";
        }

        private static String percent(int some, int all) {
            return Math.round(100.0 * some / all) + "%";
        }
    }

    @Test
    void thereIsAnEstimateSoonAndItsIntervalIsHonest() throws IOException {
        Row[] rows = {new Row(), new Row(), new Row(), new Row()};
        int dogs = 0;
        for (double threshold : THRESHOLDS) {
            for (double steepness : STEEPNESSES) {
                for (int i = 0; i < DOGS; i++) {
                    walk(new SplittableRandom(1000L * dogs + i), threshold, steepness, rows);
                    dogs++;
                }
            }
        }
        List<String> table = new ArrayList<>();
        for (int i = 0; i < AFTER.length; i++) {
            table.add(rows[i].of(AFTER[i], dogs));
            System.out.println(table.get(i));
        }
        assertThat(rows[0].estimates).isGreaterThanOrEqualTo(dogs * 95 / 100);
        assertThat(rows[2].close).isGreaterThanOrEqualTo(dogs * 45 / 100);
        assertThat(Files.readString(Path.of("..", "docs", "rules.md"))).contains(String.join("\n", table));
    }

    /** From up to half further than the threshold on, eight looks a day. */
    private static void walk(SplittableRandom random, double threshold, double steepness, Row[] rows) {
        double metres = Math.round(10 * threshold * (1 + random.nextDouble() / 2)) / 10.0;
        List<Exposure> all = new ArrayList<>();
        List<Response> since = new ArrayList<>();
        double level = Math.log(WorkingDistance.CALM / (1 - WorkingDistance.CALM));
        for (int n = 1; n <= AFTER[AFTER.length - 1]; n++) {
            double passed = Math.max(0.5, Math.round(10 * metres * (1 + 0.2 * (random.nextDouble() - 0.5))) / 10.0); // nobody passes exactly there
            boolean calm = random.nextDouble() < 1 / (1 + Math.exp(-(level + steepness * Math.log(passed / threshold))));
            Response answer = calm ? random.nextDouble() < 0.8 ? Response.UNPROMPTED : Response.PROMPTED : random.nextDouble() < 0.6 ? Response.STARED : Response.REACTED;
            all.add(new Exposure(passed, answer));
            since.add(answer);
            NextDistance next = NextDistance.of(metres, since, OptionalDouble.empty(), NextDistance.NEAREST);
            if (next.metres() != metres) {
                metres = next.metres();
                since.clear();
            }
            for (int i = 0; i < AFTER.length; i++) {
                if (n == AFTER[i]) {
                    rows[i].add(WorkingDistance.of(all.subList(Math.max(0, n - WorkingDistance.MOST), n)), threshold);
                }
            }
        }
    }
}
