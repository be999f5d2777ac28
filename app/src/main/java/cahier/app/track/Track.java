package cahier.app.track;

import cahier.app.account.PracticeId;
import cahier.core.decide.TrackKind;
import cahier.core.gate.Topic;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * One skill of one dog, worked in steps.
 *
 * @param plan the trainer's own words for now
 * @param doneAt when its goal was reached, if it was
 */
public record Track(long id, PracticeId practiceId, long householdId, long dogId, String dogName, String title, String goal, String plan,
                    TrackKind kind, Topic topic, int position, int staleDays, @Nullable Instant doneAt, int version) {

    public boolean isDone() {
        return doneAt != null;
    }
}
