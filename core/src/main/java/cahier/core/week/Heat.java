package cahier.core.week;

/** From when on it is too hot to practise outdoors (docs/rules.md 17). */
public final class Heat {

    /** In °C. */
    public static final int FROM = 24;
    /** As it is said to people. */
    public static final String WORDS = FROM + "\u00a0°C or more";

    private Heat() {
    }

    /**
     * Whether nothing is practised outdoors.
     *
     * @param celsius in the shade, as a weather service has it
     */
    public static boolean isTooMuch(double celsius) {
        return celsius >= FROM;
    }
}
