package cahier.core.naming;

import cahier.core.rep.Outcome;
import java.util.List;

/**
 * Whether a word may be spoken (docs/rules.md 25).
 *
 * @param clean CLEAN among the reps looked at
 * @param reps how many there are, 10 at most
 * @param needed CLEAN wanted of 10; 0 when the word is added early
 */
public record NamingGate(int clean, int reps, int needed) {

    /** CLEAN share wanted unless the household's method says otherwise. */
    public static final double BAR = 0.8;
    /** The same where the word waits for more. */
    public static final double HIGH_BAR = 0.9;
    static final int REPS = 10;
    static final int KEPT_REPS = 5;
    static final int KEPT_OFF = 2;
    private static final double EPSILON = 1e-9;

    /**
     * The gate before a named step.
     *
     * @param unnamed the WORK reps of the track without aid and without the word, oldest first
     * @param bar CLEAN share wanted, 0 to 1: the household's own, 0.8 or 0.9
     */
    public static NamingGate before(List<Outcome> unnamed, double bar) {
        if (!(bar >= 0 && bar <= 1)) {
            throw new IllegalArgumentException("bar must be from 0 to 1, was " + bar + ", for example 0.8");
        }
        List<Outcome> last = last(unnamed, REPS);
        return new NamingGate((int) last.stream().filter(o -> o == Outcome.CLEAN).count(), last.size(), (int) Math.ceil(bar * REPS - EPSILON));
    }

    /** The gate of a school that adds the word early: always open. */
    public static NamingGate early() {
        return new NamingGate(0, 0, 0);
    }

    /** Whether the word may be spoken from here on. */
    public boolean isOpen() {
        return needed == 0 || reps == REPS && clean >= needed;
    }

    /** Once named: whether 2 of the last 5 were not CLEAN, so that the dog goes back to the aid and the word is kept clean. */
    public static boolean wordRests(List<Outcome> named) {
        return last(named, KEPT_REPS).stream().filter(o -> o != Outcome.CLEAN).count() >= KEPT_OFF;
    }

    private static List<Outcome> last(List<Outcome> reps, int n) {
        return reps.subList(Math.max(0, reps.size() - n), reps.size());
    }
}
