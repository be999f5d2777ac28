package cahier.core.decide;

import cahier.core.pass.PassRule;
import cahier.core.rep.Visit;
import java.time.Instant;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * All that a decision on one track is made from (docs/rules.md 4).
 *
 * @param visit every session of the visit to the current step
 * @param step where the dog stands
 * @param history what happened on the track outside this visit's reps
 */
public record Case(TrackKind kind, PassRule rule, int staleDays, Visit visit, Step step, History history) {

    /** A pause of this many days makes a track stale, unless the trainer says otherwise. */
    public static final int STALE_DAYS = 7;

    public Case {
        Objects.requireNonNull(kind, "kind");
        Objects.requireNonNull(rule, "rule");
        Objects.requireNonNull(visit, "visit");
        Objects.requireNonNull(step, "step");
        Objects.requireNonNull(history, "history");
        if (staleDays < 1) {
            throw new IllegalArgumentException("staleDays must be 1 or more, was " + staleDays + ", for example " + STALE_DAYS);
        }
    }

    /** The same case, the person gap having been found so often before. */
    public Case after(PersonGap.Before gap) {
        return new Case(kind, rule, staleDays, visit, step,
                new History(history.alarmOpen(), history.daysSinceRep(), history.tooMuchInLast60(), history.callAnsweredAt(), gap, history.refreshedLast()));
    }

    /**
     * The current step and how the dog came to it.
     *
     * @param index 0-based
     * @param count how many steps the track has, more than index
     * @param enteredAfterTooMuch by a BACK or SPLIT whose cause was TOO_MUCH
     * @param leftByBackBefore already left by BACK once since it was made or split
     * @param daysInVisit calendar days since the visit began, 0 or more
     */
    public record Step(int index, int count, boolean enteredAfterTooMuch, boolean leftByBackBefore, long daysInVisit) {

        public Step {
            if (index < 0 || index >= count) {
                throw new IllegalArgumentException("index must be from 0 to " + (count - 1) + ", was " + index);
            }
            if (daysInVisit < 0) {
                throw new IllegalArgumentException("daysInVisit must be 0 or more, was " + daysInVisit);
            }
        }

        boolean isFirst() {
            return index == 0;
        }

        boolean isLast() {
            return index == count - 1;
        }
    }

    /**
     * What happened on the track beyond this visit.
     *
     * @param alarmOpen an alarm of this dog is open
     * @param daysSinceRep calendar days since the track's last rep, empty when never practised
     * @param tooMuchInLast60 TOO_MUCH among the track's last 60 reps, any visit, since a CALL was last answered
     * @param callAnsweredAt when the trainer last answered a CALL of the track; TOO_MUCH until then is settled
     * @param gap the person gap found at the session closes right before this one
     * @param refreshedLast whether the latest day of practice was a beginning after a pause, {@link Refresh#wasLatest}
     */
    public record History(boolean alarmOpen, OptionalLong daysSinceRep, int tooMuchInLast60,
                          Optional<Instant> callAnsweredAt, PersonGap.Before gap, boolean refreshedLast) {

        public History {
            Objects.requireNonNull(daysSinceRep, "daysSinceRep");
            Objects.requireNonNull(callAnsweredAt, "callAnsweredAt");
            Objects.requireNonNull(gap, "gap");
            if (tooMuchInLast60 < 0) {
                throw new IllegalArgumentException("tooMuchInLast60 must be 0 or more, was " + tooMuchInLast60);
            }
        }

        /** Of a track whose latest day of practice was an ordinary one. */
        public History(boolean alarmOpen, OptionalLong daysSinceRep, int tooMuchInLast60, Optional<Instant> callAnsweredAt, PersonGap.Before gap) {
            this(alarmOpen, daysSinceRep, tooMuchInLast60, callAnsweredAt, gap, false);
        }
    }
}
