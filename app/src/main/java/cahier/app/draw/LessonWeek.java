package cahier.app.draw;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A trainer's seven days: lessons where they lie, the way to each, other times, and what is free between two (docs/interface.md 5). */
public final class LessonWeek {

    private static final double HOUR = 44;
    private static final double TOP = 24;
    private static final int MINUTES = 60;
    private static final int EARLIEST = 8;
    private static final int LATEST = 19;
    /** A lesson of 45 minutes has room for two lines. */
    private static final double ROOM = 33;
    private static final int LONGEST_LABEL = 15;
    /** A gap of fewer minutes has no room for its words. */
    private static final int TELLING_GAP = 25;

    private LessonWeek() {
    }

    /** Part of a day, in minutes from its midnight. */
    public record Part(int from, int to) {
    }

    /**
     * A lesson.
     *
     * @param lesson its number
     * @param time when it is given
     * @param way minutes to get there
     * @param clashes whether it, or the way to it, runs into something
     * @param over whether it was given or missed, and stays where it is
     * @param says the whole of it
     */
    public record Visit(long lesson, int version, Part time, int way, String household, boolean clashes, boolean over, String says) {
    }

    /** @param busy other times of the trainer's */
    public record Day(String date, String name, boolean today, List<Part> busy, List<Visit> visits) {

        private Stream<Part> all() {
            return Stream.concat(busy.stream(), visits.stream().map(v -> new Part(v.time().from() - v.way(), v.time().to())));
        }
    }

    /**
     * A lesson as it is drawn, to be taken elsewhere.
     *
     * @param day which column, from 0
     * @param way the way to it, as a path
     * @param label the household, shortened
     * @param under what is written under it, empty where there is no room
     */
    public record Block(Visit visit, int day, double x, double y, double width, double height, String way, String label, String under) {

        public String ink() {
            return visit.over() ? "is-over" : visit.clashes() ? "clashes" : "";
        }
    }

    /**
     * The week ready to be placed.
     *
     * @param ground all but the lessons
     * @param first the hour it begins with
     * @param dates of its days, between bars, as an address writes them
     * @param names of its days, between bars
     */
    public record Drawn(Drawing ground, List<Block> blocks, int first, int last, String dates, String names) {

        public double left() {
            return HourColumns.LEFT;
        }

        public double top() {
            return TOP;
        }

        public double column() {
            return HourColumns.COLUMN;
        }

        public double hour() {
            return HOUR;
        }
    }

    public static Drawn of(List<Day> days) {
        int first = Math.max(0, Math.min(EARLIEST, days.stream().flatMap(Day::all).mapToInt(p -> p.from() / MINUTES).min().orElse(EARLIEST)));
        int last = Math.min(24, Math.max(LATEST, days.stream().flatMap(Day::all).mapToInt(p -> (p.to() + MINUTES - 1) / MINUTES).max().orElse(LATEST)));
        HourColumns hours = new HourColumns(first, last, HOUR, TOP);
        Path rules = new Path();
        Path busy = new Path();
        Path now = new Path();
        Path between = new Path();
        List<Label> labels = new ArrayList<>();
        List<Block> blocks = new ArrayList<>();
        hours.rules(days.size(), rules, labels);
        for (int i = 0; i < days.size(); i++) {
            Day day = days.get(i);
            double x = HourColumns.x(i);
            hours.name(i, day.name(), day.today(), now, labels);
            between.move(x, TOP).vertical(hours.height() - 8);
            day.busy().forEach(p -> busy.move(x + 2, hours.y(p.from())).horizontal(x + HourColumns.COLUMN - 2).vertical(hours.y(p.to())).horizontal(x + 2).close());
            Visit before = null;
            for (Visit v : day.visits()) {
                gap(before, v, x, hours, labels);
                blocks.add(block(v, i, hours));
                before = v;
            }
        }
        String alt = "Seven days from " + days.get(0).name() + ": " + blocks.size() + (blocks.size() == 1 ? " lesson." : " lessons.");
        Drawing ground = new Drawing("weeksheet rounds", HourColumns.x(days.size()), hours.height(), alt,
                List.of(new Stroke(busy.data(), "wk-busy"), new Stroke(rules.data(), "rule"), new Stroke(between.data(), "rule-s"), new Stroke(now.data(), "wk-now")), labels);
        return new Drawn(ground, blocks, first, last, String.join("|", days.stream().map(Day::date).toList()), String.join("|", days.stream().map(Day::name).toList()));
    }

    private static Block block(Visit v, int day, HourColumns hours) {
        double x = HourColumns.x(day) + 3;
        double from = hours.y(v.time().from());
        double height = Math.max(24, hours.y(v.time().to()) - from);
        Path way = new Path();
        if (v.way() > 0) {
            way.move(x + 4, hours.y(v.time().from() - v.way())).vertical(from).move(x, hours.y(v.time().from() - v.way())).horizontal(x + 8);
        }
        String under = height < ROOM ? "" : time(v.time().from()) + (v.way() > 0 ? ", way " + v.way() : "");
        return new Block(v, day, x, from, HourColumns.COLUMN - 6, height, way.data(), shortened(v.household()), under);
    }

    /** What is left between two lessons, when the way is taken off. */
    private static void gap(@Nullable Visit before, Visit v, double x, HourColumns hours, List<Label> labels) {
        if (before == null || v.time().from() - before.time().to() < TELLING_GAP) {
            return;
        }
        int free = v.time().from() - before.time().to() - v.way();
        double middle = (hours.y(before.time().to()) + hours.y(v.time().from() - Math.max(0, v.way()))) / 2;
        labels.add(new Label(x + HourColumns.COLUMN / 2, Math.max(hours.y(before.time().to()) + 12, middle + 4), free < 0 ? "too short" : length(free) + " free", "middle", "cap"));
    }

    private static String time(int minute) {
        return minute / MINUTES + ":" + (minute % MINUTES < 10 ? "0" : "") + minute % MINUTES;
    }

    private static String length(int minutes) {
        return minutes < MINUTES ? minutes + " min" : minutes % MINUTES == 0 ? minutes / MINUTES + " h" : minutes / MINUTES + " h " + minutes % MINUTES;
    }

    private static String shortened(String name) {
        return name.length() > LONGEST_LABEL ? name.substring(0, LONGEST_LABEL - 1).strip() + "…" : name;
    }
}
