package cahier.app.passing;

import cahier.app.web.Measures;
import cahier.core.exposure.PassersBy;
import cahier.core.exposure.PassersBy.Hour;
import cahier.core.exposure.Traffic;
import java.util.ArrayList;
import java.util.List;

/** Who passes where and when, in words. */
public final class PassingWords {

    private PassingWords() {
    }

    /** "8 to 9" */
    public static String hour(Hour h) {
        return h.hour() + " to " + (h.hour() + 1);
    }

    /** "Too busy: one every 1.4 min", "Not counted long enough". */
    public static String traffic(Hour h) {
        if (h.traffic().isEmpty()) {
            return h.minutes() < 1 ? "Not counted yet" : "Counted for " + Measures.plain(h.minutes(), 0) + "\u00a0min only";
        }
        String every = h.passed() == 0 ? ": nobody in " + Measures.plain(h.minutes(), 0) + "\u00a0min" : ": one every " + Measures.plain(h.minutes() / h.passed(), 1) + "\u00a0min";
        return switch (h.traffic().get()) {
            case TOO_BUSY -> "Too busy" + every;
            case TOO_EMPTY -> "Too empty" + every;
            case SUITS -> "Suits" + every;
        };
    }

    /** What to do next, a sentence each: where to sit, where not, where to count. */
    public static List<String> proposals(PassersBy passers) {
        List<String> said = new ArrayList<>();
        passers.best().ifPresent(h -> said.add("Sit at " + h.place() + ", " + hour(h) + ". One every " + Measures.plain(h.minutes() / h.passed(), 1) + "\u00a0min passes there."));
        if (passers.best().isEmpty() && !passers.with(Traffic.TOO_EMPTY).isEmpty() && passers.with(Traffic.TOO_BUSY).isEmpty()) {
            said.add("Too few pass where somebody counted. Try another hour.");
        }
        if (passers.best().isEmpty() && !passers.with(Traffic.TOO_BUSY).isEmpty()) {
            said.add("Too many pass where somebody counted. Try another hour, or further off.");
        }
        passers.toCount().ifPresent(h -> said.add("Count ten minutes at " + h.place() + ", " + hour(h) + ". " + h.passed() + (h.passed() == 1 ? " was" : " were") + " met there, and nobody counted."));
        return said;
    }
}
