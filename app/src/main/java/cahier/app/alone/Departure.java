package cahier.app.alone;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One departure.
 *
 * @param leftS seconds the dog was left, 1 to 43200
 * @param upsetAfterS seconds after which it was upset, 0 to leftS; none when it was calm
 * @param settledS seconds from the return until it lay down, 0 to {@link #LONGEST_SETTLING_S}; none where nobody said
 * @param notedBy the trainer who wrote it down; empty when the household did
 */
public record Departure(UUID id, long householdId, long dogId, UUID sittingId, int leftS, @Nullable Integer upsetAfterS, @Nullable Integer settledS, Instant happenedAt, String notedBy) {

    public static final int MOST_S = 43_200;
    public static final int LONGEST_SETTLING_S = 3600;
}
