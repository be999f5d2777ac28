package cahier.app.draw;

import cahier.app.language.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** CLEAN of reps by person or by place: the count, and an underline as long as the share, with a tick at the bar (docs/interface.md 5). */
public final class ShareBars {

    private static final double WIDTH = 330;
    private static final double ROW = 28;
    private static final double COUNT = 150;
    private static final double LINE = 200;
    private static final double FULL = WIDTH - LINE - 4;

    private ShareBars() {
    }

    /** One row. */
    public record Row(String name, int clean, int reps) {
    }

    /**
     * The drawing.
     *
     * @param rows at least one, each with a rep
     * @param bar 0 to 1
     */
    public static Drawing of(List<Row> rows, double bar) {
        Path full = new Path();
        Path share = new Path();
        Path tick = new Path();
        List<Label> labels = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            Row row = rows.get(i);
            double y = (i + 1) * ROW - 8;
            full.move(LINE, y).horizontal(LINE + FULL);
            if (row.clean() > 0) {
                share.move(LINE, y).horizontal(LINE + FULL * row.clean() / row.reps());
            }
            tick.move(LINE + FULL * bar, y - 8).vertical(y + 4);
            labels.add(new Label(0, y + 2, row.name(), "start", "name"));
            labels.add(new Label(COUNT, y + 2, row.clean() + "/" + row.reps(), "start", "name"));
        }
        String alt = rows.stream().map(r -> Words.say("draw.ShareBars.of-clean", r.name(), r.clean(), r.reps())).collect(Collectors.joining(", "));
        return new Drawing("shares", WIDTH, rows.size() * ROW + 4, alt, List.of(new Stroke(full.data(), "rule-s"), new Stroke(share.data(), "bar-clean"),
                new Stroke(tick.data(), "tick")), labels);
    }
}
