package cahier.app.log;

import cahier.core.rep.LoggedRep;
import cahier.core.rep.Outcome;
import cahier.core.rep.Rep;
import cahier.core.rep.Role;
import cahier.core.rep.With;
import java.time.Instant;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A stored rep that has not been voided.
 *
 * @param at what the phone's clock said
 * @param visitId the stay it belongs to; none for a step the dog was never put on
 */
public record KeptRep(UUID id, UUID sittingId, long trackId, long stepId, @Nullable Long visitId, Outcome outcome, Role role, Instant at, Instant happenedAt,
                      @Nullable Long personId, @Nullable Long placeId, @Nullable Double value, @Nullable Side side, String item, String helper, @Nullable Long adultId, String level) {

    /** This rep as another one, of another outcome: what an owner makes of it who had tapped the wrong mark. */
    public NewRep corrected(UUID other, Outcome outcome) {
        return new NewRep(other, sittingId, trackId, stepId, outcome, role, at, personId, placeId, new Tags(value, side, item, helper, adultId, level));
    }

    /** As the rules read it; people and places by number. */
    public LoggedRep toLogged() {
        return new LoggedRep(new Rep(id, happenedAt, outcome, role, value == null ? OptionalDouble.empty() : OptionalDouble.of(value), level, new With(side == null ? "" : side.name(), item)), sittingId, trackId, stepId,
                personId == null ? "" : personId.toString(), placeId == null ? "" : placeId.toString());
    }
}
