package cahier.core.exposure;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** How likely each threshold and each steepness makes what a dog did, on the grid of docs/rules.md 9. What one distance says is kept for the next time it is asked. */
final class Thresholds {

    static final double LOGIT = Math.log(WorkingDistance.CALM / (1 - WorkingDistance.CALM));
    static final double FURTHEST_M = 600;
    static final int COUNT = 121;
    private static final double NEAREST_M = 0.3;
    /** Of the logarithm of the threshold around the distances tried. */
    private static final double NEAR_SD = 0.5;

    private final double[] steepnesses;
    private final Map<Double, double[][][]> known = new HashMap<>();

    /** For these, each above 0. */
    Thresholds(double... steepnesses) {
        this.steepnesses = steepnesses;
    }

    /** The logarithm of a threshold of the grid. */
    static double at(int t) {
        return Math.log(NEAREST_M) + t * Math.log(FURTHEST_M / NEAREST_M) / (COUNT - 1);
    }

    /**
     * Log-likelihood and what is believed of the threshold beforehand, a row a threshold.
     *
     * @param seen at least one
     */
    double[][] weigh(List<Exposure> seen) {
        Map<Double, int[]> answers = new TreeMap<>();
        seen.forEach(e -> answers.computeIfAbsent(e.metres(), m -> new int[2])[e.response().isCalm() ? 0 : 1]++);
        double tried = seen.stream().mapToDouble(e -> Math.log(e.metres())).average().orElseThrow();
        double[][] log = new double[COUNT][steepnesses.length];
        for (int t = 0; t < COUNT; t++) {
            double far = (at(t) - tried) / NEAR_SD; // a dog is worked not far from where it can
            Arrays.fill(log[t], -far * far / 2);
        }
        answers.forEach((metres, n) -> {
            double[][][] here = known.computeIfAbsent(metres, this::said);
            for (int t = 0; t < COUNT; t++) {
                for (int b = 0; b < steepnesses.length; b++) {
                    log[t][b] -= n[0] * here[0][t][b] + n[1] * here[1][t][b];
                }
            }
        });
        return log;
    }

    /** How surprising a calm answer is at a distance, and one that is not. */
    private double[][][] said(double metres) {
        double[][][] surprise = new double[2][COUNT][steepnesses.length];
        for (int t = 0; t < COUNT; t++) {
            double further = Math.log(metres) - at(t);
            for (int b = 0; b < steepnesses.length; b++) {
                double z = LOGIT + steepnesses[b] * further;
                double tail = Math.log1p(Math.exp(-Math.abs(z)));
                surprise[0][t][b] = Math.max(0, -z) + tail;
                surprise[1][t][b] = Math.max(0, z) + tail;
            }
        }
        return surprise;
    }
}
