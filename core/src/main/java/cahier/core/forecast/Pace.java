package cahier.core.forecast;

import java.util.List;
import java.util.random.RandomGenerator;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * How many more reps than usual this dog needs for a step, as far as its passed steps tell (docs/rules.md 8): the logarithm of spent over usual is normal,
 * mean and variance unknown, with a normal-inverse-gamma prior.
 *
 * @param mu location of the predictive Student t
 * @param kappa how many steps the location is worth
 * @param alpha half its degrees of freedom
 * @param beta scale of the variance
 */
public record Pace(double mu, double kappa, double alpha, double beta) {

    /** Before anything is known of a practice: what made-up dogs need (section 40), three times the baseline of section 8, give or take as much again. */
    public static final Pace MADE_UP = new Pace(1.2, 8, 3, 1.5);

    private static final NormalDistribution NORMAL = NormalDistribution.of(0, 1);
    /** Beyond this no figure says more than that it takes longer. */
    private static final double LEAST_SHARE = 1e-300;

    /**
     * What is known after these.
     *
     * @param logRatios of each passed step ln(reps spent / usual reps)
     */
    public Pace after(List<Double> logRatios) {
        int n = logRatios.size();
        if (n == 0) {
            return this;
        }
        double mean = logRatios.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
        double squares = logRatios.stream().mapToDouble(x -> (x - mean) * (x - mean)).sum();
        double off = mean - mu;
        return new Pace((kappa * mu + n * mean) / (kappa + n), kappa + n, alpha + n / 2.0, beta + squares / 2 + kappa * n * off * off / (2 * (kappa + n)));
    }

    /** Degrees of freedom of the predictive Student t. */
    public double df() {
        return 2 * alpha;
    }

    /** Its scale. */
    public double scale() {
        return Math.sqrt(beta * (kappa + 1) / (alpha * kappa));
    }

    /** A mean and a variance that this dog may have: drawn once a run, so that a slow dog is slow on every step of it. */
    Draw draw(RandomGenerator random) {
        double squares = 0;
        for (int i = 0; i < df(); i++) {
            double normal = random.nextGaussian();
            squares += normal * normal; // chi-squared: whole degrees of freedom, and quicker than its inverse
        }
        double variance = 2 * beta / squares;
        return new Draw(mu + Math.sqrt(variance / kappa) * random.nextGaussian(), Math.sqrt(variance));
    }

    /** One dog it may be. */
    record Draw(double mean, double sd) {

        /** P(a step takes it more than so many times the usual reps); 1 for none. */
        double notYet(double times) {
            return times <= 0 ? 1 : NORMAL.survivalProbability((Math.log(times) - mean) / sd);
        }

        /** How many times the usual reps a step takes it of which it is known that it takes more than so many. */
        double factorOver(double times, RandomGenerator random) {
            double share = notYet(times);
            return share < LEAST_SHARE ? times : Math.exp(mean + sd * NORMAL.inverseSurvivalProbability(share * (1 - random.nextDouble())));
        }

        /** How many times the usual reps a step takes it. */
        double factor(RandomGenerator random) {
            return Math.exp(mean + sd * random.nextGaussian());
        }
    }
}
