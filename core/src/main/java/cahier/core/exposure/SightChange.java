package cahier.core.exposure;

import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * What would make a gap that is too short long enough (docs/rules.md 10).
 *
 * @param pieces the most that fit as it is, at least 1
 * @param sideways metres the dog has to move along the path for all pieces to fit, to the right when above 0; the least that does
 */
public record SightChange(OptionalInt pieces, OptionalDouble sideways) {

    private static final double FURTHEST = 15;
    private static final double STEP = 0.5;
    private static final SightChange NONE = new SightChange(OptionalInt.empty(), OptionalDouble.empty());

    /** Nothing for a gap that is hidden, fits or is long. */
    public static SightChange of(double pathMetres, List<SightLine.Screen> screens, double speed, int pieces, double reach) {
        if (SightLine.of(pathMetres, screens, speed, pieces, reach).verdict() != SightLine.Verdict.TOO_SHORT) {
            return NONE;
        }
        OptionalInt fewer = OptionalInt.empty();
        for (int n = pieces - 1; n >= 1 && fewer.isEmpty(); n--) {
            fewer = isLongEnough(pathMetres, screens, speed, n, reach, 0) ? OptionalInt.of(n) : OptionalInt.empty();
        }
        for (double by = STEP; by <= FURTHEST; by += STEP) {
            for (double side : new double[] {by, -by}) {
                if (isLongEnough(pathMetres, screens, speed, pieces, reach, side)) {
                    return new SightChange(fewer, OptionalDouble.of(side));
                }
            }
        }
        return new SightChange(fewer, OptionalDouble.empty());
    }

    /** The dog moves to the right: for it the screens move to the left. */
    private static boolean isLongEnough(double pathMetres, List<SightLine.Screen> screens, double speed, int pieces, double reach, double right) {
        List<SightLine.Screen> seen = screens.stream().map(s -> new SightLine.Screen(s.x1() - right, s.y1(), s.x2() - right, s.y2())).toList();
        SightLine.Verdict verdict = SightLine.of(pathMetres, seen, speed, pieces, reach).verdict();
        return verdict == SightLine.Verdict.FITS || verdict == SightLine.Verdict.LONG;
    }
}
