package cahier.core.exposure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Made-up dogs whose threshold is known: where they are calm 8 times in 10. They are worked where the rule has them worked, from a tenth nearer than the threshold to half further.
 * The counts are the table of docs/rules.md 9.
 */
class SimulatedDogTest {

    private static final int SEEDS = 200;
    private static final double CLOSE_ENOUGH = 0.15;
    private static final double NEAREST = 0.9;
    private static final double FURTHEST = 1.5;

    @ParameterizedTest
    @CsvSource({"6, 8", "6, 15", "6, 30", "8, 8", "8, 15", "8, 30", "12, 8", "12, 15", "12, 30"})
    void aDogThatTurnsWithinAFewMetresIsFoundInNineOfTen(double steepness, double threshold) {
        assertThat(found(steepness, threshold)).isGreaterThanOrEqualTo(SEEDS * 9 / 10);
    }

    /** A dog that turns slowly is not found as well: it has no sharp threshold to find. That it is said is what keeps the table honest. */
    @ParameterizedTest
    @CsvSource({"3, 15"})
    void aDogThatTurnsSlowlyIsFoundLessOften(double steepness, double threshold) {
        assertThat(found(steepness, threshold)).isBetween(SEEDS / 2, SEEDS * 9 / 10);
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
