package cahier.app.week;

import java.time.Instant;

/**
 * A time of one day that a calendar file told.
 *
 * @param free whether this person has time then, or has none
 */
public record Dated(long personId, Instant startsAt, Instant endsAt, boolean free) {
}
