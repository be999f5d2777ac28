package cahier.core.pay;

import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;

/** How often a clean rep is paid with food; it fades from one to the next (docs/rules.md 13). */
public enum Feeding {

    EVERY_TIME(1, 1),
    EVERY_OTHER(0.5, 3),
    NOW_AND_THEN(0.25, 8),
    NONE(0, 0);

    private final double share;
    private final int within;

    Feeding(double share, int within) {
        this.share = share;
        this.within = within;
    }

    /** The share of reps that are paid with food, 0 to 1. */
    public double share() {
        return share;
    }

    /** Pieces for so many reps, rounded up. */
    public int pieces(int reps) {
        return (int) Math.ceil(share * reps);
    }

    /** Those from this one on, the richest first: the stages of a climb. */
    public List<Feeding> downTo(Feeding last) {
        if (last.compareTo(this) <= 0) {
            throw new IllegalArgumentException("must be rarer than " + this + ", was " + last);
        }
        return List.of(values()).subList(ordinal(), last.ordinal() + 1);
    }

    /**
     * Which of the next reps are paid with food, so that it cannot be guessed: of any three in a row one at least where it is every other, of any eight where it is now and then.
     * The same number and seed make the same list.
     *
     * @param n how many, 0 or more
     */
    public List<Boolean> draw(int n, long seed) {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        List<Boolean> paid = new ArrayList<>(n);
        int without = 0;
        while (paid.size() < n) {
            boolean drawn = random.nextDouble() < share; // always one number a rep
            boolean now = drawn || within > 0 && without == within - 1;
            paid.add(now);
            without = now ? 0 : without + 1;
        }
        return List.copyOf(paid);
    }
}
