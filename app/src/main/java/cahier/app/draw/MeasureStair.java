package cahier.app.draw;

import cahier.app.language.Words;
import cahier.app.web.Dates;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.stream.DoubleStream;

/**
 * The way of a step that measures: x calendar days, y what was measured on its own logarithmic scale, goal on top (docs/interface.md 5). The ink line is the best
 * clean value of each day.
 */
public final class MeasureStair {

    private static final double WIDTH = 368;
    private static final double HEIGHT = 152;
    private static final double LEFT = 10;
    private static final double RIGHT = 10;
    private static final double TOP = 22;
    private static final double BOTTOM = 20;
    private static final double AHEAD = 0.25;
    private static final int SHORTEST = 14;
    private static final double LABEL_ROOM = 56;
    private static final double LEAST = 0.1;

    /**
     * One day of practice.
     *
     * @param best the best CLEAN value; NaN where nothing was clean
     */
    public record Day(LocalDate date, double best, boolean tooMuch) {
    }

    /**
     * What is measured.
     *
     * @param now where it stands; NaN where that is not known
     * @param nowSays the same in words
     * @param goal above 0
     */
    public record Scale(double now, String nowSays, double goal, String goalSays) {
    }

    private final LocalDate start;
    private final LocalDate today;
    private final Scale scale;
    private final double dayWidth;
    private final double bottom;

    private MeasureStair(List<Day> days, Scale scale, LocalDate start, LocalDate today) {
        this.start = start;
        this.today = today;
        this.scale = scale;
        this.dayWidth = (WIDTH - LEFT - RIGHT) / Math.max(SHORTEST, (ChronoUnit.DAYS.between(start, today) + 1) * (1 + AHEAD));
        // The value that lies farthest from the goal stands at the bottom, whichever way it goes.
        this.bottom = DoubleStream.concat(days.stream().mapToDouble(Day::best), DoubleStream.of(scale.now())).filter(v -> !Double.isNaN(v)).map(v -> Math.max(LEAST, v))
                .reduce(scale.goal(), (a, b) -> Math.abs(Math.log(b / scale.goal())) > Math.abs(Math.log(a / scale.goal())) ? b : a);
    }

    /** The drawing; days oldest first. */
    public static Drawing of(List<Day> days, Scale scale, LocalDate start, LocalDate today, Collection<LocalDate> lessons, String alt) {
        return new MeasureStair(days, scale, start, today).draw(days, lessons, alt);
    }

    private double x(LocalDate date) {
        return LEFT + ChronoUnit.DAYS.between(start, date) * dayWidth;
    }

    private double y(double value) {
        double whole = Math.log(scale.goal() / bottom);
        double share = whole == 0 ? 1 : Math.log(Math.max(LEAST, value) / bottom) / whole;
        return HEIGHT - BOTTOM - Math.max(0, Math.min(1, share)) * (HEIGHT - TOP - BOTTOM);
    }

    private Drawing draw(List<Day> days, Collection<LocalDate> lessons, String alt) {
        double goal = Math.round(y(scale.goal())) + 0.5;
        Path lesson = new Path();
        lessons.stream().filter(d -> !d.isBefore(start) && x(d) <= WIDTH - RIGHT).forEach(d -> lesson.move(Math.round(x(d)) + 0.5, goal).vertical(HEIGHT - BOTTOM + 6));
        List<Stroke> strokes = new ArrayList<>(List.of(new Stroke(new Path().move(LEFT, HEIGHT - BOTTOM + 0.5).horizontal(WIDTH - RIGHT).data(), "rule"), new Stroke(new Path().move(LEFT, goal).horizontal(WIDTH - RIGHT).data(), "goal"),
                new Stroke(new Path().move(LEFT, goal + 3).horizontal(WIDTH - RIGHT).data(), "goal thin"), new Stroke(lesson.data(), "lesson")));
        Path ink = new Path();
        Path tooMuch = new Path();
        boolean begun = false;
        for (Day day : days) {
            if (!Double.isNaN(day.best())) {
                begun = begun ? begun : !ink.move(x(day.date()), y(day.best())).data().isEmpty();
                ink.horizontal(x(day.date())).vertical(y(day.best())).horizontal(x(day.date()) + dayWidth);
            }
            if (day.tooMuch()) {
                Glyph.TOO_MUCH.draw(tooMuch, x(day.date()) + dayWidth / 2 - 6, HEIGHT - BOTTOM - 13, 0.5);
            }
        }
        double at = x(today) + dayWidth / 2;
        if (begun && !Double.isNaN(scale.now())) {
            ink.horizontal(at).vertical(y(scale.now()));
        }
        strokes.add(new Stroke(tooMuch.data(), "m-toomuch"));
        strokes.add(new Stroke(ink.data(), "ink"));
        if (!Double.isNaN(scale.now())) {
            strokes.add(new Stroke(Circle.at(at, y(scale.now()), 4), "today"));
        }
        return new Drawing("stair", WIDTH, HEIGHT, alt, strokes, labels(at, goal));
    }

    private List<Label> labels(double at, double goal) {
        List<Label> labels = new ArrayList<>(List.of(new Label(LEFT, goal - 8, Words.say("draw.MeasureStair.goal", scale.goalSays()), "start", "goal-t")));
        if (!Double.isNaN(scale.now())) {
            labels.add(new Label(at + 9, Math.max(goal + 16, y(scale.now()) + 4), scale.nowSays(), "start", "ynum now"));
        }
        if (at - LEFT > LABEL_ROOM) {
            labels.add(new Label(LEFT, HEIGHT - 4, Dates.shortDate(start), "start", "xlab"));
        }
        labels.add(new Label(at, HEIGHT - 4, "today", "middle", "xlab"));
        return labels;
    }
}
