package cahier.app.draw;

import cahier.app.web.Dates;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;

/**
 * The way of one track so far: x calendar days, y steps, goal on top (docs/interface.md 5). The ink line is the step worked that day;
 * an upright on it is that day's clean share, so that a full stroke reaches the next step.
 */
public final class StairDrawing {

    private static final double WIDTH = 368;
    private static final double HEIGHT = 152;
    private static final double LEFT = 26;
    private static final double RIGHT = 10;
    private static final double TOP = 22;
    private static final double BOTTOM = 20;
    /** Days kept free to the right of today, as a share of the days drawn. */
    private static final double AHEAD = 0.25;
    private static final int SHORTEST = 14;
    private static final double LABEL_ROOM = 56;

    private final LocalDate start;
    private final LocalDate today;
    private final double dayWidth;
    private final double stepHeight;

    private StairDrawing(LocalDate start, LocalDate today, int steps) {
        this.start = start;
        this.today = today;
        double days = Math.max(SHORTEST, (ChronoUnit.DAYS.between(start, today) + 1) * (1 + AHEAD));
        this.dayWidth = (WIDTH - LEFT - RIGHT) / days;
        this.stepHeight = (HEIGHT - TOP - BOTTOM) / steps;
    }

    /**
     * One day of practice.
     *
     * @param step 1-based
     * @param cleanShare 0 to 1
     */
    public record Day(LocalDate date, int step, double cleanShare, boolean tooMuch) {
    }

    /**
     * The drawing.
     *
     * @param days oldest first
     * @param current 1-based step, or steps + 1 when the goal is reached
     * @param alt what a screen reader says instead
     */
    public static Drawing of(List<Day> days, int steps, int current, LocalDate start, LocalDate today, Collection<LocalDate> lessons, String alt) {
        return new StairDrawing(start, today, Math.max(1, steps)).draw(days, Math.max(1, steps), current, lessons, alt);
    }

    private double x(LocalDate date) {
        return LEFT + ChronoUnit.DAYS.between(start, date) * dayWidth;
    }

    private double y(int step) {
        return HEIGHT - BOTTOM - (step - 1) * stepHeight;
    }

    private Drawing draw(List<Day> days, int steps, int current, Collection<LocalDate> lessons, String alt) {
        List<Stroke> strokes = new ArrayList<>();
        Path rules = new Path();
        for (int step = 1; step <= steps; step++) {
            rules.move(LEFT, Math.round(y(step)) + 0.5).horizontal(WIDTH - RIGHT);
        }
        double goal = Math.round(y(steps + 1)) + 0.5;
        Path lesson = new Path();
        lessons.stream().filter(d -> !d.isBefore(start) && x(d) <= WIDTH - RIGHT)
                .forEach(d -> lesson.move(Math.round(x(d)) + 0.5, goal).vertical(HEIGHT - BOTTOM + 6));
        strokes.add(new Stroke(rules.data(), "rule"));
        strokes.add(new Stroke(new Path().move(LEFT, goal).horizontal(WIDTH - RIGHT).data(), "goal"));
        strokes.add(new Stroke(new Path().move(LEFT, goal + 3).horizontal(WIDTH - RIGHT).data(), "goal thin"));
        strokes.add(new Stroke(lesson.data(), "lesson"));
        strokes.addAll(marks(days));
        strokes.addAll(inkLine(days, current));
        strokes.add(new Stroke(Circle.at(x(today) + dayWidth / 2, y(current), 4), "today"));
        return new Drawing("stair", WIDTH, HEIGHT, alt, strokes, labels(current, steps, goal));
    }

    private List<Stroke> marks(List<Day> days) {
        Path clean = new Path();
        Path tooMuch = new Path();
        for (Day day : days) {
            double x = x(day.date()) + dayWidth / 2;
            double y = y(day.step());
            clean.move(x, y - 2).vertical(y - 2 - (stepHeight - 4) * day.cleanShare());
            if (day.tooMuch()) {
                Glyph.TOO_MUCH.draw(tooMuch, x - 6, y + 1, 0.5);
            }
        }
        return List.of(new Stroke(clean.data(), "m-clean"), new Stroke(tooMuch.data(), "m-toomuch"));
    }

    /** The step worked each day, a riser where it changes, a dotted tread for a pause of more than two days. */
    private List<Stroke> inkLine(List<Day> days, int current) {
        Path ink = new Path();
        Path pause = new Path();
        double lastX = Double.NaN;
        double lastY = Double.NaN;
        for (Day day : days) {
            double from = x(day.date());
            double y = y(day.step());
            if (Double.isNaN(lastX)) {
                ink.move(from, y);
            } else if (from - lastX > dayWidth * 2.2) {
                pause.move(lastX, lastY).horizontal(from);
                ink.move(from, lastY).vertical(y);
            } else {
                ink.horizontal(from).vertical(y);
            }
            ink.horizontal(from + dayWidth);
            lastX = from + dayWidth;
            lastY = y;
        }
        double now = x(today) + dayWidth / 2;
        if (!Double.isNaN(lastX) && now > lastX) {
            (now - lastX > dayWidth * 2.2 ? pause : ink).move(lastX, lastY).horizontal(now);
        }
        if (!Double.isNaN(lastX) && lastY != y(current)) {
            ink.move(now, lastY).vertical(y(current));
        }
        return List.of(new Stroke(pause.data(), "pause"), new Stroke(ink.data(), "ink"));
    }

    private List<Label> labels(int current, int steps, double goal) {
        List<Label> labels = new ArrayList<>();
        labels.add(new Label(LEFT, goal - 8, "Goal", "start", "goal-t"));
        if (current <= steps) {
            labels.add(new Label(LEFT - 8, y(current) + 4, Integer.toString(current), "end", "ynum now"));
        }
        if (current > 2) {
            labels.add(new Label(LEFT - 8, y(1) + 4, "1", "end", "ynum"));
        }
        double now = x(today) + dayWidth / 2;
        if (now - LEFT > LABEL_ROOM) {
            labels.add(new Label(LEFT, HEIGHT - 4, Dates.shortDate(start), "start", "xlab"));
        }
        labels.add(new Label(now, HEIGHT - 4, "today", "middle", "xlab"));
        return labels;
    }
}
