package cahier.app.passing;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Who passed a place, counted by somebody without the dog.
 *
 * @param placeId none where the place was removed since
 * @param minutes so long, 1 to {@link #LONGEST_MIN}
 */
public record PlaceCount(UUID id, long householdId, @Nullable Long placeId, Instant beganAt, int minutes, int dogs, int people, int others) {

    public static final int LONGEST_MIN = 60;
    public static final int MOST = 500;
}
