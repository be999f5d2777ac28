package cahier.app.draw;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** The week of a household: seven columns of hours, what is free, hot and planned in them (docs/interface.md 5). */
public final class WeekSheet {

    private static final double LEFT = 36;
    private static final double TOP = 40;
    private static final double COLUMN = 112;
    private static final double HOUR = 36;
    private static final double SHORTEST = 10;
    private static final double HATCH = 6;
    private static final double BAR = 4;
    private static final int MINUTES = 60;
    private static final int EARLIEST = 8;
    private static final int LATEST = 20;
    private static final int LONGEST_LABEL = 14;

    private final List<Day> days;
    private final int first;
    private final int last;

    private WeekSheet(List<Day> days) {
        this.days = days;
        this.first = days.stream().flatMap(Day::all).mapToInt(p -> p.from() / MINUTES).min().orElse(EARLIEST);
        this.last = Math.max(first + 1, days.stream().flatMap(Day::all).mapToInt(p -> (p.to() + MINUTES - 1) / MINUTES).max().orElse(LATEST));
    }

    /** Part of a day, in minutes from its midnight. */
    public record Part(int from, int to) {
    }

    /**
     * One session.
     *
     * @param lane which of the dogs, from 0
     * @param label what stands beside it
     * @param says the whole of it
     */
    public record Block(Part time, int lane, String label, String says, boolean done, boolean pinned) {
    }

    /** @param today whether it is the day that is on */
    public record Day(String name, boolean today, List<Part> free, List<Part> hot, List<Part> lessons, List<Block> blocks) {

        private Stream<Part> all() {
            return Stream.concat(Stream.concat(free.stream(), lessons.stream()), blocks.stream().map(Block::time));
        }
    }

    /** @param dogs their names, one lane a dog in each day */
    public static Drawing of(List<Day> days, List<String> dogs) {
        return new WeekSheet(days).drawing(dogs);
    }

    private Drawing drawing(List<String> dogs) {
        double width = LEFT + days.size() * COLUMN;
        double lane = COLUMN / Math.max(1, dogs.size());
        Path rules = new Path();
        Path free = new Path();
        Path hot = new Path();
        Path lessons = new Path();
        Path planned = new Path();
        Path done = new Path();
        Path pins = new Path();
        Path now = new Path();
        List<Label> labels = new ArrayList<>();
        List<Spot> spots = new ArrayList<>();
        for (int hour = first; hour <= last; hour++) {
            rules.move(LEFT, y(hour * MINUTES)).horizontal(width);
            labels.add(new Label(LEFT - 6, y(hour * MINUTES) + 4, hour + ":00", "end", "cap"));
        }
        for (int i = 0; i < days.size(); i++) {
            Day day = days.get(i);
            double x = LEFT + i * COLUMN;
            labels.add(new Label(x + 6, 14, day.name(), "start", day.today() ? "name" : "cap"));
            for (int d = 0; d < dogs.size() && dogs.size() > 1; d++) {
                labels.add(new Label(x + 6 + d * lane, 31, shortened(dogs.get(d), lane), "start", "cap"));
            }
            if (day.today()) {
                now.move(x + 3, TOP - 3).horizontal(x + COLUMN - 3);
            }
            day.free().forEach(p -> free.move(x + 2, y(p.from())).horizontal(x + COLUMN - 2).vertical(y(p.to())).horizontal(x + 2).close());
            day.hot().forEach(p -> hatch(hot, x + COLUMN - 14, y(Math.max(p.from(), first * MINUTES)), y(Math.min(p.to(), last * MINUTES))));
            day.lessons().forEach(p -> lessons.move(x + 3, y(p.from())).vertical(y(p.to())));
            for (Block b : day.blocks()) {
                double at = x + 8 + b.lane() * lane;
                double from = y(b.time().from());
                double to = Math.max(from + SHORTEST, y(b.time().to()));
                (b.done() ? done : planned).move(at, from).vertical(to);
                if (b.pinned()) {
                    pins.move(at - BAR, from).horizontal(at + BAR + 1);
                }
                labels.add(new Label(at + 7, from + 9, b.label(), "start", b.done() ? "cap" : "sess"));
                spots.add(new Spot(at - 5, from - 3, lane - 4, Math.max(16, to - from + 6), b.says()));
            }
        }
        String alt = "The week: " + spots.size() + (spots.size() == 1 ? " session." : " sessions.");
        return new Drawing("weeksheet", width, y(last * MINUTES) + 8, alt, List.of(new Stroke(free.data(), "wk-free"), new Stroke(rules.data(), "rule-s"), new Stroke(hot.data(), "wk-hot"),
                new Stroke(now.data(), "wk-now"), new Stroke(lessons.data(), "lesson"), new Stroke(done.data(), "wk-done"), new Stroke(planned.data(), "wk-planned"), new Stroke(pins.data(), "wk-pin")), labels, spots);
    }

    private double y(int minute) {
        return TOP + (minute - first * MINUTES) * HOUR / MINUTES;
    }

    private static void hatch(Path ink, double x, double from, double to) {
        for (double y = from + HATCH; y <= to; y += HATCH) {
            ink.move(x, y).line(x + 10, y - HATCH);
        }
    }

    private static String shortened(String name, double lane) {
        int most = (int) Math.min(LONGEST_LABEL, lane / 7);
        return name.length() > most ? name.substring(0, most) : name;
    }
}
