package cahier.app.draw;

import cahier.app.language.Words;
import java.util.ArrayList;
import java.util.List;

/** Many made-up staircases laid over each other, thin, with the real one before them: x weeks from today, y the steps by name (docs/interface.md 5). */
public final class Bundle {

    private static final double WIDTH = 880;
    private static final double LEFT = 196;
    private static final double RIGHT = 12;
    private static final double TOP = 30;
    private static final double ROW = 24;
    private static final double BELOW = 30;
    private static final int NAME = 24;
    private static final int DAYS_A_WEEK = 7;
    private static final double STACK = 7;

    private final List<String> steps;
    private final int pastDays;
    private final double dayWidth;
    private final double floor;

    /** Where one of them stood from a day on; days before today are negative, levels are steps above the first and may lie between two. */
    public record Point(int day, double level) {
    }

    private Bundle(List<String> steps, int pastDays, int days) {
        this.steps = steps;
        this.pastDays = pastDays;
        this.dayWidth = (WIDTH - LEFT - RIGHT) / (pastDays + days);
        this.floor = TOP + ROW * steps.size();
    }

    /**
     * The drawing.
     *
     * @param steps titles, the first step first
     * @param real where the real dog stood, oldest first; empty where there is none
     * @param walks one for each made-up dog, from today on; the last point of one that came to the goal lies above the last step
     * @param days that are drawn, 7 or more
     * @param alt the whole of it in a sentence
     */
    public static Drawing of(List<String> steps, List<Point> real, List<List<Point>> walks, int days, String alt) {
        int past = real.isEmpty() ? 0 : Math.max(0, -real.get(0).day());
        return new Bundle(steps, past, days).draw(real, walks, days, alt);
    }

    private double x(double day) {
        return LEFT + (pastDays + day) * dayWidth;
    }

    private double y(double level) {
        return floor - level * ROW;
    }

    private Drawing draw(List<Point> real, List<List<Point>> walks, int days, String alt) {
        List<Label> labels = new ArrayList<>();
        Path rules = new Path();
        for (int i = 0; i < steps.size(); i++) {
            rules.move(LEFT, Math.round(y(i)) + 0.5).horizontal(WIDTH - RIGHT);
            labels.add(new Label(LEFT - 12, y(i) + 4, Integer.toString(i + 1), "end", "ynum"));
            labels.add(new Label(LEFT - 36, y(i) + 4, Label.fitting(steps.get(i), NAME), "end", "yname"));
        }
        double goal = Math.round(y(steps.size())) + 0.5;
        labels.add(new Label(LEFT - 12, goal + 4, "Goal", "end", "goal-t"));
        Path weeks = new Path();
        int every = days > 20 * DAYS_A_WEEK ? 4 : 2;
        for (int week = 0; week * DAYS_A_WEEK <= days; week += every) {
            double x = Math.round(x(week * DAYS_A_WEEK)) + 0.5;
            weeks.move(x, goal).vertical(floor + 6);
            labels.add(new Label(x, floor + 20, week == 0 ? "today" : Words.say("draw.Bundle.weeks", week), "middle", "xlab"));
        }
        List<Stroke> strokes = new ArrayList<>(List.of(new Stroke(rules.data(), "rule"), new Stroke(new Path().move(LEFT, goal).horizontal(WIDTH - RIGHT).data(), "goal"),
                new Stroke(new Path().move(LEFT, goal + 3).horizontal(WIDTH - RIGHT).data(), "goal thin"), new Stroke(weeks.data(), "lesson")));
        for (int i = 0; i < walks.size(); i++) {
            strokes.add(new Stroke(stair(walks.get(i), days, lift(i, walks.size())), "strand"));
        }
        strokes.add(new Stroke(stair(real, 0, 0), "ink"));
        return new Drawing("stair wide bundle", WIDTH, floor + BELOW, alt, strokes, labels);
    }

    /** Those on one step lie beside each other, so that many look like many. */
    private static double lift(int strand, int of) {
        return STACK * ((strand * 37 % of) / (double) of - 0.5);
    }

    private String stair(List<Point> points, int until, double lift) {
        Path path = new Path();
        for (int i = 0; i < points.size(); i++) {
            Point p = points.get(i);
            double x = x(Math.min(p.day(), until));
            double y = y(Math.max(-0.5, Math.min(steps.size(), p.level()))) + (p.level() >= steps.size() ? 0 : lift);
            if (i == 0) {
                path.move(x, y);
            } else {
                path.horizontal(x).vertical(y);
            }
        }
        boolean goesOn = !points.isEmpty() && points.get(points.size() - 1).level() < steps.size();
        return (goesOn ? path.horizontal(x(until)) : path).data();
    }

}
