package cahier.app.sheet;

import java.time.Instant;
import java.util.List;

/** A sheet that was issued. Never changes. */
public record Homework(long id, long householdId, int number, Instant issuedAt, String issuedBy, List<SheetItem> items) {
}
