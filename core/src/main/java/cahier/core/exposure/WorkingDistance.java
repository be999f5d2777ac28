package cahier.core.exposure;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

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
    /** The share of calm answers at the working distance. */
    public static final double CALM = 0.8;

    /** With fewer there is no estimate. */
    public static final int FEWEST = 6;
    private static final double LEAST_RATIO = 1.5;
    private static final double LEAST_TREND = 0.2;
    private static final double SD_LEVEL = 2;
    private static final double MEAN_TREND = 2;
    private static final double SD_TREND = 1.5;
    private static final double Z80 = 1.2815515655;
    private static final double ENOUGH = 1e-9;
    private static final int STEPS = 100;
    private static final int CALM_IN_A_ROW = 5;
    private static final double ALIKE = 0.1;

    /** Why there is no estimate yet, in the order looked for. */
    public enum Why {
        TOO_FEW, ONE_ANSWER_ONLY, DISTANCES_TOO_ALIKE, NO_TREND
    }

    /**
     * The fitted curve: logit P(calm) = b0 + b1 ln(metres / dref).
     *
     * @param curveMetres where it says {@link #CALM}
     * @param workingMetres that, but never nearer than the nearest calm exposure
     * @param held whether the nearest calm exposure holds it
     * @param lowMetres lower end of the 80% interval of curveMetres
     * @param highMetres its upper end
     */
    public record Curve(double dref, double b0, double b1, double curveMetres, double workingMetres, boolean held, double lowMetres, double highMetres) {

        /** P(calm) at a distance above 0. */
        public double calmAt(double metres) {
            return logistic(b0 + b1 * Math.log(metres / dref));
        }
    }

    public WorkingDistance {
        exposures = List.copyOf(exposures);
    }

    /** Fits what is given, oldest first: the latest {@link #MOST} of the last {@link #DAYS} days, which whoever calls picks. */
    public static WorkingDistance of(List<Exposure> exposures) {
        Optional<Why> why = why(exposures);
        if (why.isPresent()) {
            return new WorkingDistance(exposures, Optional.empty(), why);
        }
        Curve curve = fit(exposures);
        return curve.b1() < LEAST_TREND ? new WorkingDistance(exposures, Optional.empty(), Optional.of(Why.NO_TREND)) : new WorkingDistance(exposures, Optional.of(curve), Optional.empty());
    }

    private static Optional<Why> why(List<Exposure> all) {
        if (all.size() < FEWEST) {
            return Optional.of(Why.TOO_FEW);
        }
        long calm = all.stream().filter(e -> e.response().isCalm()).count();
        if (calm == 0 || calm == all.size()) {
            return Optional.of(Why.ONE_ANSWER_ONLY);
        }
        double ratio = all.stream().mapToDouble(Exposure::metres).max().orElseThrow() / all.stream().mapToDouble(Exposure::metres).min().orElseThrow();
        return ratio < LEAST_RATIO ? Optional.of(Why.DISTANCES_TOO_ALIKE) : Optional.empty();
    }

    /** Newton on the logarithm of the posterior; two unknowns, so that the Hessian is inverted by hand. */
    private static Curve fit(List<Exposure> all) {
        double dref = Math.exp(all.stream().mapToDouble(e -> Math.log(e.metres())).average().orElseThrow());
        double b0 = 0;
        double b1 = MEAN_TREND;
        double[] h = new double[3];
        for (int step = 0; step < STEPS; step++) {
            double g0 = -b0 / (SD_LEVEL * SD_LEVEL);
            double g1 = -(b1 - MEAN_TREND) / (SD_TREND * SD_TREND);
            h = new double[] {1 / (SD_LEVEL * SD_LEVEL), 0, 1 / (SD_TREND * SD_TREND)};
            for (Exposure e : all) {
                double x = Math.log(e.metres() / dref);
                double p = logistic(b0 + b1 * x);
                double residual = (e.response().isCalm() ? 1 : 0) - p;
                double weight = p * (1 - p);
                g0 += residual;
                g1 += residual * x;
                h[0] += weight;
                h[1] += weight * x;
                h[2] += weight * x * x;
            }
            double det = h[0] * h[2] - h[1] * h[1];
            double d0 = (h[2] * g0 - h[1] * g1) / det;
            double d1 = (h[0] * g1 - h[1] * g0) / det;
            b0 += d0;
            b1 += d1;
            if (Math.abs(d0) < ENOUGH && Math.abs(d1) < ENOUGH) {
                break;
            }
        }
        return curve(all, dref, b0, b1, h);
    }

    private static Curve curve(List<Exposure> all, double dref, double b0, double b1, double[] h) {
        double logit = Math.log(CALM / (1 - CALM));
        double metres = dref * Math.exp((logit - b0) / b1);
        double det = h[0] * h[2] - h[1] * h[1];
        double by0 = -1 / b1;
        double by1 = -(logit - b0) / (b1 * b1);
        double variance = (by0 * by0 * h[2] - 2 * by0 * by1 * h[1] + by1 * by1 * h[0]) / det;
        double wide = Z80 * Math.sqrt(variance);
        double nearestCalm = all.stream().filter(e -> e.response().isCalm()).mapToDouble(Exposure::metres).min().orElseThrow();
        return new Curve(dref, b0, b1, metres, Math.max(metres, nearestCalm), nearestCalm > metres, metres * Math.exp(-wide), metres * Math.exp(wide));
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
