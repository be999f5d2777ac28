package cahier.app.draw;

import cahier.app.language.Words;
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
    private static final int MOST_HELD = 30;
    /** A spell of seconds is hardly wider than a line: its ends are held above and below it. */
    private static final double APART = 5;

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

    /** The same with ends that can be dragged, "spell-0-from" and "spell-0-to" of each in their order; nothing can where there are too many to take hold of. */
    public static Drawing held(Watch watch) {
        Drawing drawn = of(watch);
        if (watch.marks().size() > MOST_HELD) {
            return drawn;
        }
        List<String> signs = signs(watch);
        double scale = (WIDTH - LEFT - RIGHT) / Math.max(FULL_SECONDS, watch.seconds());
        List<Grip> grips = new ArrayList<>();
        for (int i = 0; i < watch.marks().size(); i++) {
            Mark m = watch.marks().get(i);
            double y = TOP + signs.indexOf(m.sign()) * ROW + ROW / 2;
            grips.add(new Grip("spell-" + i + "-from", LEFT + m.from() * scale, y - APART, "from", "", m.sign() + ", spell " + (i + 1) + ", where it begins", m.from()));
            grips.add(new Grip("spell-" + i + "-to", LEFT + m.to() * scale, y + APART, "to", "", m.sign() + ", spell " + (i + 1) + ", where it ends", m.to()));
        }
        return new Drawing(drawn.kind(), drawn.width(), drawn.height(), drawn.alt(), drawn.strokes(), drawn.labels(), List.of(), Path.number(scale) + " " + Path.number(LEFT), grips);
    }

    private static List<String> signs(Watch watch) {
        return List.copyOf(new TreeSet<>(watch.marks().stream().map(Mark::sign).toList()));
    }

    /**
     * The same beside others.
     *
     * @param span how many seconds the longest of them has, so that what lies one above the other happened as late
     */
    public static Drawing of(Watch watch, int span) {
        int drawn = Math.max(FULL_SECONDS, Math.max(span, watch.seconds()));
        List<String> signs = signs(watch);
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
        return watch.marks().isEmpty() ? Words.say("draw.WatchLine.no-sign-in-s", watch.seconds()) : watch.marks().stream()
                .map(m -> Words.say("draw.WatchLine.from-to-s", m.sign(), Path.number(m.from()), Path.number(m.to()))).collect(Collectors.joining(", ", "Watch: ", ""));
    }
}
