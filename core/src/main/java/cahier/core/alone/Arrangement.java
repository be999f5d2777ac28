package cahier.core.alone;

/**
 * Which of two ways to leave a dog is the kinder (docs/rules.md 14).
 *
 * @param better which
 * @param why what decided
 */
public record Arrangement(Which better, Why why) {

    /** A difference below this is none. */
    static final double TIE = 0.1;
    private static final double EPSILON = 1e-9;

    /** The first or the second that was watched. */
    public enum Which {
        FIRST, SECOND
    }

    /** What decided. */
    public enum Why {
        DAMAGE, LESS_DISTRESS, ENTERS_BY_ITSELF
    }

    /**
     * Compares two watches.
     *
     * @param firstDamage whether it damaged something or itself in the first
     * @param entersFirst whether the dog goes into the first by itself rather than into the second
     */
    public static Arrangement of(AloneReading first, boolean firstDamage, AloneReading second, boolean secondDamage, boolean entersFirst) {
        if (firstDamage != secondDamage) {
            return new Arrangement(firstDamage ? Which.SECOND : Which.FIRST, Why.DAMAGE);
        }
        double more = first.distressShare() - second.distressShare();
        if (Math.abs(more) < TIE - EPSILON) {
            return new Arrangement(entersFirst ? Which.FIRST : Which.SECOND, Why.ENTERS_BY_ITSELF);
        }
        return new Arrangement(more > 0 ? Which.SECOND : Which.FIRST, Why.LESS_DISTRESS);
    }
}
