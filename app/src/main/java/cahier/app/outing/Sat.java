package cahier.app.outing;

import cahier.app.language.Words;
import cahier.app.track.Adjusted;
import cahier.core.exposure.LongWatching;
import cahier.core.exposure.NextSitting;
import cahier.core.measure.Mapping;
import cahier.core.rep.Outcome;
import java.util.ArrayList;
import java.util.List;

/**
 * A sitting, as the next one is reckoned from it.
 *
 * @param minutes until its last tap
 */
record Sat(int minutes, boolean tooMuch) {

    static Sat of(List<LongWatching.Moment> moments, boolean longWatching) {
        List<LongWatching.Moment> before = new ArrayList<>();
        boolean tooMuch = false;
        for (LongWatching.Moment m : moments) {
            tooMuch |= Mapping.ofTap(before, m, longWatching).filter(Outcome.TOO_MUCH::equals).isPresent();
            before.add(m);
        }
        return new Sat(moments.stream().mapToInt(LongWatching.Moment::second).max().orElse(0) / 60, tooMuch);
    }

    /** @param newestFirst those there were */
    static Adjusted now(List<Sat> newestFirst, int goal) {
        int next = newestFirst.isEmpty() ? NextSitting.FIRST_MIN : NextSitting.after(newestFirst.get(0).minutes(), newestFirst.get(0).tooMuch(), goal);
        return new Adjusted((double) next, Words.say("outing.Sat.sit-for-min", next), Words.say("outing.Sat.sit-for-min", NextSitting.after(next, true, goal)), NextSitting.way(next, goal).stream().map(m -> m + "\u00a0min").toList());
    }
}
