package cahier.app.log;

import cahier.core.rep.LoggedRep;
import cahier.core.rep.Outcome;
import cahier.core.rep.Rep;
import cahier.core.rep.Role;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A stored rep that has not been voided.
 *
 * @param visitId the stay it belongs to; none for a step the dog was never put on
 */
public record KeptRep(UUID id, UUID sittingId, long trackId, long stepId, @Nullable Long visitId, Outcome outcome, Role role, Instant happenedAt,
                      @Nullable Long personId, @Nullable Long placeId) {

    /** As the rules read it; people and places by number. */
    public LoggedRep toLogged() {
        return new LoggedRep(new Rep(id, happenedAt, outcome, role), sittingId, trackId, stepId,
                personId == null ? "" : personId.toString(), placeId == null ? "" : placeId.toString());
    }
}
