package cahier.core.exposure;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.core.Rehearsed;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/**
 * Made-up dogs whose threshold is known: where they are calm 8 times in 10. They are worked where the rule has them worked, from a tenth nearer than the threshold to half further.
 * The counts are the table of docs/rules.md 9.
 */
class SimulatedDogTest {

    private static final int SEEDS = 200;
    private static final double CLOSE_ENOUGH = 0.15;
    private static final double NEAREST = 0.9;
    private static final double FURTHEST = 1.5;

    /** A dog that turns within a few metres is found in nine of ten; one that turns slowly has no sharp threshold to find, and less often. */
    @Test
    void theTableSaysHowManyAreFound() throws IOException {
        List<String> table = new ArrayList<>();
        for (int steepness : new int[] {3, 4, 6, 8, 12}) {
            List<String> cells = new ArrayList<>();
            for (int threshold : new int[] {8, 15, 30}) {
                int found = found(steepness, threshold);
                assertThat(found).isGreaterThanOrEqualTo(steepness >= 6 ? SEEDS * 9 / 10 : SEEDS * 3 / 4);
                cells.add(Integer.toString(found));
            }
            table.add("| " + steepness + " | " + String.join(" | ", cells) + " |");
        }
        Rehearsed.rows("distances found", table);
    }

    static int found(double steepness, double threshold) {
        int found = 0;
        for (int seed = 0; seed < SEEDS; seed++) {
            WorkingDistance d = WorkingDistance.of(worked(new SplittableRandom(seed), steepness, threshold));
            if (d.curve().isPresent() && Math.abs(d.curve().get().workingMetres() / threshold - 1) <= CLOSE_ENOUGH) {
                found++;
            }
        }
        return found;
    }

    private static List<Exposure> worked(SplittableRandom random, double steepness, double threshold) {
        List<Exposure> all = new ArrayList<>();
        double level = Math.log(WorkingDistance.CALM / (1 - WorkingDistance.CALM));
        for (int i = 0; i < WorkingDistance.MOST; i++) {
            double metres = Math.round(10 * threshold * Math.exp(random.nextDouble(Math.log(NEAREST), Math.log(FURTHEST)))) / 10.0;
            double calm = 1 / (1 + Math.exp(-(level + steepness * Math.log(metres / threshold))));
            all.add(new Exposure(metres, random.nextDouble() < calm ? Response.PROMPTED : Response.STARED));
        }
        return all;
    }
}
