package cahier.app.draw;

import cahier.app.web.Dates;
import cahier.core.rep.Outcome;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The way of one track at full width: x calendar days with the lessons as rules, y the steps by name, on each day what was tapped, below it
 * where, and what happened for real (docs/interface.md 5). Every day and every incident tells its own story when it is pointed at.
 */
public final class WideStair {

    private static final double WIDTH = 880;
    private static final double LEFT = 196;
    private static final double RIGHT = 12;
    private static final double TOP = 30;
    private static final double ROW = 26;
    private static final double BELOW = 58;
    private static final int SHORTEST = 21;
    private static final double AHEAD = 0.2;
    private static final double MOST_AHEAD = 1.2;
    private static final double RAY = 9;
    private static final double DATE_ROOM = 52;
    private static final double LETTER = 6.3;
    private static final int NAME = 24;
    private static final double WIDEST_DAY = 26;

    /**
     * One day of practice on one step.
     *
     * @param step 1-based
     * @param counts reps by outcome
     * @param place where most of it was; empty when nobody said
     * @param says the day in words
     */
    public record Day(LocalDate date, int step, Map<Outcome, Integer> counts, String place, String says) {

        int of(Outcome outcome) {
            return counts.getOrDefault(outcome, 0);
        }

        double share(Outcome outcome) {
            return (double) of(outcome) / counts.values().stream().mapToInt(Integer::intValue).sum();
        }
    }

    /** A lesson, or something that happened for real. */
    public record Mark(LocalDate date, String says) {
    }

    /**
     * What is drawn.
     *
     * @param days oldest first
     * @param steps titles, the first step first
     * @param current 1-based, one more than there are when the goal is reached
     * @param start the day at the left edge
     * @param fan when the goal may be reached; empty when it is reached or not in sight
     */
    public record Course(List<Day> days, List<String> steps, int current, LocalDate start, LocalDate today, List<Mark> lessons, List<Mark> incidents, Optional<Fan> fan) {

        /** A way without a forecast. */
        public Course(List<Day> days, List<String> steps, int current, LocalDate start, LocalDate today, List<Mark> lessons, List<Mark> incidents) {
            this(days, steps, current, start, today, lessons, incidents, Optional.empty());
        }
    }

    /**
     * Days by which the goal is reached in 10, 50 and 90 of 100 runs.
     *
     * @param late empty when beyond a year
     */
    public record Fan(LocalDate early, LocalDate middle, Optional<LocalDate> late) {
    }

    private final Course way;
    private final double dayWidth;
    private final double floor;

    private WideStair(Course way) {
        this.way = way;
        double past = ChronoUnit.DAYS.between(way.start(), way.today()) + 1;
        double ahead = way.fan().map(f -> Math.min(MOST_AHEAD * Math.max(SHORTEST, past), 2.0 + ChronoUnit.DAYS.between(way.today(), f.late().orElse(way.today().plusYears(1))))).orElse(AHEAD * past);
        double days = Math.max(SHORTEST, past + Math.max(AHEAD * past, ahead));
        this.dayWidth = Math.min(WIDEST_DAY, (WIDTH - LEFT - RIGHT) / days);
        this.floor = TOP + ROW * way.steps().size();
    }

    /**
     * The drawing.
     *
     * @param alt the whole of it in a sentence
     */
    public static Drawing of(Course way, String alt) {
        return new WideStair(way).draw(alt);
    }

    private double x(LocalDate date) {
        return LEFT + ChronoUnit.DAYS.between(way.start(), date) * dayWidth;
    }

    private double middle(LocalDate date) {
        return x(date) + dayWidth / 2;
    }

    private double y(int step) {
        return floor - (step - 1) * ROW;
    }

