package cahier.core.climb;

import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Several climbs as one way up: raise one thing, relax the rest (docs/rules.md 6). No step raises more than one criterion over the step before it. */
public final class Staircase {

    /** How far the other criteria are relaxed while one is raised, unless the trainer says otherwise. */
    public static final double RELAX = 0.5;

    private Staircase() {
    }

    /**
     * The settings in order, each the index of every climb's value; the last has all at the top.
     *
     * @param tops the highest index of each climb, each 1 or more, in the order in which they are raised
     * @param relax share of the top that earlier climbs keep, 0 to 1
     */
    public static List<List<Integer>> of(List<Integer> tops, double relax) {
        if (tops.isEmpty() || tops.stream().anyMatch(top -> top < 1)) {
            throw new IllegalArgumentException("tops must each be 1 or more, were " + tops);
        }
        if (!(relax >= 0 && relax <= 1)) {
            throw new IllegalArgumentException("relax must be from 0 to 1, was " + relax + ", for example " + RELAX);
        }
        Set<List<Integer>> settings = new LinkedHashSet<>();
        for (int j = 0; j < tops.size(); j++) {
            int[] at = new int[tops.size()];
            for (int earlier = 0; earlier < j; earlier++) {
                at[earlier] = (int) Math.floor(relax * tops.get(earlier));
            }
            for (int i = 0; i <= tops.get(j); i++) {
                at[j] = i;
                settings.add(copy(at));
            }
            for (int earlier = 0; earlier < j; earlier++) {
                raise(at, earlier, tops.get(earlier), settings);
            }
        }
        return List.copyOf(settings);
    }

    /** Back to its top: first half-way, where that lies strictly between, then all the way. */
    private static void raise(int[] at, int climb, int top, Set<List<Integer>> settings) {
        int middle = (at[climb] + top) / 2;
        if (middle > at[climb] && middle < top) {
            at[climb] = middle;
            settings.add(copy(at));
        }
        at[climb] = top;
        settings.add(copy(at));
    }

    private static List<Integer> copy(int[] at) {
        return Arrays.stream(at).boxed().toList();
    }

    /**
     * Where the staircase is entered in a new place.
     *
     * @param reached 0-based step reached in the old place
     * @param oldDifficulty 0 to 5, as the trainer set it
     * @param newDifficulty 0 to 5
     */
    public static int entryInNewPlace(int reached, int oldDifficulty, int newDifficulty) {
        for (int difficulty : new int[] {oldDifficulty, newDifficulty}) {
            if (difficulty < 0 || difficulty > 5) {
                throw new IllegalArgumentException("difficulty must be from 0 to 5, was " + difficulty);
            }
        }
        return Math.max(0, reached - Math.max(1, newDifficulty - oldDifficulty));
    }
}
