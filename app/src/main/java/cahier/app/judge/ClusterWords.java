package cahier.app.judge;

import cahier.app.draw.Glyph;
import cahier.app.language.Words;
import cahier.core.rep.Cluster;
import java.util.List;
import java.util.Locale;

/** Where misses cluster, in the words of the margin. */
final class ClusterWords {

    private static final List<String> NUMBERS = List.of("none", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");
    private static final List<String> ORDINALS = List.of("", "first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth", "ninth", "tenth", "eleventh", "twelfth");

    private ClusterWords() {
    }

    /** "End after five reps": from the sixth rep on it goes wrong more often, and with what odds. */
    static Hint hint(Cluster c) {
        String kind = switch (c.kind()) {
            case READY -> c.part().equals(Cluster.NOT_READY) ? "READY.not" : "READY.calm";
            case HANDLER -> c.part().equals(Cluster.TENSE) ? "HANDLER.tense" : "HANDLER";
            case LATE, HOUR, REWARD, HAND -> c.kind().name();
        };
        boolean late = c.kind() == Cluster.Kind.LATE;
        int before = late ? Integer.parseInt(c.part()) - 1 : 0;
        String part = late ? ORDINALS.get(before + 1) : c.kind() == Cluster.Kind.REWARD ? c.part() : c.part().toLowerCase(Locale.UK);
        String seen = Words.say("cluster." + kind + ".seen", part, c.off(), c.reps(), c.elsewhereOff(), c.elsewhere());
        return new Hint(c.kind() == Cluster.Kind.HANDLER ? Glyph.HANDLERS : Glyph.NOTE, Words.say("cluster." + kind, before, NUMBERS.get(before)), seen + " " + Words.say("cluster.odds", percent(c.probability())));
    }

    /** Never 100: nothing is certain. */
    private static long percent(double probability) {
        return Math.min(99, Math.round(100 * probability));
    }
}
