package cahier.app.judge;

import cahier.app.draw.Glyph;
import cahier.core.rep.Cluster;
import java.util.List;
import java.util.Locale;

/** Where misses cluster, in the words of the margin. */
final class ClusterWords {

    private static final List<String> NUMBERS = List.of("none", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");
    private static final List<String> ORDINALS = List.of("", "first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth", "ninth", "tenth", "eleventh", "twelfth");

    private ClusterWords() {
    }

    /** "Make it five": from the sixth rep on it goes wrong more often, and with what odds. */
    static Hint hint(Cluster c) {
        String counted = ": " + share(c.off(), c.reps()) + " not clean, elsewhere " + share(c.elsewhereOff(), c.elsewhere()) + ". Odds that it is no chance: " + percent(c.probability()) + " in 100.";
        return switch (c.kind()) {
            case LATE -> {
                int from = Integer.parseInt(c.part());
                yield new Hint(Glyph.NOTE, "Make it " + NUMBERS.get(from - 1), "It goes wrong from the " + ORDINALS.get(from) + " rep on" + counted);
            }
            case HOUR -> new Hint(Glyph.NOTE, "Try another hour", "It goes wrong in the " + c.part().toLowerCase(Locale.UK) + counted);
            case REWARD -> new Hint(Glyph.NOTE, "Change the reward", "It goes wrong with " + c.part() + counted);
            case READY -> new Hint(Glyph.NOTE, c.part().equals(Cluster.NOT_READY) ? "Out first" : "Calm down first", "It goes wrong when it was " + c.part() + " at the start" + counted);
            case HANDLER -> new Hint(Glyph.HANDLERS, c.part().equals(Cluster.TENSE) ? "It travels down the lead" : "Look at the handler", "It goes wrong when whoever holds the lead is " + c.part() + counted);
            case HAND -> new Hint(Glyph.NOTE, "Look at the hand", "It goes wrong with the " + c.part().toLowerCase(Locale.UK) + " hand" + counted);
        };
    }

    private static String share(int off, int reps) {
        return off + " of " + reps;
    }

    /** Never 100: nothing is certain. */
    private static long percent(double probability) {
        return Math.min(99, Math.round(100 * probability));
    }
}
