package cahier.app.draw;

import cahier.app.language.Words;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.List;
import java.util.Map;

/** Fourteen days of practice: one bar a day, full height the agreed daily dose (docs/interface.md 5). */
public final class FourteenDays {

    /** How many days are drawn, today last. */
    public static final int DAYS = 14;
    private static final double WIDTH = 210;
    private static final double HEIGHT = 44;
    private static final double CELL = WIDTH / DAYS;
    private static final double BASE = HEIGHT - 10;
    private static final double TOP = 3.5;
    private static final double TALLEST = 1.08;

    private FourteenDays() {
    }

    /**
     * One day.
     *
     * @param reps all of them
     * @param clean how many were CLEAN
     */
    public record Day(int reps, int clean, boolean tooMuch) {
    }

    /**
     * The drawing.
     *
     * @param dose agreed reps a day, 1 or more
     * @param lessons days with a lesson; others than the fourteen are left out
     */
    public static Drawing of(Map<LocalDate, Day> days, LocalDate today, int dose, Collection<LocalDate> lessons) {
        Path all = new Path();
        Path clean = new Path();
        Path none = new Path();
        Path tooMuch = new Path();
        Path lesson = new Path();
        int practised = 0;
        int reps = 0;
        for (int i = 0; i < DAYS; i++) {
            LocalDate date = today.minusDays(DAYS - 1L - i);
            double x = i * CELL + CELL / 2;
            Day day = days.getOrDefault(date, new Day(0, 0, false));
            if (day.reps() == 0) {
                none.move(x, BASE + 0.5).horizontal(x + 0.1);
            } else {
                practised++;
                reps += day.reps();
                double height = Math.max(4, Math.min((double) day.reps() / dose, TALLEST) * (BASE - TOP));
                all.move(x, BASE).vertical(BASE - height);
                clean.move(x, BASE).vertical(BASE - height * day.clean() / day.reps());
            }
            if (day.tooMuch()) {
                Glyph.TOO_MUCH.draw(tooMuch, x - 7, BASE + 1, 0.45);
            }
        }
        for (LocalDate date : lessons) {
            long ago = ChronoUnit.DAYS.between(date, today);
            if (ago >= 0 && ago < DAYS) {
                double x = Math.round((DAYS - 1 - ago) * CELL + CELL / 2) + 0.5;
                lesson.move(x, 0).vertical(BASE + 6);
            }
        }
        String alt = Words.say("draw.FourteenDays.last-14-days-with-practice", practised, reps);
        return new Drawing("s14", WIDTH, HEIGHT, alt, List.of(
                new Stroke(new Path().move(0, TOP).horizontal(WIDTH).data(), "dose"),
                new Stroke(new Path().move(0, BASE + 0.5).horizontal(WIDTH).data(), "rule-s"),
                new Stroke(lesson.data(), "lesson"), new Stroke(all.data(), "bar-all"), new Stroke(clean.data(), "bar-clean"),
                new Stroke(none.data(), "nil"), new Stroke(tooMuch.data(), "m-toomuch")), List.of());
    }
}
