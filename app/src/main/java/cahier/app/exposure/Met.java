package cahier.app.exposure;

import cahier.app.log.Sign;
import cahier.core.exposure.Exposure;
import cahier.core.exposure.Phase;
import cahier.core.exposure.Response;
import cahier.core.exposure.Trigger;
import java.time.Instant;
import java.util.UUID;
import org.apache.ibatis.annotations.AutomapConstructor;
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
 * @param sign what was seen when it reacted, if somebody said
 * @param answeredMs how soon it answered, in milliseconds from the cue or, without one, from when it had seen it; 0 to {@link #LONGEST_MS}, if it was timed
 * @param phase where the trigger was; none where nobody said
 */
public record Met(UUID id, long householdId, long dogId, Trigger kind, double metres, String given, Response response, String food, @Nullable Integer calmAfterS, @Nullable Long placeId,
                  Instant happenedAt, int loudness, String notedBy, @Nullable Sign sign, @Nullable Integer answeredMs, @Nullable Phase phase) {

    public static final int LONGEST_MS = 60_000;

    /** One of which nobody said what was seen. */
    public Met(UUID id, long householdId, long dogId, Trigger kind, double metres, String given, Response response, String food, @Nullable Integer calmAfterS, @Nullable Long placeId,
               Instant happenedAt, int loudness, String notedBy) {
        this(id, householdId, dogId, kind, metres, given, response, food, calmAfterS, placeId, happenedAt, loudness, notedBy, null, null, null);
    }

    @AutomapConstructor
    public Met {
    }

    /** The same with how soon it answered and where the trigger was. */
    public Met timed(@Nullable Integer ms, @Nullable Phase where) {
        return new Met(id, householdId, dogId, kind, metres, given, response, food, calmAfterS, placeId, happenedAt, loudness, notedBy, sign, ms, where);
    }

    Exposure exposure() {
        return new Exposure(metres, response);
    }
}
