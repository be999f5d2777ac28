package cahier.app.draw;

import cahier.app.language.Words;
import java.util.ArrayList;
import java.util.List;

/** The minutes of a lesson as a ruler with a numbered block for each part (docs/interface.md 5). */
public final class MinutesRuler {

    private static final double WIDTH = 792;
    private static final double BLOCK = 24;
    private static final double HEIGHT = 64;
    private static final int MARKED = 10;
    private static final int HALF = 5;
    private static final double ROOM = 14;

    private MinutesRuler() {
    }

    /**
     * The drawing.
     *
     * @param blocks minutes of each part, in order
     * @param minutes of the lesson; blocks that go beyond it are drawn beyond it
     */
    public static Drawing of(List<Integer> blocks, int minutes) {
        int sum = blocks.stream().mapToInt(Integer::intValue).sum();
        double minute = WIDTH / Math.max(1, Math.max(minutes, sum));
        Path even = new Path();
        Path odd = new Path();
        Path over = new Path();
        List<Label> labels = new ArrayList<>();
        double at = 0;
        for (int i = 0; i < blocks.size(); i++) {
            double end = at + blocks.get(i) * minute;
            (end > minutes * minute + 0.01 ? over : i % 2 == 0 ? odd : even).move(at, BLOCK / 2).horizontal(end);
            if (end - at >= ROOM) {
                labels.add(new Label((at + end) / 2, BLOCK / 2 + 5, Integer.toString(i + 1), "middle", "blocknum"));
            }
            at = end;
        }
        Path ticks = new Path().move(0, BLOCK + 0.5).horizontal(minutes * minute);
        for (int m = 0; m <= minutes; m++) {
            double x = Math.min(m * minute, WIDTH - 0.5);
            ticks.move(x, BLOCK).vertical(BLOCK + (m % MARKED == 0 ? 14 : m % HALF == 0 ? 10 : 5));
            if (m % MARKED == 0) {
                labels.add(new Label(x, BLOCK + 32, Integer.toString(m), m == 0 ? "start" : m == minutes ? "end" : "middle", "xlab"));
            }
        }
        return new Drawing("minutes", WIDTH, HEIGHT, Words.say("draw.MinutesRuler.of-minutes-in-blocks", sum, minutes, blocks.size()), List.of(new Stroke(odd.data(), "block odd"),
                new Stroke(even.data(), "block even"), new Stroke(over.data(), "block over"), new Stroke(ticks.data(), "ticks")), labels);
    }
}
