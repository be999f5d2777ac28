package cahier.app.draw;

import cahier.app.language.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** A trainer's seven days: lessons where they lie, the way to each, other times, and what is free between two (docs/interface.md 5). */
public final class LessonWeek {

    private static final double HOUR = 44;
    private static final double TOP = 24;
    private static final int MINUTES = 60;
    private static final int EARLIEST = 8;
    private static final int LATEST = 19;
    /** A lesson of 45 minutes has room for two lines. */
    private static final double ROOM = 33;
    private static final double LETTER = 7;
    /** A gap of fewer minutes has no room for its words. */
    private static final int TELLING_GAP = 25;

    private LessonWeek() {
    }

    /**
     * A lesson.
     *
     * @param lesson its number
     * @param time when it is given
     * @param starts the same as it is written, "9:15"
     * @param way minutes to get there
     * @param by who gives it, where the week is of several; else empty
     * @param clashes whether it, or the way to it, runs into something
     * @param over whether it was given or missed, and stays where it is
     * @param says the whole of it
     */
    public record Visit(long lesson, int version, DayPart time, String starts, int way, String household, String by, boolean clashes, boolean over, String says) {
    }

    /**
     * @param busy other times of the trainer's
     * @param ofOne whether one trainer gives all of them, so that what is between them is free
     */
    public record Day(String date, String name, boolean today, List<DayPart> busy, List<Visit> visits, boolean ofOne) {

        private Stream<DayPart> all() {
            return Stream.concat(busy.stream(), visits.stream().map(v -> new DayPart(v.time().from() - v.way(), v.time().to())));
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
            int column = i;
            Day day = days.get(i);
            double x = HourColumns.x(i);
            hours.name(i, day.name(), day.today(), now, labels);
            between.move(x, TOP).vertical(hours.height() - 8);
            day.busy().forEach(p -> busy.move(x + 2, hours.y(p.from())).horizontal(x + HourColumns.COLUMN - 2).vertical(hours.y(p.to())).horizontal(x + 2).close());
            if (day.ofOne()) {
                gaps(day.visits(), x, hours, labels);
            }
            beside(day.visits()).forEach(b -> blocks.add(block(b, column, hours)));
        }
        String alt = Words.say("draw.LessonWeek.seven-days-from", days.get(0).name(), blocks.size());
        Drawing ground = new Drawing("weeksheet rounds", HourColumns.x(days.size()), hours.height(), alt,
                List.of(new Stroke(busy.data(), "wk-busy"), new Stroke(rules.data(), "rule"), new Stroke(between.data(), "rule-s"), new Stroke(now.data(), "wk-now")), labels);
        return new Drawn(ground, blocks, first, last, String.join("|", days.stream().map(Day::date).toList()), String.join("|", days.stream().map(Day::name).toList()));
    }

    /** A lesson in its lane, of so many that lie beside each other because some of them are at the same time. */
    private record Placed(Visit visit, int lane, int lanes) {
    }

    /** In the order of time each takes the first lane that is free; those that hang together by their times share the width. */
    private static List<Placed> beside(List<Visit> visits) {
        List<Placed> placed = new ArrayList<>();
        List<Visit> together = new ArrayList<>();
        List<Integer> lanes = new ArrayList<>();
        List<Integer> ends = new ArrayList<>();
        for (Visit v : visits) {
            if (ends.stream().allMatch(end -> end <= v.time().from())) {
                share(together, lanes, ends.size(), placed);
                ends.clear();
            }
            int lane = IntStream.range(0, ends.size()).filter(i -> ends.get(i) <= v.time().from()).findFirst().orElse(ends.size());
            if (lane == ends.size()) {
                ends.add(0);
            }
            ends.set(lane, v.time().to());
            together.add(v);
            lanes.add(lane);
        }
        share(together, lanes, ends.size(), placed);
        return placed;
    }

    private static void share(List<Visit> together, List<Integer> lanes, int of, List<Placed> placed) {
        for (int i = 0; i < together.size(); i++) {
            placed.add(new Placed(together.get(i), lanes.get(i), of));
        }
        together.clear();
        lanes.clear();
    }

    private static Block block(Placed placed, int day, HourColumns hours) {
        Visit v = placed.visit();
        double width = (HourColumns.COLUMN - 6) / placed.lanes();
        double x = HourColumns.x(day) + 3 + placed.lane() * width;
        double from = hours.y(v.time().from());
        double height = Math.max(24, hours.y(v.time().to()) - from);
        Path way = new Path();
        if (v.way() > 0) {
            way.move(x + 4, hours.y(v.time().from() - v.way())).vertical(from).move(x, hours.y(v.time().from() - v.way())).horizontal(x + 8);
        }
        String under = height < ROOM ? "" : v.starts() + (!v.by().isEmpty() ? ", " + v.by() : v.way() > 0 && placed.lanes() == 1 ? Words.say("draw.LessonWeek.way", v.way()) : "");
        return new Block(v, day, x, from, width, height, way.data(), Label.fitting(v.household(), (int) (width / LETTER)), Label.fitting(under, (int) (width / LETTER)));
    }

    /** What is left between two lessons, when the way is taken off: after the one of those before that ends last. */
    private static void gaps(List<Visit> visits, double x, HourColumns hours, List<Label> labels) {
        int end = Integer.MAX_VALUE;
        for (Visit v : visits) {
            if (end != Integer.MAX_VALUE && v.time().from() - end >= TELLING_GAP) {
                int free = v.time().from() - end - v.way();
                double middle = (hours.y(end) + hours.y(v.time().from() - v.way())) / 2;
                labels.add(new Label(x + HourColumns.COLUMN / 2, Math.max(hours.y(end) + 12, middle + 4), free < 0 ? Words.say("draw.LessonWeek.too-short") : Words.say("draw.LessonWeek.free", length(free)), "middle", "cap"));
            }
            end = end == Integer.MAX_VALUE ? v.time().to() : Math.max(end, v.time().to());
        }
    }

    private static String length(int minutes) {
        return minutes < MINUTES ? Words.say("draw.LessonWeek.min", minutes) : minutes % MINUTES == 0 ? minutes / MINUTES + " h" : minutes / MINUTES + " h " + minutes % MINUTES;
    }

}
