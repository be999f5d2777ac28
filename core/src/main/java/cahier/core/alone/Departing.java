package cahier.core.alone;

import java.util.List;

/** What becomes of a session of departures in which the dog was upset (docs/rules.md 14). The phone says the same without signal, held to the same worked cases. */
public final class Departing {

    /** With so many upset departures it ends in either school. */
    static final int ENDS_AT = 2;

    private Departing() {
    }

    /**
     * The departures that are still to come, in whole seconds; none where the session is over. After an upset it goes on easier only where the household comes back at a
     * second of quiet: none longer than half of what it bore.
     *
     * @param left what was still planned, each 1 s or more
     * @param upsetAfter seconds after which the dog was upset, 1 or more
     * @param upsets upset departures of this session, this one included
     */
    public static List<Integer> afterUpset(List<Integer> left, int upsetAfter, int upsets, boolean atQuiet) {
        if (upsetAfter < 1 || upsets < 1) {
            throw new IllegalArgumentException("upsetAfter and upsets must be 1 or more, were " + upsetAfter + " and " + upsets);
        }
        int most = Math.max(1, upsetAfter / 2);
        return !atQuiet || upsets >= ENDS_AT ? List.of() : left.stream().map(s -> Math.min(s, most)).toList();
    }
}
