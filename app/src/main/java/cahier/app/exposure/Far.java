package cahier.app.exposure;

import cahier.app.web.Measures;

/** The units in which a distance is judged by eye (docs/rules.md 27). What was given is kept beside the metres. */
public enum Far {

    M("m", 1), FT("ft", 0.3048), YD("yd", 0.9144), PACES("paces", 0.75), CARS("car lengths", 4.5);

    /** Further than this nobody judges. */
    public static final double FURTHEST_M = 1000;

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

    /** "30 paces" */
    public String given(double many) {
        return Measures.plain(many, 1) + " " + words;
    }
}
