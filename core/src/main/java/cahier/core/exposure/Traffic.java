package cahier.core.exposure;

/** Whether a place has the right number of passers-by for watching (docs/rules.md 26). */
public enum Traffic {

    TOO_BUSY, SUITS, TOO_EMPTY;

    /** Fewer minutes than this between two, and the dog has no time to come down. */
    public static final int LEAST_MIN = 2;
    /** More than this, and nothing is learnt. */
    public static final int MOST_MIN = 10;

    /**
     * From a count.
     *
     * @param passed how many came by, 0 or more
     * @param minutes in so long, above 0
     */
    public static Traffic of(int passed, double minutes) {
        if (passed < 0 || !(minutes > 0)) {
            throw new IllegalArgumentException("passed must be 0 or more and minutes above 0, were " + passed + " and " + minutes);
        }
        double between = passed == 0 ? Double.POSITIVE_INFINITY : minutes / passed;
        return between < LEAST_MIN ? TOO_BUSY : between > MOST_MIN ? TOO_EMPTY : SUITS;
    }
}
