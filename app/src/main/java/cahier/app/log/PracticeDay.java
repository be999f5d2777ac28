package cahier.app.log;

import java.time.LocalDate;
import java.util.List;

/** The reps of one track on one step on one day. */
public record PracticeDay(long householdId, long trackId, long stepId, LocalDate day, int clean, int helped, int missed, int tooMuch) {

    public int reps() {
        return clean + helped + missed + tooMuch;
    }

    /** The share of clean reps to expect after these days, with one clean and one other rep to begin with (docs/rules.md 17, 18). */
    public static double success(List<PracticeDay> days) {
        int clean = days.stream().mapToInt(PracticeDay::clean).sum();
        int reps = days.stream().mapToInt(PracticeDay::reps).sum();
        return (clean + 1.0) / (reps + 2.0);
    }
}
