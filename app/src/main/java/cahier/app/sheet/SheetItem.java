package cahier.app.sheet;

import cahier.app.track.StepPlan;
import org.jspecify.annotations.Nullable;

/**
 * One track on a sheet, as it was when the sheet was issued.
 *
 * @param number which step, from 1
 * @param below the step before, worked instead while a too-much decision is open; none on the first step
 * @param note the trainer's words for this track
 */
public record SheetItem(long trackId, long stepId, String trackTitle, String dogName, int number, int count, StepPlan plan,
                        @Nullable Below below, String note) {

    /** The step before. */
    public record Below(long stepId, StepPlan plan) {
    }
}
