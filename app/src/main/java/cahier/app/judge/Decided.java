package cahier.app.judge;

import cahier.core.decide.Cause;
import cahier.core.decide.Decision;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A suggestion that stands or stood, and what the trainer made of it.
 *
 * @param answer what the trainer decided, once answered
 * @param answeredBy the trainer's signature
 * @param why the trainer's reason for overruling
 */
public record Decided(long id, long householdId, long trackId, long stepId, long visitId, Instant madeAt, Decision suggested, Cause cause,
                      Grounds grounds, State state, @Nullable Decision answer, @Nullable Instant answeredAt, @Nullable String answeredBy,
                      String why, @Nullable Long newVisitId, int version) {

    /** What became of a suggestion. */
    public enum State {
        OPEN, ACCEPTED, OVERRULED, APPLIED, REPLACED, UNDONE
    }

    public boolean isOpen() {
        return state == State.OPEN;
    }

    public boolean isAnswered() {
        return state == State.ACCEPTED || state == State.OVERRULED || state == State.APPLIED;
    }
}
