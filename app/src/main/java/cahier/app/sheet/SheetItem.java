package cahier.app.sheet;

import cahier.app.roadmap.RoadmapTrack;
import cahier.app.track.StepPlan;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One track on a sheet, as it was when the sheet was issued.
 *
 * @param number which step, from 1
 * @param below the step before, worked instead while a too-much decision is open; none on the first step
 * @param note the trainer's words for this track
 * @param apart titles of the tracks that never share a session with this one
 * @param despite what held it back when the trainer put it there on purpose
 */
public record SheetItem(long trackId, long stepId, String trackTitle, String dogName, int number, int count, StepPlan plan,
                        @Nullable Below below, String note, List<String> apart, RoadmapTrack.Despite despite) {

    public SheetItem {
        apart = apart == null ? List.of() : List.copyOf(apart); // sheets issued before tracks could be kept apart
        despite = despite == null ? RoadmapTrack.Despite.NOTHING : despite; // and before this was kept
    }

    /** The step before. */
    public record Below(long stepId, StepPlan plan) {
    }
}
