package cahier.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class DaysTest {

    private static final int MANY = 4000;

    private final RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(5);

    @Test
    void daysLikeThoseSeenAreOnAverageAsTheyWere() {
        double mean = IntStream.range(0, MANY).mapToDouble(i -> Days.like(List.of(0, 8, 0, 16), random).next(random)).average().orElseThrow();
        assertThat(mean).isCloseTo(6, within(0.4));
        long last = IntStream.range(0, MANY).filter(i -> Days.like(List.of(0, 8, 0, 16), random).next(random) == 16).count();
        assertThat(last / (double) MANY).as("each as likely as another").isCloseTo(0.25, within(0.03));
    }

    /** The guide is only quicker: each point falls on the day it would fall on if all were looked through. */
    @Test
    void whatIsDrawnFallsOnTheFirstDayWhoseShareReachesIt() {
        for (int n = 1; n <= 21; n++) {
            Days days = Days.like(IntStream.range(0, n).boxed().toList(), random);
            double[] until = days.until();
            DoubleStream.concat(Arrays.stream(until).limit(n - 1L), IntStream.range(0, 640).mapToDouble(i -> i / 640.0))
                    .forEach(point -> assertThat(days.next(drawing(point))).as("%s of %s", point, Arrays.toString(until)).isEqualTo(first(until, point)));
            assertThat(days.from()).containsExactly(IntStream.range(0, 32).map(part -> first(until, part / 32.0)).toArray());
        }
    }

    private static int first(double[] until, double point) {
        int day = 0;
        while (day < until.length - 1 && until[day] <= point) {
            day++;
        }
        return day;
    }

    private static RandomGenerator drawing(double point) {
        return new RandomGenerator() {

            @Override
            public long nextLong() {
                throw new UnsupportedOperationException();
            }

            @Override
            public double nextDouble() {
                return point;
            }
        };
    }

    @Test
    void theSharesDifferFromRunToRunAsASampleDoes() {
        double[] shares = IntStream.range(0, 500).mapToDouble(i -> {
            Days days = Days.like(List.of(8, 0), random);
            return IntStream.range(0, 200).filter(n -> days.next(random) == 8).count() / 200.0;
        }).toArray();
        assertThat(IntStream.range(0, shares.length).filter(i -> shares[i] < 0.1).count()).as("of a flat share a tenth lies under a tenth").isBetween(25L, 80L);
        assertThat(IntStream.range(0, shares.length).filter(i -> shares[i] > 0.9).count()).isBetween(25L, 80L);
    }

    @Test
    void whileHardlyAnythingIsKnownItIsPractisedOnThreeDaysOfFive() {
        double mean = IntStream.range(0, MANY).mapToDouble(i -> Days.unknown(10, random).next(random)).average().orElseThrow();
        assertThat(mean).isCloseTo(6, within(0.3));
        double[] shares = IntStream.range(0, 500).mapToDouble(i -> Days.unknown(10, random).until()[0]).toArray();
        double spread = Math.sqrt(IntStream.range(0, shares.length).mapToDouble(i -> (shares[i] - 0.6) * (shares[i] - 0.6)).average().orElseThrow());
        assertThat(spread).as("Beta(3, 2)").isCloseTo(0.2, within(0.02));
    }
}
