package cahier.app.forecast;

import cahier.app.language.Words;
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
            return Words.say("forecast.Rhythm.not-within-a-year");
        }
        if (late.isEmpty()) {
            return Words.say("forecast.Rhythm.from", early.get());
        }
        return early.get().equals(late.get()) ? early.get() + (early.get() == 1 ? " week" : " weeks") : Words.say("forecast.Rhythm.to-weeks", early.get(), late.get());
    }
}
