package cahier.app.draw;

import java.util.List;
import java.util.function.DoubleUnaryOperator;

/** How likely each true rate is, 50% to 100%, hatched at and above the bar (docs/interface.md 5). */
public final class OddsCurve {

    private static final double WIDTH = 228;
    private static final double HEIGHT = 104;
    private static final double FLOOR = 80;
    private static final double TOP = 6;
    private static final double FROM = 0.5;
    private static final int POINTS = 76;
    private static final double HATCH = 6;

    private OddsCurve() {
    }

    /**
     * The drawing.
     *
     * @param density of the true rate, 0 to 1
     * @param bar 0.5 to 1
     * @param said the odds in words, for a screen reader
     */
    public static Drawing of(DoubleUnaryOperator density, double bar, String said) {
        double[] heights = new double[POINTS];
        double most = 0;
        for (int i = 0; i < POINTS; i++) {
            heights[i] = density.applyAsDouble(rate(i));
            most = Math.max(most, heights[i]);
        }
        Path curve = new Path();
        Path hatch = new Path();
        for (int i = 0; i < POINTS; i++) {
            double y = FLOOR - (most == 0 ? 0 : (FLOOR - TOP) * heights[i] / most);
            if (i == 0) {
                curve.move(x(rate(i)), y);
            } else {
                curve.line(x(rate(i)), y);
            }
        }
        for (double at = x(bar); at < x(1); at += HATCH) {
            double rate = FROM + at / (WIDTH - 4) * (1 - FROM);
            double height = most == 0 ? 0 : (FLOOR - TOP) * density.applyAsDouble(Math.min(rate, 1)) / most;
            if (height > 2) {
                double lean = Math.min(HATCH, height);
                hatch.move(at, FLOOR - height).line(Math.min(at + lean, x(1)), FLOOR - height + lean);
                hatch.move(at, FLOOR).vertical(FLOOR - height);
            }
        }
        Path tick = new Path().move(x(bar), TOP - 4).vertical(FLOOR + 4);
        Path floor = new Path().move(0, FLOOR + 0.5).horizontal(WIDTH);
        return new Drawing("odds", WIDTH, HEIGHT, said, List.of(new Stroke(hatch.data(), "hatch"), new Stroke(floor.data(), "rule-s"), new Stroke(curve.data(), "ink thin"),
                new Stroke(tick.data(), "tick")), List.of(new Label(0, FLOOR + 18, "50%", "start", "xlab"),
                new Label(x(bar), FLOOR + 18, Math.round(100 * bar) + "%", "middle", "xlab now"), new Label(x(1), FLOOR + 18, "100%", "end", "xlab")));
    }

    private static double rate(int i) {
        return FROM + (1 - FROM) * i / (POINTS - 1);
    }

    private static double x(double rate) {
        return (rate - FROM) / (1 - FROM) * (WIDTH - 4);
    }
}
