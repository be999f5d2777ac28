package cahier.app.log;

import cahier.core.rep.Outcome;
import cahier.core.rep.Role;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A rep that arrives, checked.
 *
 * @param at what the phone's clock said
 */
public record NewRep(UUID id, UUID sittingId, long trackId, long stepId, Outcome outcome, Role role, Instant at, @Nullable Long personId,
                     @Nullable Long placeId, Tags tags) {

    /** A rep of which only the outcome is known. */
    public NewRep(UUID id, UUID sittingId, long trackId, long stepId, Outcome outcome, Role role, Instant at, @Nullable Long personId, @Nullable Long placeId) {
        this(id, sittingId, trackId, stepId, outcome, role, at, personId, placeId, Tags.NONE);
    }
}
