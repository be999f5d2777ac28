package cahier.core.forecast;

import java.util.Arrays;
import java.util.List;

/**
 * What the tracks of a practice that have ended say of the next one, before it has passed a step (docs/rules.md 8). It moves to where they were and is never narrower than what made-up
 * dogs say: a few dogs tell where the middle is long before they tell how far dogs lie apart.
 *
 * @param pace to begin with
 * @param tracks it stands on, 0 or more
 */
public record Prior(Pace pace, int tracks) {

    /** A practice of which no track has ended. */
    public static final Prior FRESH = new Prior(Pace.MADE_UP, 0);

    /** So many tracks of a practice weigh as much as all that is made up. */
    private static final int WEIGHT = 4;
    /** From so many on it shows how far dogs lie apart. */
    private static final int FEW = 5;
    private static final double LEAST_KAPPA = 2;

    /**
     * Learns from tracks that have ended.
     *
     * @param ended of each its steps as {@link Pace#after} takes them; reps of a step put in between count for the one above it. Tracks without a step are left out
     */
    public static Prior of(List<List<Double>> ended) {
        List<List<Double>> tracks = ended.stream().filter(t -> !t.isEmpty()).toList();
        if (tracks.isEmpty()) {
            return FRESH;
        }
        double[] means = tracks.stream().mapToDouble(Prior::mean).toArray();
        double mu = (WEIGHT * Pace.MADE_UP.mu() + Arrays.stream(means).sum()) / (WEIGHT + means.length);
        double within = within(tracks);
        double beta = Math.max(Pace.MADE_UP.beta(), within * (Pace.MADE_UP.alpha() - 1));
        return new Prior(new Pace(mu, kappa(tracks, means, within), Pace.MADE_UP.alpha(), beta), tracks.size());
    }

    private static double mean(List<Double> steps) {
        return steps.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
    }

    /** The variance of the steps of one track. */
    private static double within(List<List<Double>> tracks) {
        double squares = 0;
        int free = 0;
        for (List<Double> track : tracks) {
            double mean = mean(track);
            squares += track.stream().mapToDouble(x -> (x - mean) * (x - mean)).sum();
            free += track.size() - 1;
        }
        return free == 0 ? 0 : squares / free;
    }

    /** How many steps of one dog are worth what is known of all: fewer where dogs lie further apart than their steps. */
    private static double kappa(List<List<Double>> tracks, double[] means, double within) {
        if (means.length < FEW) {
            return Pace.MADE_UP.kappa();
        }
        double middle = Arrays.stream(means).average().orElseThrow();
        double spread = Arrays.stream(means).map(m -> (m - middle) * (m - middle)).sum() / (means.length - 1);
        double steps = tracks.stream().mapToInt(List::size).average().orElseThrow();
        double between = spread - within / steps;
        return between <= 0 ? Pace.MADE_UP.kappa() : Math.max(LEAST_KAPPA, Math.min(Pace.MADE_UP.kappa(), within / between));
    }
}
