package cahier.core.decide;

import java.util.Objects;

/**
 * One figure behind a decision, as data; the page makes the words.
 *
 * @param value the figure
 * @param of what it is out of, 0 when it stands alone
 * @param who the person it speaks of, empty when nobody in particular
 */
public record Reason(Code code, int value, int of, String who) {

    public Reason {
        Objects.requireNonNull(code, "code");
        Objects.requireNonNull(who, "who");
    }

    static Reason of(Code code, long value, long of) {
        return new Reason(code, Math.toIntExact(value), Math.toIntExact(of), "");
    }

    /** What the figure counts. */
    public enum Code {
        /** {@code value} TOO_MUCH in the last {@code of} sessions. */
        TOO_MUCH_RECENT,
        /** {@code value} TOO_MUCH among the track's last {@code of} reps. */
        TOO_MUCH_IN_LAST,
        /** {@code value} TOO_MUCH in the latest session, on a step that was entered because of TOO_MUCH. */
        TOO_MUCH_IN_LATEST,
        /** {@code value} CLEAN of the last {@code of}. */
        CLEAN_OF_LAST,
        /** {@code value} more not CLEAN than CLEAN since it went best. */
        MORE_OFF_THAN_CLEAN,
        /** {@code value} MISSED or TOO_MUCH of the last {@code of}. */
        OFF_OF_LAST,
        /** {@code value} percent of what passed it was calm at in the latest sitting, {@code of} percent two sittings before. */
        CALM_PERCENT,
        /** {@code value} CLEAN of the latest block of {@code of}. */
        CLEAN_OF_BLOCK,
        /** {@code value} CLEAN in a row at the end. */
        RUN,
        /** The others have {@code value} CLEAN of their last {@code of}, without {@code who}. */
        OTHERS_CLEAN,
        /** {@code value} session closes in a row found the same gap. */
        GAP_IN_A_ROW,
        /** {@code value} days since the last rep. */
        DAYS_SINCE_REP,
        /** {@code value} reps in the visit. */
        REPS_IN_VISIT,
        /** {@code value} days in the visit. */
        DAYS_IN_VISIT,
        /** {@code value} reps since it last got further than ever before. */
        REPS_NO_FURTHER,
        /** {@code value} days since it last got further than ever before. */
        DAYS_NO_FURTHER,
        /** After a pause the first rep was not clean: {@code value} sessions since then count. */
        AFTER_PAUSE,
        /** An alarm is open. */
        ALARM_OPEN,
        /** The step was left by BACK before. */
        LEFT_BEFORE,
        /** After a pause: one cold rep of the step. */
        BEGIN_COLD_CHECK,
        /** After a pause: begin one step easier. */
        BEGIN_EASIER,
        /** After a pause: half the dose. */
        BEGIN_HALF_DOSE,
        /** After a pause: the whole session easier. */
        BEGIN_EASIER_THROUGHOUT,
        /** {@code value} TOO_MUCH since the goal was reached. */
        TOO_MUCH_SINCE_DONE,
        /** {@code value} of the last {@code of} cold reps since the goal was reached not CLEAN. */
        COLD_OFF_OF_LAST;

        static Code of(Refresh how) {
            return switch (how) {
                case COLD_CHECK -> BEGIN_COLD_CHECK;
                case EASIER -> BEGIN_EASIER;
                case HALF_DOSE -> BEGIN_HALF_DOSE;
                case EASIER_THROUGHOUT -> BEGIN_EASIER_THROUGHOUT;
            };
        }
    }
}
