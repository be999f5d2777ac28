package cahier.core.alone;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;

/**
 * What a watch of a dog left alone says (docs/rules.md 14).
 *
 * @param spells clipped to the watch and joined, from the first on
 * @param seconds of the watch
 * @param first seconds until the first distress; empty when there was none
 * @param quietShare 0 to 1
 * @param longestQuiet seconds
 * @param thirds the share of distress in each third of the watch, 0 to 1
 */
public record AloneReading(List<Spell> spells, double seconds, OptionalDouble first, double quietShare, double longestQuiet, List<Double> thirds, Pattern pattern) {

    /** Spells nearer to each other than this are one. */
    public static final double JOIN_S = 2;
    private static final int THIRDS = 3;
    private static final double WORSE = 2;
    private static final double WORSE_LEAST = 0.2;
    private static final double MOSTLY = 0.5;
    private static final double SETTLED = 0.5;

    /** How the distress runs over the watch; the first that holds. */
    public enum Pattern {
        SILENT, WORSENING, CONSTANT, SETTLING, SPELLS
    }

    public AloneReading {
        spells = List.copyOf(spells);
        thirds = List.copyOf(thirds);
    }

    /**
     * Reads a watch.
     *
     * @param noted spells of any kind, in any order; those outside the watch, only touching an end of it, or of no length are dropped
     * @param seconds how long was watched, above 0
     */
    public static AloneReading of(List<Spell> noted, double seconds) {
        if (!(seconds > 0)) {
            throw new IllegalArgumentException("seconds must be above 0, was " + seconds);
        }
        List<Spell> spells = joined(noted.stream().map(s -> new Spell(Math.max(0, s.from()), Math.min(seconds, s.to()))).filter(s -> s.seconds() > 0).toList());
        double distress = spells.stream().mapToDouble(Spell::seconds).sum();
        List<Double> thirds = new ArrayList<>();
        for (int i = 0; i < THIRDS; i++) {
            double from = seconds * i / THIRDS;
            double to = seconds * (i + 1) / THIRDS;
            thirds.add(spells.stream().mapToDouble(s -> Math.max(0, Math.min(to, s.to()) - Math.max(from, s.from()))).sum() / (to - from));
        }
        return new AloneReading(spells, seconds, spells.stream().mapToDouble(Spell::from).findFirst(), 1 - distress / seconds, longestQuiet(spells, seconds), thirds,
                pattern(spells, distress / seconds, thirds.get(0), thirds.get(THIRDS - 1)));
    }

    /** Those that overlap or are less than {@link #JOIN_S} apart are one. */
    public static List<Spell> joined(List<Spell> spells) {
        List<Spell> joined = new ArrayList<>();
        for (Spell s : spells.stream().sorted(Comparator.comparingDouble(Spell::from).thenComparingDouble(Spell::to)).toList()) {
            Spell last = joined.isEmpty() ? null : joined.get(joined.size() - 1);
            if (last != null && s.from() - last.to() < JOIN_S) {
                joined.set(joined.size() - 1, new Spell(last.from(), Math.max(last.to(), s.to())));
            } else {
                joined.add(s);
            }
        }
        return joined;
    }

    private static double longestQuiet(List<Spell> spells, double seconds) {
        double longest = 0;
        double from = 0;
        for (Spell s : spells) {
            longest = Math.max(longest, s.from() - from);
            from = s.to();
        }
        return Math.max(longest, seconds - from);
    }

    private static Pattern pattern(List<Spell> spells, double share, double first, double last) {
        if (spells.isEmpty()) {
            return Pattern.SILENT;
        }
        if (last >= WORSE * first && last >= WORSE_LEAST) {
            return Pattern.WORSENING;
        }
        if (share > MOSTLY) {
            return Pattern.CONSTANT;
        }
        return last < SETTLED * first ? Pattern.SETTLING : Pattern.SPELLS;
    }

    /** How many spells of sound, 0 or more. */
    public int bouts() {
        return spells.size();
    }

    /** 0 to 1. */
    public double distressShare() {
        return 1 - quietShare;
    }
}
