package cahier.app.log;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One sitting as the phone counted it.
 *
 * @param endedHow EAGER, FLAT, FRUSTRATED or STOPPED once it has ended
 * @param note a line the owner left for the trainer
 */
public record Sitting(UUID id, Instant startedAt, @Nullable Instant endedAt, @Nullable String endedHow, String note) {
}
