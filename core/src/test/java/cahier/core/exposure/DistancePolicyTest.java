package cahier.core.exposure;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.core.Rehearsed;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/**
 * Made-up dogs whose threshold is known, worked as the rule itself moves them: how soon there is an estimate, how near it is, how often its interval holds the truth, and what
 * being led by it costs. The rows are the tables of docs/rules.md 9.
 */
class DistancePolicyTest {

    private static final double[] THRESHOLDS = {3, 5, 8, 12, 18, 27, 40};
    private static final double[] STEEPNESSES = {2, 3, 4, 6, 8, 12};
    private static final int DOGS = 20;
    private static final double CLOSE = 0.15;
    private static final int[] AFTER = {10, 20, 40, 150};
    private static final double LEVEL = Math.log(WorkingDistance.CALM / (1 - WorkingDistance.CALM));

    /** What of the dogs there was after so many exposures. */
    private static final class Row {

        private int dogs;
        private int estimates;
        private int close;
        private int covered;
        private int met;
        private int reacted;
        private double worked;

        void add(Dog dog, Steepness usual, Thresholds grid) {
            dogs++;
            met += dog.met.size();
            reacted += dog.met.stream().filter(e -> e.response() == Response.REACTED).count();
            worked += dog.metres / dog.threshold;
            WorkingDistance.of(dog.lately(), usual, grid).curve().ifPresent(c -> {
                estimates++;
                close += Math.abs(c.curveMetres() / dog.threshold - 1) <= CLOSE ? 1 : 0;
                covered += dog.threshold >= c.lowMetres() && dog.threshold <= c.highMetres() ? 1 : 0;
            });
        }

        String of(String name) {
            return "| " + name + " | " + percent(estimates, dogs) + " | " + percent(close, dogs) + " | " + percent(covered, estimates) + " |";
        }

        /** The same, with where they worked and how often they reacted on the way. */
        String led(String name) {
            return of(name) + String.format(Locale.ROOT, " %.2f | %.1f |", worked / dogs, 100.0 * reacted / met);
        }

        private static String percent(int some, int all) {
            return Math.round(100.0 * some / all) + "%";
        }
    }

    /** One that does not learn, worked from up to half further than its threshold; nobody passes exactly where they should. */
    private static final class Dog {

        private final SplittableRandom random;
        private final double threshold;
        private final double steepness;
        private final List<Exposure> met = new ArrayList<>();
        private final List<Response> since = new ArrayList<>();
        private double metres;

        Dog(SplittableRandom random, double threshold, double steepness) {
            this.random = random;
            this.threshold = threshold;
            this.steepness = steepness;
            this.metres = Math.round(10 * threshold * (1 + random.nextDouble() / 2)) / 10.0;
        }

        void meet(Closer closer) {
            double passed = Math.max(0.5, Math.round(10 * metres * (1 + 0.2 * (random.nextDouble() - 0.5))) / 10.0);
            boolean calm = random.nextDouble() < 1 / (1 + Math.exp(-(LEVEL + steepness * Math.log(passed / threshold))));
            Response answer = calm ? random.nextDouble() < 0.8 ? Response.UNPROMPTED : Response.PROMPTED : random.nextDouble() < 0.6 ? Response.STARED : Response.REACTED;
            met.add(new Exposure(passed, answer));
            since.add(answer);
            NextDistance next = NextDistance.of(metres, since, closer, NextDistance.NEAREST, this::lately);
            if (next.metres() != metres) {
                metres = next.metres();
                since.clear();
            }
        }

        List<Exposure> lately() {
            return met.subList(Math.max(0, met.size() - WorkingDistance.MOST), met.size());
        }
    }

    /** The 42 cells. */
    private static List<Dog> dogs() {
        List<Dog> dogs = new ArrayList<>();
        for (double threshold : THRESHOLDS) {
            for (double steepness : STEEPNESSES) {
                for (int i = 0; i < DOGS; i++) {
                    dogs.add(new Dog(new SplittableRandom(1000L * dogs.size() + i), threshold, steepness));
                }
            }
        }
        return dogs;
    }

    private static Row[] rows(Closer closer) {
        Row[] rows = {new Row(), new Row(), new Row(), new Row()};
        Thresholds grid = WorkingDistance.grid(Steepness.USUAL);
        for (Dog dog : dogs()) {
            for (int i = 0; i < AFTER.length; i++) {
                while (dog.met.size() < AFTER[i]) {
                    dog.meet(closer);
                }
                rows[i].add(dog, Steepness.USUAL, grid);
            }
        }
        return rows;
    }

    @Test
    void thereIsAnEstimateSoonAndItsIntervalIsHonest() throws IOException {
        Row[] usual = rows(Closer.usual());
        Row[] led = rows(new Closer.Led(Steepness.USUAL));
        List<String> table = new ArrayList<>();
        for (int i = 0; i < AFTER.length; i++) {
            table.add(usual[i].led(AFTER[i] + ", as it comes closer by itself"));
            table.add(led[i].led(AFTER[i] + ", led by the estimate"));
        }
        assertThat(usual[0].estimates).isGreaterThanOrEqualTo(usual[0].dogs * 95 / 100);
        assertThat(usual[2].close).isGreaterThanOrEqualTo(usual[2].dogs * 45 / 100);
        Rehearsed.rows("distances worked", table);
    }

    /** A practice whose dogs turn alike: what it has learnt from the first of them, tried on others. */
    @Test
    void aPracticeLearnsHowSharplyItsDogsTurn() throws IOException {
        List<String> table = new ArrayList<>();
        for (int median : new int[] {3, 5, 8}) {
            for (int known : new int[] {0, 20}) {
                Row row = new Row();
                double learnt = 0;
                for (int practice = 0; practice < 20; practice++) {
                    SplittableRandom random = new SplittableRandom(100L * median + practice);
                    Steepness usual = Steepness.learnt(practice(random, median, known).stream().map(Dog::lately).toList());
                    Thresholds grid = WorkingDistance.grid(usual);
                    learnt += Math.log(usual.median()) / 20;
                    practice(random.split(), median, 20).forEach(dog -> row.add(dog, usual, grid));
                }
                table.add(row.of(String.format(Locale.ROOT, "%d | %d | %.1f", median, known, Math.exp(learnt))));
            }
        }
        Rehearsed.rows("steepness", table);
    }

    /** Each after 40 exposures. */
    private static List<Dog> practice(SplittableRandom random, int median, int dogs) {
        List<Dog> all = new ArrayList<>();
        for (int i = 0; i < dogs; i++) {
            SplittableRandom own = random.split();
            Dog dog = new Dog(own, THRESHOLDS[own.nextInt(THRESHOLDS.length)], median * Math.exp(0.4 * own.nextGaussian()));
            for (int n = 0; n < WorkingDistance.MOST; n++) {
                dog.meet(Closer.usual());
            }
            all.add(dog);
        }
        return all;
    }
}
