package cahier.app.draw;

import cahier.app.language.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** The week of a household: seven columns of hours, what is free, hot and planned in them (docs/interface.md 5). */
public final class WeekSheet {

    private static final double HOUR = 36;
    private static final double TOP = 40;
    private static final double NAME = 13;
    private static final double SHORTEST = 10;
    private static final double BAR = 4;
    private static final int MINUTES = 60;
    private static final int EARLIEST = 8;
    private static final int LATEST = 20;
    private static final int LONGEST_LABEL = 14;

    private final List<Day> days;
    private final HourColumns hours;

    private WeekSheet(List<Day> days, int dogs) {
        this.days = days;
        this.hours = new HourColumns(days.stream().flatMap(Day::all).mapToInt(p -> p.from() / MINUTES).min().orElse(EARLIEST),
                days.stream().flatMap(Day::all).mapToInt(p -> (p.to() + MINUTES - 1) / MINUTES).max().orElse(LATEST), HOUR, TOP + Math.max(0, dogs - 1) * NAME);
    }

    /**
     * One session.
     *
     * @param lane which of the dogs, from 0
     * @param label what stands beside it
     * @param says the whole of it
     */
    public record Block(DayPart time, int lane, String label, String says, boolean done, boolean pinned) {
    }

    /** @param today whether it is the day that is on */
    public record Day(String name, boolean today, List<DayPart> free, List<DayPart> hot, List<DayPart> lessons, List<Block> blocks) {

        private Stream<DayPart> all() {
            return Stream.concat(Stream.concat(free.stream(), lessons.stream()), blocks.stream().map(Block::time));
        }
    }

    /** @param dogs their names, one lane a dog in each day */
    public static Drawing of(List<Day> days, List<String> dogs) {
        return new WeekSheet(days, dogs.size()).drawing(dogs);
    }

    private Drawing drawing(List<String> dogs) {
        double lane = HourColumns.COLUMN / Math.max(1, dogs.size());
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
        hours.rules(days.size(), rules, labels);
        for (int i = 0; i < days.size(); i++) {
            Day day = days.get(i);
            double x = HourColumns.x(i);
            hours.name(i, day.name(), day.today(), now, labels);
            for (int d = 0; d < dogs.size() && dogs.size() > 1; d++) {
                labels.add(new Label(x + 6 + d * lane, 31 + d * NAME, Label.fitting(dogs.get(d), LONGEST_LABEL), "start", "cap")); // each on a line of its own: names may be longer than lanes are wide
            }
            day.free().forEach(p -> free.move(x + 2, hours.y(p.from())).horizontal(x + HourColumns.COLUMN - 2).vertical(hours.y(p.to())).horizontal(x + 2).close());
            day.hot().forEach(p -> hours.hatch(hot, x + HourColumns.COLUMN - 14, p.from(), p.to()));
            day.lessons().forEach(p -> lessons.move(x + 3, hours.y(p.from())).vertical(hours.y(p.to())));
            for (Block b : day.blocks()) {
                double at = x + 8 + b.lane() * lane;
                double from = hours.y(b.time().from());
                double to = Math.max(from + SHORTEST, hours.y(b.time().to()));
                (b.done() ? done : planned).move(at, from).vertical(to);
                if (b.pinned()) {
                    pins.move(at - BAR, from).horizontal(at + BAR + 1);
                }
                labels.add(new Label(at + 7, from + 9, b.label(), "start", b.done() ? "cap" : "sess"));
                spots.add(new Spot(at - 5, from - 3, lane - 4, Math.max(16, to - from + 6), b.says()));
            }
        }
        String alt = Words.say("draw.WeekSheet.the-week", spots.size());
        return new Drawing("weeksheet", HourColumns.x(days.size()), hours.height(), alt, List.of(new Stroke(free.data(), "wk-free"), new Stroke(rules.data(), "rule-s"), new Stroke(hot.data(), "wk-hot"),
                new Stroke(now.data(), "wk-now"), new Stroke(lessons.data(), "lesson"), new Stroke(done.data(), "wk-done"), new Stroke(planned.data(), "wk-planned"), new Stroke(pins.data(), "wk-pin")), labels, spots);
    }

}
