package cahier.app.log;

import cahier.core.rep.Evidence;
import java.time.LocalDate;
import java.util.List;

/** The reps of one track on one step on one day. */
public record PracticeDay(long householdId, long trackId, long stepId, LocalDate day, int clean, int helped, int missed, int tooMuch) {

    public int reps() {
        return clean + helped + missed + tooMuch;
    }

    /** The share of clean reps to expect after these days. */
    public static double success(List<PracticeDay> days) {
        return Evidence.expected(days.stream().mapToInt(PracticeDay::clean).sum(), days.stream().mapToInt(PracticeDay::reps).sum());
    }
}
