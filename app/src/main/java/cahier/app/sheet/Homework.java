package cahier.app.sheet;

import java.time.Instant;
import java.util.List;

/**
 * A sheet that was issued. Never changes.
 *
 * @param firstOfAll dangers to take out of the way before any exercise
 */
public record Homework(long id, long householdId, int number, Instant issuedAt, String issuedBy, List<String> firstOfAll, List<SheetItem> items) {
}
