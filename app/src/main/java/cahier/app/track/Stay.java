package cahier.app.track;

import cahier.core.decide.Cause;
import cahier.core.decide.Decision;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** One stay of the dog on a step. */
public record Stay(long id, long trackId, long stepId, Instant enteredAt, @Nullable String enteredBy, @Nullable String enteredCause,
                    @Nullable Instant leftAt, @Nullable String leftBy, boolean undone) {

    /** Whether the dog is there now. */
    public boolean isOpen() {
        return leftAt == null && !undone;
    }

    /** Whether a step back or a split brought the dog here because of too much. */
    public boolean enteredAfterTooMuch() {
        boolean down = Decision.BACK.name().equals(enteredBy) || Decision.SPLIT.name().equals(enteredBy);
        return down && Cause.TOO_MUCH.name().equals(enteredCause);
    }
}
