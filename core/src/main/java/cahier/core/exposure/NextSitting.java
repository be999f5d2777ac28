package cahier.core.exposure;

import java.util.ArrayList;
import java.util.List;

/** How long the dog watches the world next, in minutes (docs/rules.md 39). */
public final class NextSitting {

    /** The very first, and the least. */
    public static final int FIRST_MIN = 15;

    private NextSitting() {
    }

    /**
     * A quarter of an hour longer after a sitting without too much, a quarter shorter after one with it; from {@link #FIRST_MIN} to the goal.
     *
     * @param minutes the last one went on, 0 or more
     * @param goal minutes, 1 or more
     */
    public static int after(int minutes, boolean tooMuch, int goal) {
        if (minutes < 0 || goal < 1) {
            throw new IllegalArgumentException("minutes must be 0 or more and goal 1 or more, were " + minutes + " and " + goal);
        }
        int quarters = (minutes + FIRST_MIN / 2) / FIRST_MIN; // a sitting of 44 min was one of three quarters
        int next = FIRST_MIN * Math.max(1, quarters + (tooMuch ? -1 : 1));
        return Math.min(next, goal);
    }

    /** The sittings that still lie before the goal where none is too much, this one first, the goal last. */
    public static List<Integer> way(int next, int goal) {
        List<Integer> way = new ArrayList<>(List.of(Math.min(next, goal)));
        while (way.get(way.size() - 1) < goal) {
            way.add(after(way.get(way.size() - 1), false, goal));
        }
        return way;
    }
}
