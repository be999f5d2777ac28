package cahier.app.sheet;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * A sheet that was issued. Never changes.
 *
 * @param firstOfAll dangers to take out of the way before any exercise
 * @param rests tracks that rested when it was issued
 * @param follows whether it only followed a decision, and nobody sent it
 */
public record Homework(long id, long householdId, int number, Instant issuedAt, String issuedBy, List<String> firstOfAll, List<SheetItem> items, List<SheetRest> rests, boolean follows) {

    /** Pieces a day by the dog's name: one a rep. */
    public Map<String, Integer> pieces() {
        return items.stream().collect(Collectors.toMap(SheetItem::dogName, i -> i.plan().piecesADay(), Integer::sum));
    }
}
