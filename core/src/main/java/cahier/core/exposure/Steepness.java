package cahier.core.exposure;

import java.util.List;
import java.util.stream.IntStream;

/**
 * How sharply dogs turn, before one of them was met: the logarithm is normal (docs/rules.md 9).
 *
 * @param median above 0
 * @param sd of the logarithm, above 0
 * @param dogs of this practice it was learnt from; 0 where it is what was made up
 */
public record Steepness(double median, double sd, int dogs) {

    public static final Steepness USUAL = new Steepness(5, 0.75, 0);
    /** With fewer dogs of its own a practice keeps what was made up. */
    public static final int FEWEST_DOGS = 5;

    private static final double LOW = Math.log(1.2);
    private static final double HIGH = Math.log(20);
    private static final int POINTS = 24;
    private static final double CENTRE_SD = 0.5;
    private static final double[] SPREADS = {0.3, 0.45, 0.6, 0.75};

    public Steepness {
        if (!(median > 0) || !(sd > 0) || dogs < 0) {
            throw new IllegalArgumentException("median and sd must be above 0 and dogs at least 0, were " + median + ", " + sd + " and " + dogs);
        }
    }

    /**
     * From what a practice's own dogs did: each centre and each spread of a grid, as likely as it makes all of them, starting from what is made up.
     *
     * @param dogs what each met of one kind of trigger; those with fewer than an estimate needs say nothing
     */
    public static Steepness learnt(List<List<Exposure>> dogs) {
        Thresholds grid = new Thresholds(IntStream.range(0, POINTS).mapToDouble(i -> Math.exp(point(i))).toArray());
        List<double[]> said = dogs.stream().filter(d -> d.size() >= WorkingDistance.FEWEST).map(d -> likelihoods(grid.weigh(d))).toList();
        if (said.size() < FEWEST_DOGS) {
            return USUAL;
        }
        double[][] log = new double[POINTS][SPREADS.length];
        double most = Double.NEGATIVE_INFINITY;
        for (int c = 0; c < POINTS; c++) {
            for (int s = 0; s < SPREADS.length; s++) {
                double off = (point(c) - Math.log(USUAL.median)) / CENTRE_SD;
                double[] share = normal(point(c), SPREADS[s]);
                log[c][s] = -off * off / 2 + said.stream().mapToDouble(dog -> Math.log(dot(dog, share))).sum();
                most = Math.max(most, log[c][s]);
            }
        }
        double total = 0;
        double centre = 0;
        double square = 0;
        double spread = 0;
        for (int c = 0; c < POINTS; c++) {
            for (int s = 0; s < SPREADS.length; s++) {
                double weight = Math.exp(log[c][s] - most);
                total += weight;
                centre += weight * point(c);
                square += weight * point(c) * point(c);
                spread += weight * SPREADS[s] * SPREADS[s];
            }
        }
        double mean = centre / total;
        return new Steepness(Math.exp(mean), Math.sqrt(spread / total + Math.max(0, square / total - mean * mean)), said.size());
    }

    /** How likely each steepness makes what one dog did, whatever its threshold; the likeliest is 1. */
    private static double[] likelihoods(double[][] log) {
        double[] sums = new double[POINTS];
        double most = Double.NEGATIVE_INFINITY;
        for (double[] row : log) {
            for (double each : row) {
                most = Math.max(most, each);
            }
        }
        for (double[] row : log) {
            for (int i = 0; i < POINTS; i++) {
                sums[i] += Math.exp(row[i] - most);
            }
        }
        return sums;
    }

    private static double point(int i) {
        return LOW + i * (HIGH - LOW) / (POINTS - 1);
    }

    /** The share of each point of the grid. */
    private static double[] normal(double centre, double sd) {
        double[] share = new double[POINTS];
        double total = 0;
        for (int i = 0; i < POINTS; i++) {
            double off = (point(i) - centre) / sd;
            share[i] = Math.exp(-off * off / 2);
            total += share[i];
        }
        for (int i = 0; i < POINTS; i++) {
            share[i] /= total;
        }
        return share;
    }

    private static double dot(double[] a, double[] b) {
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += a[i] * b[i];
        }
        return sum;
    }
}
