package cahier.app.sheet;

import java.util.List;

/**
 * What would go out.
 *
 * @param changes what is otherwise than on the sheet that is out, a sentence each; empty when nothing is
 * @param lower why a lower step goes than the dog stands on, a sentence each
 * @param seen stands for exactly this content, so that what is sent is what was looked at
 */
public record Draft(long householdId, List<SheetItem> items, List<SheetRest> rests, List<String> firstOfAll, List<String> changes, List<String> lower, String seen) {

    /** Whether there is nothing to say at all. */
    public boolean isEmpty() {
        return items.isEmpty() && rests.isEmpty();
    }
}
