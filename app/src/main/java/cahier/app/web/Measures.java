package cahier.app.web;

import cahier.app.language.Language;
import cahier.app.language.Words;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads and writes measures at the edge: inside everything is metres, seconds and grams. */
public final class Measures {

    private static final Pattern TYPED = Pattern.compile("(\\d{1,6}(?:[.,]\\d{1,4})?)\\s*([a-z]*)");
    private static final Pattern MINUTES_AND_SECONDS = Pattern.compile("(\\d{1,2})(?:\\s*min\\s+(\\d{1,2})\\s*s|:([0-5]\\d))");
    private static final double METRES_PER_FOOT = 0.3048;
    private static final double METRES_PER_INCH = 0.0254;
    private static final double METRES_IN_INCHES_BELOW = 0.6;
    private static final double GRAMS_PER_POUND = 453.59237;
    private static final Map<String, Double> METRES = units(1, "m metre metres meter meters", 0.01, "cm", METRES_PER_FOOT, "ft foot feet", METRES_PER_INCH, "in inch inches", 3 * METRES_PER_FOOT, "yd yard yards");
    private static final Map<String, Double> SECONDS = units(1, "s sec secs second seconds", 60, "min mins minute minutes", 3600, "h hr hour hours");
    private static final Map<String, Double> GRAMS = units(1000, " kg kilo kilos", 1, "g", GRAMS_PER_POUND, "lb lbs pound pounds"); // none is kilograms: the form of a dog asks back, and takes it the second time
    private static final String NBSP = "\u00a0";

    private Measures() {
    }

    /** Units and the words for each, in turn. */
    private static Map<String, Double> units(Object... given) {
        Map<String, Double> units = new HashMap<>();
        for (int i = 0; i < given.length; i += 2) {
            for (String word : given[i + 1].toString().split(" ")) {
                units.put(word, ((Number) given[i]).doubleValue());
            }
        }
        return Map.copyOf(units);
    }

    /** Metres from "1.5 m", "150 cm", "5 ft" or "2 yards"; 0 to 1000 m. A number alone is asked for its unit. */
    public static double metres(String typed) {
        return read(typed, METRES, 0, 1000, Words.say("web.Measures.a-distance-from-0-to"), "m", "ft");
    }

    /** Seconds from "5 s", "2 min", "1 min 30 s" or "2:30", which is minutes and seconds; 0 to 4 h. A number alone is asked for its unit. */
    public static double seconds(String typed) {
        Matcher both = MINUTES_AND_SECONDS.matcher(typed.replace(NBSP, " ").strip().toLowerCase(Locale.ROOT));
        if (both.matches()) {
            return 60.0 * Integer.parseInt(both.group(1)) + Integer.parseInt(both.group(2) == null ? both.group(3) : both.group(2));
        }
        return read(typed, SECONDS, 0, 14_400, Words.say("web.Measures.a-time-from-0-s"), "s", "min");
    }

    /** Grams from "8.4", "8.4 kg" or "18.5 lb"; 0.2 to 120 kg. */
    public static double grams(String typed) {
        return read(typed, GRAMS, 200, 120_000, Words.say("web.Measures.a-weight-from-0-2"), "kg", "lb");
    }

    private static double read(String typed, Map<String, Double> units, double least, double most, String rule, String one, String other) {
        Matcher matcher = TYPED.matcher(typed.replace(NBSP, " ").strip().toLowerCase(Locale.ROOT)); // what a page wrote itself comes back so
        if (matcher.matches() && matcher.group(2).isEmpty() && !units.containsKey("")) {
            if (Double.parseDouble(matcher.group(1).replace(',', '.')) == 0 && least == 0) {
                return 0;
            }
            throw new IllegalArgumentException("must say its unit: " + matcher.group(1) + NBSP + one + " or " + matcher.group(1) + NBSP + other + "?");
        }
        if (matcher.matches() && units.containsKey(matcher.group(2))) {
            double value = Double.parseDouble(matcher.group(1).replace(',', '.')) * units.get(matcher.group(2));
            if (value >= least && value <= most) {
                return value;
            }
        }
        throw new IllegalArgumentException(Words.say("web.Measures.must-be-was", rule, typed));
    }

    /** "1 m (3 ft)", or "3 ft (1 m)" where feet come first, and inches where a foot says too little: "0.1 m (4 in)". */
    public static String distance(double metres) {
        String imperial = metres < METRES_IN_INCHES_BELOW ? Words.say("measure.in", Long.toString(Math.round(metres / METRES_PER_INCH)))
                : Words.say("measure.ft", Long.toString(Math.round(metres / METRES_PER_FOOT)));
        return both(Words.say("measure.m", plain(metres, 2)), imperial);
    }

    /** "5 s", "2 min", "1 min 30 s". */
    public static String duration(double seconds) {
        if (seconds < 60) {
            return Words.say("measure.s", plain(seconds, 1));
        }
        long rest = Math.round(seconds % 60);
        String minutes = Long.toString((long) (seconds / 60));
        return rest == 0 ? Words.say("measure.min", minutes) : Words.say("measure.min-and-s", minutes, Long.toString(rest));
    }

    /** "8.4 kg (18.5 lb)". */
    public static String weight(double grams) {
        return both(Words.say("measure.kg", plain(grams / 1000, 1)), Words.say("measure.lb", plain(grams / GRAMS_PER_POUND, 1)));
    }

    private static String both(String metric, String imperial) {
        return Language.current().isMetric() ? Words.say("measure.both", metric, imperial) : Words.say("measure.both", imperial, metric);
    }

    /** A number for a form field, without a unit and without needless zeros. */
    public static String plain(double value, int decimals) {
        String text = String.format(Locale.ROOT, "%." + decimals + "f", value);
        return text.contains(".") ? text.replaceAll("0+$", "").replaceAll("\\.$", "") : text;
    }
}
