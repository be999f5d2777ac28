package cahier.core.exposure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What a dog at (0, 0) sees of a path that runs along y = pathMetres, past screens that stand between (docs/rules.md 10).
 *
 * @param visible stretches of the path it sees, from left to right, in metres along it
 * @param widest the widest of them, of equals the leftmost; empty when nothing is seen
 * @param seconds a trigger is in view on it
 * @param leftEnd metres from the dog to its left end
 * @param rightEnd metres from the dog to its right end
 * @param neededSeconds to notice, answer and be paid
 * @param neededMetres the stretch a trigger covers meanwhile
 */
public record SightLine(List<Stretch> visible, Optional<Stretch> widest, double seconds, double leftEnd, double rightEnd, double neededSeconds, double neededMetres, Verdict verdict) {

    public static final double WALKING = 1.4;
    public static final double JOGGING = 2.8;
    public static final double CYCLING = 5.0;
    /** How far to each side the path is looked at, in metres. */
    public static final double REACH = 60;

    private static final double NOTICE = 1;
    private static final double ANSWER = 1;
    private static final double A_PIECE = 1.5;
    private static final double LONG = 3;
    private static final double LEAD_MARGIN = 1;
    private static final double NOTHING = 1e-9;

    /** What the gap is good for. */
    public enum Verdict {
        HIDDEN, TOO_SHORT, FITS, LONG
    }

    /** From left to right along the path, in metres. */
    public record Stretch(double from, double to) {

        /** Its length, in metres. */
        public double metres() {
            return to - from;
        }
    }

    /** A screen, both ends strictly between the dog and the path, in metres. */
    public record Screen(double x1, double y1, double x2, double y2) {
    }

    public SightLine {
        visible = List.copyOf(visible);
    }

    /**
     * Looks along the path.
     *
     * @param pathMetres above 0
     * @param speed of the trigger in m/s, above 0
     * @param pieces to be paid while it is in view, 0 or more
     */
    public static SightLine of(double pathMetres, List<Screen> screens, double speed, int pieces, double reach) {
        if (!(pathMetres > 0) || !(speed > 0) || !(reach > 0) || pieces < 0) {
            throw new IllegalArgumentException("pathMetres, speed and reach must be above 0 and pieces 0 or more, were " + pathMetres + ", " + speed + ", " + reach + " and " + pieces);
        }
        for (Screen s : screens) {
            if (!(s.y1() > 0 && s.y1() < pathMetres && s.y2() > 0 && s.y2() < pathMetres)) {
                throw new IllegalArgumentException("a screen must stand between 0 and " + pathMetres + " m, was at " + s.y1() + " and " + s.y2());
            }
        }
        List<Stretch> visible = visible(shadows(pathMetres, screens, reach), reach);
        double neededSeconds = NOTICE + ANSWER + A_PIECE * pieces;
        Optional<Stretch> widest = visible.stream().reduce((a, b) -> b.metres() > a.metres() + NOTHING ? b : a);
        double metres = widest.map(Stretch::metres).orElse(0.0);
        return new SightLine(visible, widest, metres / speed, widest.map(w -> Math.hypot(w.from(), pathMetres)).orElse(Double.NaN),
                widest.map(w -> Math.hypot(w.to(), pathMetres)).orElse(Double.NaN), neededSeconds, speed * neededSeconds, verdict(metres, speed * neededSeconds));
    }

    private static Verdict verdict(double metres, double needed) {
        if (metres <= 0) {
            return Verdict.HIDDEN;
        }
        return metres < needed ? Verdict.TOO_SHORT : metres > LONG * needed ? Verdict.LONG : Verdict.FITS;
    }

    /** Within the reach, from left to right, none touching another. */
    private static List<Stretch> shadows(double path, List<Screen> screens, double reach) {
        List<Stretch> cast = screens.stream().map(s -> {
            double a = s.x1() * path / s.y1();
            double b = s.x2() * path / s.y2();
            return new Stretch(Math.max(-reach, Math.min(a, b)), Math.min(reach, Math.max(a, b)));
        }).filter(s -> s.metres() > 0).sorted(Comparator.comparingDouble(Stretch::from)).toList();
        List<Stretch> merged = new ArrayList<>();
        for (Stretch s : cast) {
            Stretch last = merged.isEmpty() ? null : merged.get(merged.size() - 1);
            if (last != null && s.from() <= last.to()) {
                merged.set(merged.size() - 1, new Stretch(last.from(), Math.max(last.to(), s.to())));
            } else {
                merged.add(s);
            }
        }
        return merged;
    }

    private static List<Stretch> visible(List<Stretch> shadows, double reach) {
        List<Stretch> visible = new ArrayList<>();
        double from = -reach;
        for (Stretch s : shadows) {
            if (s.from() - from > NOTHING) {
                visible.add(new Stretch(from, s.from()));
            }
            from = s.to();
        }
        if (reach - from > NOTHING) {
            visible.add(new Stretch(from, reach));
        }
        return visible;
    }

    /** How far around the handler the dog reaches on a lead, with a metre to spare; whoever comes nearer is at risk. */
    public static double leadCircle(double heldLeadMetres) {
        return heldLeadMetres + LEAD_MARGIN;
    }
}
