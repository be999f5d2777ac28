package cahier.app.bench;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A set-up kept for a household.
 *
 * @param title the place it is for
 * @param address what stands behind the ? of its page; it is the set-up
 */
public record Setup(long id, long householdId, @Nullable Long placeId, Kind kind, String title, String address, Instant keptAt, String keptBy) {

    /** Which page of the bench it is from. */
    public enum Kind {

        SIGHT("sight-line"), TRIANGLE("triangle");

        private final String page;

        Kind(String page) {
            this.page = page;
        }

        String page() {
            return page;
        }
    }

    public String link() {
        return "/bench/" + kind.page() + "?" + address;
    }
}
