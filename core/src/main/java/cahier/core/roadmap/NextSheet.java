package cahier.core.roadmap;

import java.util.Comparator;
import java.util.List;
import java.util.Set;

/** Which tracks go into the next homework by themselves (docs/rules.md 34). */
public final class NextSheet {

    /** More only when the trainer says so. */
    public static final int MOST_TRACKS = 3;

    private NextSheet() {
    }

    /**
     * Three at most, those on the sheet that is out first.
     *
     * @param open tracks that have a current step and are neither shut, waiting, resting nor parked, in the trainer's order
     * @param out tracks on the sheet that is out
     * @return in the trainer's order
     */
    public static List<Long> of(List<Long> open, Set<Long> out) {
        List<Long> first = open.stream().sorted(Comparator.comparing(track -> !out.contains(track))).limit(MOST_TRACKS).toList();
        return open.stream().filter(first::contains).toList();
    }
}
