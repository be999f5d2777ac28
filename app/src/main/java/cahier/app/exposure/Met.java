package cahier.app.exposure;

import cahier.core.exposure.Exposure;
import cahier.core.exposure.Response;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One dog met one trigger, as it was tapped.
 *
 * @param metres above 0
 * @param given the same as it was said, "30 paces"
 * @param food TAKEN, REFUSED or LATE, after the trigger had passed; empty when it was not said
 * @param calmAfterS seconds until the dog was calm, if it was said
 * @param loudness of a noise, 1 hardly heard to 5 as loud as it gets; 0 for everything else
 * @param notedBy the trainer who wrote it down; empty when the household tapped it
 */
public record Met(UUID id, long householdId, long dogId, Trigger kind, double metres, String given, Response response, String food, @Nullable Integer calmAfterS, @Nullable Long placeId,
                  Instant happenedAt, int loudness, String notedBy) {

    Exposure exposure() {
        return new Exposure(metres, response);
    }
}
