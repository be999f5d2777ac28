package cahier.app.baseline;

import cahier.app.language.Words;
import cahier.app.web.Measures;
import cahier.core.alone.AloneReading;
import cahier.core.alone.Arrangement;
import java.util.Locale;
import java.util.stream.Collectors;

/** What a watch says, in words. */
public final class WatchWords {

    private WatchWords() {
    }

    public static String pattern(AloneReading r) {
        return Words.say("alone." + r.pattern());
    }

    /** The pattern of a watch, or that a recording loud throughout says nothing of quiet. */
    public static String verdict(Baseline watch, AloneReading r) {
        return watch.findings().isLoudThroughout() ? Words.say("alone.loud") : pattern(r);
    }

    public static String found(Baseline watch, AloneReading r) {
        return watch.findings().isLoudThroughout() ? Words.say("alone.loud.found") : figures(r);
    }

    /** "5:12 to 10:12" */
    public static String moment(Findings.Spell s) {
        return Words.say("baseline.WatchWords.to", SpellText.moment(s.from()), SpellText.moment(s.to() == null ? s.from() : s.to()));
    }

    /** "First sign after 12 s of 15 min. Quiet 68 in 100 of the time, 4 min at the longest. 7 bouts." */
    public static String figures(AloneReading r) {
        String whole = Measures.duration((double) Math.round(r.seconds()));
        if (r.first().isEmpty()) {
            return Words.say("alone.quiet", whole);
        }
        return Words.say("alone.figures", Measures.duration(rounded(r.first().getAsDouble())), whole, percent(r.quietShare()), Measures.duration(rounded(r.longestQuiet())), r.bouts());
    }

    /** "Distress by thirds: 31, 28, 36 in 100." */
    public static String thirds(AloneReading r) {
        return Words.say("baseline.WatchWords.distress-by-thirds-in-100", r.thirds().stream().map(t -> Long.toString(percent(t))).collect(Collectors.joining(", ")));
    }

    /** "Leave it loose" */
    public static String better(Arrangement a, String first, String second) {
        return Words.say("baseline.WatchWords.leave-it", (a.better() == Arrangement.Which.FIRST ? first : second).toLowerCase(Locale.ROOT));
    }

    public static String why(Arrangement a, AloneReading first, AloneReading second) {
        return switch (a.why()) {
            case DAMAGE -> Words.say("baseline.WatchWords.something-was-damaged-or-hurt");
            case LESS_DISTRESS -> Words.say("baseline.WatchWords.distress-against-in-100-of", percent(first.distressShare()), percent(second.distressShare()));
            case ENTERS_BY_ITSELF -> Words.say("baseline.WatchWords.alike-and-in-100-take", percent(first.distressShare()), percent(second.distressShare()));
        };
    }

    private static double rounded(double seconds) {
        return seconds < 10 ? Math.round(10 * seconds) / 10.0 : Math.round(seconds);
    }

    private static long percent(double share) {
        return Math.round(100 * share);
    }
}
