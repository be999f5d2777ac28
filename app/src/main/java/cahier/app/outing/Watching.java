package cahier.app.outing;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One long sitting.
 *
 * @param metres how far off it passes there, 0.5 to 200, if somebody said
 * @param carried pieces in the pocket when it began; 0 when nobody said
 */
public record Watching(UUID id, long householdId, long dogId, @Nullable Long placeId, Instant beganAt, int carried, @Nullable Double metres) {
}
