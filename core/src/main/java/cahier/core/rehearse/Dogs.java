package cahier.core.rehearse;

import cahier.core.rep.Outcome;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.DoubleStream;

/**
 * Made-up dogs to rehearse a plan with: usual ones, or such as would have done what a real one did (docs/rules.md 40). Each of many is walked through the real log, rep by rep with the
 * outcome that was tapped; those to whom it was likely are drawn more often.
 */
final class Dogs {

    private static final int CANDIDATES = 600;
    /** Fewer different dogs than these say less than is known: then the log weighs less. */
    private static final double FEWEST = 25;
    private static final double COOLER = 0.7;
    private static final double TINY = 1e-6;

    private Dogs() {
    }

    /** One of them, as it stands today. */
    record Start(Traits traits, Dog dog) {

        /** The same once more, so that it can be walked again. */
        Dog fresh() {
            return new Dog(dog);
        }
    }

    /**
     * So many dogs, the same for the same seed.
     *
     * @param past what the real one did, in any order; empty for usual dogs
     */
    static List<Start> like(List<Past> past, double excitable, int many, long seed) {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        List<Start> candidates = new ArrayList<>();
        List<Double> likely = new ArrayList<>();
        List<Past> ordered = past.stream().sorted(Comparator.comparingInt(Past::daysBefore).reversed()).toList();
        for (int i = 0; i < (past.isEmpty() ? many : CANDIDATES); i++) {
            Traits traits = Traits.any(Traits.Failure.MODERATE, excitable, random);
            Dog dog = new Dog(traits);
            likely.add(walked(dog, ordered));
            candidates.add(new Start(traits, dog));
        }
        return past.isEmpty() ? candidates : drawn(candidates, weights(likely), many, random);
    }

    /** The logarithm of how likely what was tapped was for this dog, which has then learnt from it. */
    private static double walked(Dog dog, List<Past> past) {
        double likely = 0;
        for (int i = 0; i < past.size(); i++) {
            Past session = past.get(i);
            dog.begin(session.place(), session.handicap(), 0);
            for (Outcome outcome : session.outcomes()) {
                double chance = dog.chance(session.level());
                likely += Math.log(Math.max(TINY, outcome == Outcome.CLEAN ? chance : 1 - chance));
                dog.learn(chance, outcome);
            }
            int nights = session.daysBefore() - (i + 1 < past.size() ? past.get(i + 1).daysBefore() : 0);
            for (int night = 0; night < nights; night++) {
                dog.night(night == 0);
            }
        }
        return likely;
    }

    /** Weights that sum to 1, flatter where only a handful of dogs would be left. */
    private static double[] weights(List<Double> likely) {
        double most = likely.stream().mapToDouble(Double::doubleValue).max().orElseThrow();
        for (double heat = 1; ; heat *= COOLER) {
            double power = heat;
            double[] weights = likely.stream().mapToDouble(l -> Math.exp(power * (l - most))).toArray();
            double sum = DoubleStream.of(weights).sum();
            double squares = DoubleStream.of(weights).map(w -> w * w / (sum * sum)).sum();
            if (1 / squares >= FEWEST) {
                return DoubleStream.of(weights).map(w -> w / sum).toArray();
            }
        }
    }

    private static List<Start> drawn(List<Start> candidates, double[] weights, int many, RandomGenerator random) {
        List<Start> drawn = new ArrayList<>();
        double at = random.nextDouble() / many;
        double until = weights[0];
        int i = 0;
        for (int n = 0; n < many; n++) {
            while (until < at + (double) n / many && i < weights.length - 1) {
                until += weights[++i];
            }
            drawn.add(candidates.get(i));
        }
        return drawn;
    }
}
