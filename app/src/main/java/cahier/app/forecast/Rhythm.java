package cahier.app.forecast;

import java.util.Optional;

/**
 * When the goal may be reached at another rhythm.
 *
 * @param early weeks by which one run in ten is there; empty when beyond a year
 * @param late weeks by which nine in ten are
 */
public record Rhythm(int sessionsAWeek, Optional<Integer> early, Optional<Integer> late) {

    /** "9 to 14 weeks", "from 30 weeks on", "not within a year". */
    public String words() {
        if (early.isEmpty()) {
            return "not within a year";
        }
        if (late.isEmpty()) {
            return "from " + early.get() + (early.get() == 1 ? " week on" : " weeks on");
        }
        return early.get().equals(late.get()) ? early.get() + (early.get() == 1 ? " week" : " weeks") : early.get() + " to " + late.get() + " weeks";
    }
}