    private Drawing draw(String alt) {
        List<Label> labels = new ArrayList<>();
        List<Spot> spots = new ArrayList<>();
        List<Stroke> strokes = new ArrayList<>(frame(labels));
        way.fan().ifPresent(fan -> strokes.addAll(fan(fan, labels)));
        strokes.addAll(marks());
        strokes.add(ink());
        strokes.add(new Stroke(Circle.at(middle(way.today()), y(way.current()), 4.5), "today"));
        strokes.addAll(places(labels));
        strokes.addAll(incidents(spots));
        way.days().forEach(d -> spots.add(new Spot(x(d.date()), y(d.step()) - ROW + 1, Math.max(6, dayWidth), ROW + 8, d.says())));
        return new Drawing("stair wide", WIDTH, floor + BELOW, alt, strokes, labels, spots);
    }

    private List<Stroke> frame(List<Label> labels) {
        Path rules = new Path();
        for (int step = 1; step <= way.steps().size(); step++) {
            rules.move(LEFT, Math.round(y(step)) + 0.5).horizontal(WIDTH - RIGHT);
            String now = step == way.current() ? " now" : "";
            labels.add(new Label(LEFT - 12, y(step) + 4, Integer.toString(step), "end", "ynum" + now));
            labels.add(new Label(LEFT - 36, y(step) + 4, Label.fitting(way.steps().get(step - 1), NAME), "end", "yname" + now));
        }
        double goal = Math.round(y(way.steps().size() + 1)) + 0.5;
        labels.add(new Label(LEFT - 12, goal + 4, "Goal", "end", "goal-t"));
        Path lessons = new Path();
        double free = 0;
        for (Mark lesson : way.lessons().stream().sorted(Comparator.comparing(Mark::date)).toList()) {
            if (lesson.date().isBefore(way.start()) || middle(lesson.date()) > WIDTH - RIGHT) {
                continue;
            }
            double x = Math.round(middle(lesson.date())) + 0.5;
            lessons.move(x, goal).vertical(floor + 6);
            String text = Dates.shortDate(lesson.date());
            if (x - LETTER * text.length() / 2 > free) {
                labels.add(new Label(x, floor + 20, text, "middle", "xlab lesson-t"));
                free = x + LETTER * text.length() / 2 + 6;
            }
        }
        labels.add(new Label(middle(way.today()), TOP - 16, "today", "middle", "xlab"));
        return List.of(new Stroke(rules.data(), "rule"), new Stroke(new Path().move(LEFT, goal).horizontal(WIDTH - RIGHT).data(), "goal"),
                new Stroke(new Path().move(LEFT, goal + 3).horizontal(WIDTH - RIGHT).data(), "goal thin"), new Stroke(lessons.data(), "lesson"));
    }

    /** Rays from today to the goal line between the early and the late day; the middle as a dashed stair. What lies beyond the edge is cut there. */
    private List<Stroke> fan(Fan fan, List<Label> labels) {
        double x0 = middle(way.today());
        double y0 = y(way.current());
        double goal = y(way.steps().size() + 1);
        double edge = WIDTH - RIGHT;
        double early = Math.max(x0 + 1, middle(fan.early()));
        double late = Math.max(early, middle(fan.late().orElse(way.today().plusYears(1))));
        Path rays = new Path();
        for (double at = early; at <= late; at += RAY) {
            ray(rays, x0, y0, at, goal, edge);
        }
        Path edges = new Path();
        ray(edges, x0, y0, early, goal, edge);
        ray(edges, x0, y0, late, goal, edge);
        Path stair = new Path().move(x0, y0);
        int steps = way.steps().size() + 1 - way.current();
        double wide = (Math.max(early, middle(fan.middle())) - x0) / Math.max(1, steps);
        for (int i = 1; i <= steps && x0 + i * wide <= edge; i++) {
            stair.horizontal(x0 + i * wide).vertical(y(way.current() + i));
        }
        double free = 0;
        for (LocalDate date : List.of(fan.early(), fan.middle(), fan.late().orElse(way.today().plusYears(1)))) {
            double x = middle(date);
            if (x >= free && x <= edge - DATE_ROOM / 2 && x - x0 > DATE_ROOM) {
                labels.add(new Label(x, goal - 8, Dates.shortDate(date), "middle", "xlab"));
                free = x + DATE_ROOM;
            }
        }
        return List.of(new Stroke(rays.data(), "hatch"), new Stroke(edges.data(), "rule-s"), new Stroke(stair.data(), "pause"));
    }

