package cahier.core.exposure;

/**
 * What to take along for a long sitting (docs/rules.md 26).
 *
 * @param pieces needed
 * @param biscuits whole ones to cut
 */
public record Provisions(int pieces, int biscuits) {

    /** Pieces of a jackpot. */
    public static final int JACKPOT = 5;
    /** The shortest and the longest time between two pieces while nothing happens, in minutes. */
    public static final double LEAST_IDLE_MIN = 1;
    public static final double MOST_IDLE_MIN = 2;

    private static final double USUAL_IDLE_MIN = 1.5;
    private static final int USUAL_MINUTES_A_PASSER = 4;
    private static final int USUAL_JACKPOTS = 2;

    /**
     * As it usually goes: a piece every minute and a half, somebody every four minutes, two jackpots.
     *
     * @param minutes of the sitting, above 0
     * @param cuts pieces that one biscuit gives, 1 or more
     */
    public static Provisions usual(int minutes, int cuts) {
        return of(minutes, USUAL_IDLE_MIN, minutes / USUAL_MINUTES_A_PASSER, 1, USUAL_JACKPOTS, cuts);
    }

    /**
     * Reckons them.
     *
     * @param minutes of the sitting, above 0
     * @param idleMinutes between two pieces while nothing happens, 1 to 2
     * @param passers expected, 0 or more
     * @param piecesEach for each of them, 0 or more
     * @param jackpots expected, 0 or more
     * @param cuts pieces that one biscuit gives, 1 or more
     */
    public static Provisions of(double minutes, double idleMinutes, int passers, int piecesEach, int jackpots, int cuts) {
        if (!(minutes > 0) || !(idleMinutes >= LEAST_IDLE_MIN && idleMinutes <= MOST_IDLE_MIN)) {
            throw new IllegalArgumentException("minutes must be above 0 and idleMinutes from 1 to 2, were " + minutes + " and " + idleMinutes);
        }
        if (passers < 0 || piecesEach < 0 || jackpots < 0 || cuts < 1) {
            throw new IllegalArgumentException("passers, piecesEach and jackpots must be 0 or more and cuts 1 or more, were " + passers + ", " + piecesEach + ", " + jackpots + " and " + cuts);
        }
        int pieces = (int) Math.ceil(minutes / idleMinutes) + passers * piecesEach + jackpots * JACKPOT;
        return new Provisions(pieces, (pieces + cuts - 1) / cuts);
    }

    /** How many are missing of what is carried; 0 when it is enough. */
    public int missing(int carried) {
        return Math.max(0, pieces - carried);
    }
}
