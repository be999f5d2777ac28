package cahier.core.exposure;

import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

/**
 * How near a dog can work to a trigger, as far as its exposures tell (docs/rules.md 9).
 *
 * @param exposures what it was fitted to, oldest first
 * @param curve the estimate; empty when there is none
 * @param why why there is none; empty when there is one
 */
public record WorkingDistance(List<Exposure> exposures, Optional<Curve> curve, Optional<Why> why) {

    /** At most so many, the latest, are looked at. */
    public static final int MOST = 40;
    /** None older than this. */
    public static final int DAYS = 60;
    /** The same as a time. */
    public static final Duration LATELY = Duration.ofDays(DAYS);
    /** The share of calm answers at the working distance. */
    public static final double CALM = 0.8;

    /** With fewer there is no estimate. */
    public static final int FEWEST = 6;
    /** Further than so many times the farthest that was tried, an estimate says only that it lies further off. */
    public static final double BEYOND = 1.5;
    private static final double LOW = 0.1;
    private static final int STEEPNESSES = 13;
    private static final double WIDE = 3;
    private static final int CALM_IN_A_ROW = 5;
    private static final double ALIKE = 0.1;

    /** Why there is no estimate yet. */
    public enum Why {
        TOO_FEW
    }

    /**
     * What is believed: logit P(calm) = logit {@link #CALM} + steepness x ln(metres / curveMetres).
     *
     * @param steepness how sharply the dog turns, above 0
     * @param curveMetres where it is calm {@link #CALM} of the time: half of what is believed lies nearer
     * @param workingMetres that, but never nearer than the nearest calm exposure, and never beyond {@link #BEYOND} times the farthest tried
     * @param held whether the nearest calm exposure holds it
     * @param beyond whether it lies further off than anything that was tried tells: then it is at least {@code workingMetres}
     * @param lowMetres a tenth of what is believed lies nearer
     * @param highMetres and a tenth further
     */
    public record Curve(double steepness, double curveMetres, double workingMetres, boolean held, boolean beyond, double lowMetres, double highMetres) {

        /** P(calm) at a distance above 0. */
        public double calmAt(double metres) {
            return logistic(Thresholds.LOGIT + steepness * Math.log(metres / curveMetres));
        }
    }

    public WorkingDistance {
        exposures = List.copyOf(exposures);
    }

    /** Reads what is given, oldest first: the latest {@link #MOST} of the last {@link #DAYS} days, which whoever calls picks. */
    public static WorkingDistance of(List<Exposure> exposures) {
        return of(exposures, Steepness.USUAL);
    }

    /** The same with what is known of how sharply dogs turn. */
    public static WorkingDistance of(List<Exposure> exposures, Steepness usual) {
        return of(exposures, usual, grid(usual));
    }

    /** The same on a grid that was made already. */
    static WorkingDistance of(List<Exposure> exposures, Steepness usual, Thresholds grid) {
        return exposures.size() < FEWEST ? new WorkingDistance(exposures, Optional.empty(), Optional.of(Why.TOO_FEW))
                : new WorkingDistance(exposures, Optional.of(curve(exposures, usual, grid)), Optional.empty());
    }

    /** The steepnesses that are weighed. */
    static Thresholds grid(Steepness usual) {
        return new Thresholds(IntStream.range(0, STEEPNESSES).mapToDouble(b -> usual.median() * Math.exp(usual.sd() * off(b))).toArray());
    }

    /** In standard deviations from the middle one. */
    private static double off(int b) {
        return WIDE * (2.0 * b / (STEEPNESSES - 1) - 1);
    }

    /** Each threshold and each steepness of a grid, as likely as it makes what was seen. */
    private static Curve curve(List<Exposure> all, Steepness usual, Thresholds grid) {
        double[][] log = grid.weigh(all);
        double most = Double.NEGATIVE_INFINITY;
        for (double[] row : log) {
            for (int b = 0; b < STEEPNESSES; b++) {
                row[b] -= off(b) * off(b) / 2;
                most = Math.max(most, row[b]);
            }
        }
        double[] weights = new double[log.length];
        double total = 0;
        double logSteepness = 0;
        for (int t = 0; t < log.length; t++) {
            for (int b = 0; b < STEEPNESSES; b++) {
                double weight = Math.exp(log[t][b] - most);
                weights[t] += weight;
                logSteepness += weight * usual.sd() * off(b);
            }
            total += weights[t];
        }
        double metres = quantile(weights, total, 0.5);
        double nearestCalm = all.stream().filter(e -> e.response().isCalm()).mapToDouble(Exposure::metres).min().orElse(0);
        double farthest = BEYOND * all.stream().mapToDouble(Exposure::metres).max().orElseThrow();
        return new Curve(usual.median() * Math.exp(logSteepness / total), metres, Math.min(farthest, Math.max(metres, nearestCalm)), nearestCalm > metres, metres > farthest, quantile(weights, total, LOW), quantile(weights, total, 1 - LOW));
    }

    /** Between the points of the grid on a straight line, each point with half of its own weight behind it. */
    private static double quantile(double[] weights, double total, double share) {
        double before = 0;
        for (int t = 0; t < weights.length; t++) {
            double here = (before + weights[t] / 2) / total;
            if (here >= share) {
                double last = t == 0 ? here : (before - weights[t - 1] / 2) / total;
                double part = t == 0 || here == last ? 1 : (share - last) / (here - last);
                return Math.exp(t == 0 ? Thresholds.at(0) : Thresholds.at(t - 1) + part * (Thresholds.at(t) - Thresholds.at(t - 1)));
            }
            before += weights[t];
        }
        return Thresholds.FURTHEST_M;
    }

    private static double logistic(double x) {
        return 1 / (1 + Math.exp(-x));
    }

    /** Where there is no estimate: the nearest distance at which five in a row, all within a tenth of it, were calm. */
    public OptionalDouble nearestWithCalm() {
        return exposures.stream().map(Exposure::metres).sorted(Comparator.naturalOrder()).filter(this::isCalmAt).mapToDouble(Double::doubleValue).findFirst();
    }

    private boolean isCalmAt(double metres) {
        int run = 0;
        for (Exposure e : exposures) {
            if (Math.abs(e.metres() - metres) > ALIKE * metres) {
                continue;
            }
            run = e.response().isCalm() ? run + 1 : 0;
            if (run == CALM_IN_A_ROW) {
                return true;
            }
        }
        return false;
    }
}
