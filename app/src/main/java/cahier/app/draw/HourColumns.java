package cahier.app.draw;

import java.util.List;

/** Columns of days over hours, which every drawn week has. */
final class HourColumns {

    static final double LEFT = 36;
    static final double COLUMN = 112;
    private static final double HATCH = 6;
    private static final int MINUTES = 60;

    private final int first;
    private final int last;
    private final double hour;
    private final double top;

    /**
     * @param first the hour it begins with
     * @param last the one it ends with
     * @param hour its height
     * @param top what stands over the first
     */
    HourColumns(int first, int last, double hour, double top) {
        this.top = top;
        this.first = first;
        this.last = Math.max(first + 1, last);
        this.hour = hour;
    }

    static double x(int day) {
        return LEFT + day * COLUMN;
    }

    /** Where a minute of the day lies; what is outside of the hours lies on their edge. */
    double y(int minute) {
        return top + (Math.min(last * MINUTES, Math.max(first * MINUTES, minute)) - first * MINUTES) * hour / MINUTES;
    }

    double height() {
        return y(last * MINUTES) + 8;
    }

    /** A rule and its hour for each, over so many days. */
    void rules(int days, Path rules, List<Label> labels) {
        for (int h = first; h <= last; h++) {
            rules.move(LEFT, y(h * MINUTES)).horizontal(x(days));
            labels.add(new Label(LEFT - 6, y(h * MINUTES) + 4, h + ":00", "end", "cap"));
        }
    }

    void name(int day, String name, boolean today, Path now, List<Label> labels) {
        labels.add(new Label(x(day) + 6, 14, name, "start", today ? "name" : "cap"));
        if (today) {
            now.move(x(day) + 3, top - 3).horizontal(x(day) + COLUMN - 3);
        }
    }

    /** Strokes across a narrow strip. */
    void hatch(Path ink, double x, int from, int to) {
        for (double y = y(from) + HATCH; y <= y(to); y += HATCH) {
            ink.move(x, y).line(x + 10, y - HATCH);
        }
    }
}
