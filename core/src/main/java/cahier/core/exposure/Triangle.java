package cahier.core.exposure;

/**
 * A recall past a dish: dog at (0, 0), caller at (0, L), dish beside the way (docs/rules.md 11).
 *
 * @param dogToDish metres
 * @param angleDegrees at the dog, between dish and caller
 * @param pull of the dish against the caller
 * @param nextSideMetres where the dish stands sideways on the next pass; 0 is on the line
 */
public record Triangle(double dogToDish, double angleDegrees, double pull, double nextSideMetres) {

    private static final double NEARER = 0.75;
    private static final double HARDER = 1.15;
    private static final double ON_THE_LINE = 0.3;
    private static final int HALVINGS = 200;

    /**
     * Reckons one pass.
     *
     * @param caller metres from the dog, above 0
     * @param side of the dish from the line, 0 m or more
     * @param along the line, 0 m or more; not both 0
     */
    public static Triangle of(double caller, double side, double along) {
        if (!(caller > 0) || !(side >= 0) || !(along >= 0) || side == 0 && along == 0) {
            throw new IllegalArgumentException("caller must be above 0, side and along 0 or more and not both 0, were " + caller + ", " + side + " and " + along);
        }
        double dish = Math.hypot(side, along);
        return new Triangle(dish, Math.toDegrees(Math.atan2(side, along)), pull(caller, side, along), next(caller, side, along));
    }

    private static double pull(double caller, double side, double along) {
        double dish = Math.hypot(side, along);
        return caller / dish * (1 + along / dish) / 2;
    }

    /** The pull grows as the dish comes nearer to the line, so that the side where it is 15% more is found by halving. */
    private static double next(double caller, double side, double along) {
        double quick = NEARER * side;
        double wanted = HARDER * pull(caller, side, along);
        double next = quick;
        if (along > 0 ? pull(caller, 0, along) >= wanted : side > 0) {
            double low = 0;
            double high = side;
            for (int i = 0; i < HALVINGS; i++) {
                double mid = (low + high) / 2;
                if (pull(caller, mid, along) > wanted) {
                    low = mid;
                } else {
                    high = mid;
                }
            }
            next = Math.max(quick, high);
        }
        return next < ON_THE_LINE ? 0 : next;
    }
}
