package cahier.app.sheet;

import cahier.app.language.Words;
import cahier.app.roadmap.RoadmapTrack;
import cahier.app.track.StepPlan;
import cahier.app.web.Dates;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.time.LocalDate;
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
 * @param upkeep from when its one cold rep is asked for, where the goal is reached; none on a step that is worked on
 */
public record SheetItem(long trackId, long stepId, String trackTitle, String dogName, int number, int count, StepPlan plan,
                        @Nullable Below below, String note, List<String> apart, RoadmapTrack.Despite despite, @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable LocalDate upkeep) {

    public SheetItem {
        apart = apart == null ? List.of() : List.copyOf(apart); // sheets issued before tracks could be kept apart
        despite = despite == null ? RoadmapTrack.Despite.NOTHING : despite; // and before this was kept
    }

    /** Whether it only looks whether what was reached still holds. */
    public boolean forUpkeep() {
        return upkeep != null;
    }

    /** "8 reps, twice a day, 5 min at most"; of the upkeep, one rep and no more. */
    public String dose(StepPlan practised) {
        return forUpkeep() ? Words.say("sheet.SheetItem.1-rep-once") : practised.dose();
    }

    /** What an owner reads of it: "One cold rep on Thursday 4 December, or soon after." */
    public String upkeepWords() {
        return upkeep == null ? "" : Words.say("sheet.SheetItem.one-cold-rep-or-soon", Dates.longDate(upkeep));
    }

    /** The step before. */
    public record Below(long stepId, StepPlan plan) {
    }
}
