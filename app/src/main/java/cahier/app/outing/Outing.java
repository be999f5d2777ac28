package cahier.app.outing;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One walk from the door and home again.
 *
 * @param paces how far it went
 * @param calmPaces how far the dog was calm, 0 to paces
 * @param roundPaces of the whole round walk, where there is one
 */
public record Outing(UUID id, long householdId, long dogId, int paces, int calmPaces, @Nullable Integer roundPaces, Instant happenedAt) {

    public static final int MOST = 20_000;
}
