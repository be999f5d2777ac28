package cahier.core.rep;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** A session that was counted on paper (docs/rules.md 1). */
public final class Tally {

    private Tally() {
    }

    /**
     * The outcomes of a tally whose order nobody knows: those that were not CLEAN spread evenly among the others, so that a count makes
     * no longer run than it must.
     *
     * @param clean 0 or more, as are the others
     */
    public static List<Outcome> inAnyOrder(int clean, int helped, int missed, int tooMuch) {
        for (int count : new int[] {clean, helped, missed, tooMuch}) {
            if (count < 0) {
                throw new IllegalArgumentException("a count must be 0 or more, was " + count);
            }
        }
        List<Outcome> others = new ArrayList<>();
        for (int i = 0; i < Math.max(helped, Math.max(missed, tooMuch)); i++) {
            add(others, i < helped, Outcome.HELPED);
            add(others, i < missed, Outcome.MISSED);
            add(others, i < tooMuch, Outcome.TOO_MUCH);
        }
        List<Outcome> all = new ArrayList<>();
        int gaps = others.size() + 1;
        for (int gap = 0; gap < gaps; gap++) {
            int from = Math.toIntExact((long) gap * clean / gaps);
            int to = Math.toIntExact((gap + 1L) * clean / gaps);
            all.addAll(Collections.nCopies(to - from, Outcome.CLEAN));
            if (gap < others.size()) {
                all.add(others.get(gap));
            }
        }
        return List.copyOf(all);
    }

    private static void add(List<Outcome> others, boolean one, Outcome outcome) {
        if (one) {
            others.add(outcome);
        }
    }
}
