package cahier.app.exposure;

import cahier.app.language.Words;
import cahier.app.web.Measures;
import java.util.Arrays;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The units in which a distance is judged by eye (docs/rules.md 27). What was given is kept beside the metres. */
public enum Far {

    M("m", 1), FT("ft", 0.3048), YD("yd", 0.9144), PACES("paces", 0.75), CARS("car lengths", 4.5);

    /** Further than this nobody judges. */
    public static final double FURTHEST_M = 1000;

    private static final Pattern TYPED = Pattern.compile("(\\d{1,4}(?:[.,]\\d{1,2})?)\\s*([a-z ]*)");

    private final String words;
    private final double metres;

    Far(String words, double metres) {
        this.words = words;
        this.metres = metres;
    }

    public String words() {
        return words;
    }

    /**
     * Metres of so many.
     *
     * @param paceCm how long a pace of whoever judged is; 0 where it was not measured, then three quarters of a metre
     */
    public double metres(double many, int paceCm) {
        return many * (this == PACES && paceCm > 0 ? paceCm / 100.0 : metres);
    }

    /** A distance in metres and as it was said. */
    public record Given(double metres, String given) {
    }

    /** What a trainer writes: "18 m", "60 ft", "30 paces", "4 car lengths"; a number alone is metres. */
    public static Given read(String typed) {
        Matcher m = TYPED.matcher(typed.strip().toLowerCase(Locale.ROOT));
        if (m.matches()) {
            String unit = m.group(2);
            Far far = unit.isEmpty() ? M : Arrays.stream(values()).filter(f -> f.words.startsWith(unit)).findFirst().orElse(null);
            double many = Double.parseDouble(m.group(1).replace(',', '.'));
            if (far != null && many > 0 && far.metres(many, 0) <= FURTHEST_M) {
                return new Given(far.metres(many, 0), far.given(many));
            }
        }
        throw new IllegalArgumentException(Words.say("exposure.Far.must-be-above-0-and", typed));
    }

    /** "30 paces" */
    public String given(double many) {
        return Measures.plain(many, 1) + " " + words;
    }
}
