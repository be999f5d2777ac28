package cahier.app.rest;

import cahier.core.rest.Why;
import cahier.core.rest.Work;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Something that was tapped although it rested, or by somebody who should not have.
 *
 * @param id of the rep, exposure, departure or touch
 */
public record Tap(Work work, UUID id, long dogId, @Nullable Long trackId, @Nullable Long personId, Instant happenedAt, Why why) {
}
