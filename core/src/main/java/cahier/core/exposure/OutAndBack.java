package cahier.core.exposure;

import java.util.OptionalInt;

/**
 * The next outing from the door and home again, in paces (docs/rules.md 27).
 *
 * @param known paces that were calm last time; walked out and home first
 * @param next paces to reach then
 * @param round whether the round walk is proposed instead
 */
public record OutAndBack(int known, int next, boolean round) {

    /** So many paces further. */
    public static final int FURTHER = 5;

    /**
     * From the last outing.
     *
     * @param farthestCalm paces from the door at which the dog was still calm, 0 or more
     * @param roundPaces of the whole round walk, above 0; empty when there is none
     */
    public static OutAndBack after(int farthestCalm, OptionalInt roundPaces) {
        if (farthestCalm < 0 || roundPaces.isPresent() && roundPaces.getAsInt() <= 0) {
            throw new IllegalArgumentException("farthestCalm must be 0 or more and roundPaces above 0, were " + farthestCalm + " and " + roundPaces);
        }
        return new OutAndBack(farthestCalm, farthestCalm + FURTHER, roundPaces.isPresent() && 2 * farthestCalm > roundPaces.getAsInt());
    }

    /**
     * How far the dog gets from the hand.
     *
     * @param length of the lead in metres, 0 or more
     * @param wrapped of it around the hand, from 0 to length
     */
    public static double leadReach(double length, double wrapped) {
        if (!(length >= 0) || !(wrapped >= 0 && wrapped <= length)) {
            throw new IllegalArgumentException("wrapped must be from 0 to length, were " + wrapped + " and " + length);
        }
        return length - wrapped;
    }
}
