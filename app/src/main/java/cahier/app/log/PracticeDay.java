package cahier.app.log;

import java.time.LocalDate;

/** The reps of one track on one step on one day. */
public record PracticeDay(long householdId, long trackId, long stepId, LocalDate day, int clean, int helped, int missed, int tooMuch) {

    public int reps() {
        return clean + helped + missed + tooMuch;
    }
}
