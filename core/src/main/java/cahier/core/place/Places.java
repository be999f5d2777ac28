package cahier.core.place;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;

/** The places of one step, as its WORK reps say (docs/rules.md 22). */
public final class Places {

    /** CLEAN reps that every place is given at the share of all, so that two lucky reps make no place easy. */
    static final int PRIOR_REPS = 4;
    /** Reps of the visit before places are compared at all. */
    public static final int LEAST_REPS = 10;
    static final double NOTABLE = 0.15;
    /** With fewer reps than this a place neither counts for spread nor speaks against the trainer's order. */
    public static final int REPS_TO_COUNT = 3;
    static final double RATE_TO_COUNT = 0.8;
    private static final double UNKNOWN = 0.5;
    private static final double EPSILON = 1e-9;

    private Places() {
    }

    /**
     * What was practised in one place.
     *
     * @param clean 0 to reps
     */
    public record Cell(String place, int clean, int reps) {

        public Cell {
            if (reps < 0 || clean < 0 || clean > reps) {
                throw new IllegalArgumentException("clean must be from 0 to reps " + reps + ", was " + clean);
            }
        }

        /** Whether it counts for spread (docs/rules.md 3). */
        public boolean counts() {
            return reps >= REPS_TO_COUNT && clean >= RATE_TO_COUNT * reps - EPSILON;
        }
    }

    /**
     * How hard a place is.
     *
     * @param difficulty 0 easy to 1 hard
     */
    public record Observed(String place, double difficulty) {
    }

    /** Two neighbours in the trainer's order that the reps put the other way round. */
    public record Swapped(Observed thoughtEasier, Observed thoughtHarder) {
    }

    /** 1 - (clean + 4p) / (n + 4) of each place, p the CLEAN share over all of them, 0.5 with no reps; in the order given. */
    public static List<Observed> observed(List<Cell> cells) {
        distinct(cells);
        int reps = cells.stream().mapToInt(Cell::reps).sum();
        double p = reps == 0 ? UNKNOWN : (double) cells.stream().mapToInt(Cell::clean).sum() / reps;
        return cells.stream().map(c -> new Observed(c.place(), 1 - (c.clean() + PRIOR_REPS * p) / (c.reps() + PRIOR_REPS))).toList();
    }

    /** The easiest place that does not count for spread yet; the one named first of two equally easy ones. */
    public static Optional<Observed> next(List<Cell> cells) {
        List<Observed> all = observed(cells);
        List<Observed> open = new ArrayList<>();
        for (int i = 0; i < cells.size(); i++) {
            if (!cells.get(i).counts()) {
                open.add(all.get(i));
            }
        }
        return open.stream().min(Comparator.comparingDouble(Observed::difficulty));
    }

    /**
     * Where the trainer's order and the reps differ for neighbours by more than 0.15; only places with three reps or more are neighbours.
     *
     * @param inTrainersOrder easiest first
     */
    public static List<Swapped> swapped(List<Cell> inTrainersOrder) {
        List<Observed> all = observed(inTrainersOrder);
        List<Observed> tried = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            if (inTrainersOrder.get(i).reps() >= REPS_TO_COUNT) {
                tried.add(all.get(i));
            }
        }
        List<Swapped> swapped = new ArrayList<>();
        for (int i = 1; i < tried.size(); i++) {
            if (tried.get(i - 1).difficulty() - tried.get(i).difficulty() > NOTABLE) {
                swapped.add(new Swapped(tried.get(i - 1), tried.get(i)));
            }
        }
        return List.copyOf(swapped);
    }

    private static void distinct(List<Cell> cells) {
        if (new HashSet<>(cells.stream().map(Cell::place).toList()).size() < cells.size()) {
            throw new IllegalArgumentException("places must differ, were " + cells.stream().map(Cell::place).toList());
        }
    }
}
