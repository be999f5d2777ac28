package cahier.app.draw;

import cahier.core.sound.SoundLevels;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** A watch as a timeline: one line a sign, x seconds, a rule every minute; quiet is the paper that is left. */
public final class WatchLine {

    private static final double LEFT = 80;
    private static final double WIDTH = 720;
    private static final double RIGHT = 8;
    private static final double ROW = 20;
    private static final double TOP = 8;
    private static final double BOTTOM = 20;
    private static final int FULL_SECONDS = 900;
    private static final int MINUTE = 60;
    private static final int LABEL_MIN = 5;
    private static final double LEVELS = 56;
    private static final double LEAST_BAR = 1.5;

    private WatchLine() {
    }

    /**
     * A watch.
     *
     * @param seconds how long it has gone on
     * @param levels the loudest of each second in dB, drawn under the spells; empty where nothing was recorded
     */
    public record Watch(int seconds, List<Mark> marks, List<Float> levels) {
    }

    /** One spell of a sign, in seconds after the beginning. */
    public record Mark(String sign, double from, double to) {
    }

    public static Drawing of(Watch watch) {
        return of(watch, watch.seconds());
    }

    /**
     * The same beside others.
     *
     * @param span how many seconds the longest of them has, so that what lies one above the other happened as late
     */
    public static Drawing of(Watch watch, int span) {
        int drawn = Math.max(FULL_SECONDS, Math.max(span, watch.seconds()));
        List<String> signs = List.copyOf(new TreeSet<>(watch.marks().stream().map(Mark::sign).toList()));
        double rows = TOP + Math.max(1, signs.size()) * ROW;
        double bottom = rows + (watch.levels().isEmpty() ? 0 : LEVELS);
        double scale = (WIDTH - LEFT - RIGHT) / drawn;
        int every = Math.max(1, drawn / FULL_SECONDS * LABEL_MIN);
        Path minutes = new Path();
        List<Label> labels = new ArrayList<>();
        for (int minute = 0; minute * MINUTE <= drawn; minute++) {
            double x = LEFT + minute * MINUTE * scale;
            minutes.move(x, TOP).vertical(bottom);
            if (minute % every == 0) {
                labels.add(new Label(x, bottom + 15, minute + "\u00a0min", "middle", "xlab"));
            }
        }
        Path spells = new Path();
        for (Mark mark : watch.marks()) {
            double y = TOP + signs.indexOf(mark.sign()) * ROW + ROW / 2;
            spells.move(LEFT + mark.from() * scale, y).horizontal(LEFT + Math.max(mark.to(), mark.from() + 1) * scale);
        }
        for (int i = 0; i < signs.size(); i++) {
            labels.add(new Label(0, TOP + i * ROW + ROW / 2 + 4, signs.get(i), "start", "cap"));
        }
        if (!watch.levels().isEmpty()) {
            labels.add(new Label(0, bottom - 4, "sound", "start", "cap"));
        }
        Path watched = new Path().move(LEFT, bottom).horizontal(LEFT + watch.seconds() * scale);
        return new Drawing("watch", WIDTH, bottom + BOTTOM, alt(watch), List.of(new Stroke(minutes.data(), "rule"), new Stroke(levels(watch, bottom, scale), "level"),
                new Stroke(spells.data(), "spell"), new Stroke(watched.data(), "ink")), labels);
    }

    /** A bar a second up to its loudest; where a second is less than a pixel, the loudest of those that share one. */
    private static String levels(Watch watch, double bottom, double scale) {
        Path bars = new Path();
        int step = Math.max(1, (int) Math.ceil(LEAST_BAR / scale));
        for (int i = 0; i < watch.levels().size(); i += step) {
            float loudest = watch.levels().subList(i, Math.min(watch.levels().size(), i + step)).stream().max(Float::compare).orElse(SoundLevels.SILENCE_DB);
            bars.move(LEFT + i * scale, bottom).vertical(bottom - (LEVELS - ROW / 2) * (1 - loudest / SoundLevels.SILENCE_DB));
        }
        return bars.data();
    }

    private static String alt(Watch watch) {
        return watch.marks().isEmpty() ? "No sign in " + watch.seconds() + " s" : watch.marks().stream()
                .map(m -> m.sign() + " from " + Path.number(m.from()) + " to " + Path.number(m.to()) + " s").collect(Collectors.joining(", ", "Watch: ", ""));
    }
}
