package cahier.core.decide;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;

/** How the first session after a pause goes (docs/rules.md 4, line 3). The session after it is an ordinary one. */
public enum Refresh {

    /** One cold WORK rep of the step itself, and no more. */
    COLD_CHECK,
    /** A step easier (role REFRESH) until one is CLEAN, the rest WORK reps of the step; four reps in all. */
    EASIER,
    /** Half the dose: there is no easier step. */
    HALF_DOSE,
    /** The whole session one adjusting easier, on a step that measures (section 39). */
    EASIER_THROUGHOUT;

    /** Reps of a session that begins easier: the easier one and three of the step. */
    static final int EASIER_REPS = 4;

    /**
     * Which of them.
     *
     * @param rulePassed whether the pass rule holds, without its spread, on what there is
     * @param onFirstStep whether there is no easier step
     * @param measures whether the step adjusts its own criterion
     */
    static Refresh of(boolean rulePassed, boolean onFirstStep, boolean measures) {
        if (rulePassed) {
            return COLD_CHECK;
        }
        if (measures) {
            return EASIER_THROUGHOUT;
        }
        return onFirstStep ? HALF_DOSE : EASIER;
    }

    /**
     * Reps of that session, 1 or more.
     *
     * @param usual of the step's own sessions, 1 or more
     */
    public int dose(int usual) {
        return switch (this) {
            case COLD_CHECK -> 1;
            case EASIER -> EASIER_REPS;
            case EASIER_THROUGHOUT -> usual;
            case HALF_DOSE -> Math.max(1, (usual + 1) / 2);
        };
    }

    /**
     * Whether the latest day of practice was already such a beginning, so that the next is an ordinary one.
     *
     * @param days on which the track was practised, each once, oldest first
     * @param staleDays from how many days on a pause is one, 1 or more
     */
    public static boolean wasLatest(List<LocalDate> days, int staleDays) {
        boolean refreshed = false;
        for (int i = 1; i < days.size(); i++) {
            refreshed = !refreshed && ChronoUnit.DAYS.between(days.get(i - 1), days.get(i)) >= staleDays;
        }
        return refreshed;
    }
}
