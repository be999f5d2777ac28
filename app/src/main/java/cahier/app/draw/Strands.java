package cahier.app.draw;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Made-up staircases laid over each other, small, for a card: x weeks, the same on every card, y the steps of the template from first to goal (docs/interface.md 5). */
public final class Strands {

    private static final double WIDTH = 260;
    private static final double HEIGHT = 76;
    private static final double TOP = 6;
    private static final double FLOOR = 56;
    private static final int DAYS_A_WEEK = 7;
    private static final double BASELINE = 72;

    private final int steps;
    private final double dayWidth;

    private Strands(int steps, int weeks) {
        this.steps = steps;
        this.dayWidth = WIDTH / (weeks * DAYS_A_WEEK);
    }

    /**
     * The drawing.
     *
     * @param strands where each stood from a day on; one that reached the goal ends as many steps high as there are
     * @param weeks that are drawn
     * @param half the week by which half of them are at the goal; none where they are not
     * @param alt the whole of it in a sentence
     */
    public static Drawing of(int steps, List<List<Bundle.Point>> strands, int weeks, @Nullable Integer half, String alt) {
        return new Strands(steps, weeks).draw(strands, weeks, half, alt);
    }

    private Drawing draw(List<List<Bundle.Point>> strands, int weeks, @Nullable Integer half, String alt) {
        List<Stroke> strokes = new ArrayList<>(List.of(new Stroke(new Path().move(0, TOP).horizontal(WIDTH).data(), "goal"), new Stroke(new Path().move(0, FLOOR).horizontal(WIDTH).data(), "rule")));
        List<Label> labels = new ArrayList<>();
        for (List<Bundle.Point> strand : strands) {
            strokes.add(new Stroke(stair(strand, weeks * DAYS_A_WEEK), "strand"));
        }
        if (half != null && half <= weeks) {
            double x = Math.round(half * DAYS_A_WEEK * dayWidth) + 0.5;
            strokes.add(new Stroke(new Path().move(x, TOP).vertical(FLOOR + 4).data(), "half"));
            boolean early = half * 2 < weeks;
            labels.add(new Label(x, BASELINE, half + (half == 1 ? " week" : " weeks"), early ? "start" : "end", "xlab"));
        }
        return new Drawing("stair strands", WIDTH, HEIGHT, alt, strokes, labels);
    }

    private String stair(List<Bundle.Point> points, int days) {
        Path path = new Path();
        double lastY = FLOOR;
        for (int i = 0; i < points.size() && points.get(i).day() <= days; i++) {
            double x = Math.round(points.get(i).day() * dayWidth);
            double y = Math.round(y(points.get(i).level()));
            if (i == 0) {
                path.move(x, y);
            } else {
                path.horizontal(x).vertical(y);
            }
            lastY = y;
        }
        return (lastY > TOP ? path.horizontal(Math.round(days * dayWidth)) : path).data();
    }

    private double y(double level) {
        return FLOOR - Math.max(0, Math.min(steps, level)) / steps * (FLOOR - TOP);
    }
}