    private static void ray(Path rays, double x0, double y0, double x, double goal, double edge) {
        double share = x <= edge ? 1 : (edge - x0) / (x - x0);
        rays.move(x0, y0).line(x0 + share * (x - x0), y0 + share * (goal - y0));
    }


    private List<Stroke> marks() {
        Path cleans = new Path();
        Path helps = new Path();
        Path misses = new Path();
        Path tooMuch = new Path();
        for (Day day : way.days()) {
            double x = middle(day.date());
            double y = y(day.step());
            double clean = (ROW - 3) * day.share(Outcome.CLEAN);
            if (day.of(Outcome.CLEAN) > 0) {
                cleans.move(x, y - 2).vertical(y - 2 - clean);
            }
            if (day.of(Outcome.HELPED) > 0) {
                double helped = Math.max(4, (ROW - 3) * day.share(Outcome.HELPED));
                helps.move(x + 1, y - 2 - helped).line(x + 1 + helped * 0.45, y - 2);
            }
            for (int i = 0; i < Math.min(2, day.of(Outcome.MISSED)); i++) {
                misses.move(x - 3, y + 4 + 4 * i).horizontal(x + 3);
            }
            if (day.of(Outcome.TOO_MUCH) > 0) {
                Glyph.TOO_MUCH.draw(tooMuch, x - 6, y + 1, 0.5);
            }
        }
        return List.of(new Stroke(cleans.data(), "m-clean"), new Stroke(helps.data(), "m-helped"),
                new Stroke(misses.data(), "m-missed"), new Stroke(tooMuch.data(), "m-toomuch"));
    }

    /** The step worked each day, with a riser where it changes, on to today. */
    private Stroke ink() {
        Path ink = new Path();
        double from = Double.NaN;
        for (Day day : way.days()) {
            if (Double.isNaN(from)) {
                ink.move(x(day.date()), y(day.step()));
            } else {
                ink.horizontal(x(day.date())).vertical(y(day.step()));
            }
            ink.horizontal(x(day.date()) + dayWidth);
            from = x(day.date()) + dayWidth;
        }
        if (!Double.isNaN(from)) {
            ink.horizontal(Math.max(from, middle(way.today()))).vertical(y(way.current()));
        }
        return new Stroke(ink.data(), "ink");
    }

    /** A lane under the days: where most of each day was, named where it changes and there is room. */
    private List<Stroke> places(List<Label> labels) {
        Path lane = new Path();
        double y = floor + 32;
        double free = 0;
        String last = "";
        for (Day day : way.days()) {
            if (day.place().isEmpty()) {
                continue;
            }
            lane.move(x(day.date()), y).horizontal(x(day.date()) + Math.max(2, dayWidth - 1));
            if (!day.place().equals(last) && x(day.date()) >= free) {
                labels.add(new Label(x(day.date()), y + 14, day.place(), "start", "xlab"));
                free = x(day.date()) + LETTER * day.place().length() + 8;
                last = day.place();
            }
        }
        if (!last.isEmpty()) {
            labels.add(new Label(LEFT - 12, y + 4, "where", "end", "xlab"));
        }
        return List.of(new Stroke(lane.data(), "lane"));
    }

    private List<Stroke> incidents(List<Spot> spots) {
        Path marks = new Path();
        for (Mark incident : way.incidents()) {
            if (!incident.date().isBefore(way.start())) {
                double x = middle(incident.date());
                marks.move(x - 4, TOP - 12).line(x, TOP - 4).line(x + 4, TOP - 12).line(x - 4, TOP - 12);
                spots.add(new Spot(x - 8, TOP - 18, 16, 18, incident.says()));
            }
        }
        return List.of(new Stroke(marks.data(), "incident"));
    }
}
