package cahier.app.track;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** One stay of the dog on a step. */
public record Visit(long id, long trackId, long stepId, Instant enteredAt, @Nullable String enteredBy, @Nullable String enteredCause,
                    @Nullable Instant leftAt, @Nullable String leftBy, boolean undone) {
}
