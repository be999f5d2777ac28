package cahier.app.passing;

import cahier.app.language.Words;
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
        return Words.say("passing.PassingWords.to", h.hour(), (h.hour() + 1));
    }

    /** "Too busy: one every 1.4 min", "Not counted long enough". */
    public static String traffic(Hour h) {
        if (h.traffic().isEmpty()) {
            return h.minutes() < 1 ? Words.say("passing.PassingWords.not-counted-yet") : Words.say("passing.PassingWords.counted-for-min-only", Measures.plain(h.minutes(), 0));
        }
        String every = h.passed() == 0 ? Words.say("passing.PassingWords.nobody-in-min", Measures.plain(h.minutes(), 0)) : Words.say("passing.PassingWords.one-every-min", Measures.plain(h.minutes() / h.passed(), 1));
        return switch (h.traffic().get()) {
            case TOO_BUSY -> Words.say("passing.PassingWords.too-busy", every);
            case TOO_EMPTY -> Words.say("passing.PassingWords.too-empty", every);
            case SUITS -> "Suits" + every;
        };
    }

    /** What to do next, a sentence each: where to sit, where not, where to count. */
    public static List<String> proposals(PassersBy passers) {
        List<String> said = new ArrayList<>();
        passers.best().ifPresent(h -> said.add("Sit at " + h.place() + ", " + hour(h) + ". One every " + Measures.plain(h.minutes() / h.passed(), 1) + "\u00a0min passes there."));
        if (passers.best().isEmpty() && !passers.with(Traffic.TOO_EMPTY).isEmpty() && passers.with(Traffic.TOO_BUSY).isEmpty()) {
            said.add(Words.say("passing.PassingWords.too-few-pass-where-somebody"));
        }
        if (passers.best().isEmpty() && !passers.with(Traffic.TOO_BUSY).isEmpty()) {
            said.add(Words.say("passing.PassingWords.too-many-pass-where-somebody"));
        }
        passers.toCount().ifPresent(h -> said.add(Words.say("passing.PassingWords.count-ten-minutes-at-met", h.place(), hour(h), h.passed())));
        return said;
    }
}
