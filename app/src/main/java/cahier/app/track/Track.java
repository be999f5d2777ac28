package cahier.app.track;

import cahier.app.scope.PracticeId;
import cahier.core.decide.Case;
import cahier.core.decide.TrackKind;
import cahier.core.gate.Topic;
import java.time.Instant;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * One skill of one dog, worked in steps.
 *
 * @param plan the trainer's own words for now
 * @param doneAt when its goal was reached, if it was
 * @param template the shelf's template it was made from; empty for the trainer's own
 * @param templateDigest tells the template as it was taken from what it is now; empty where that is not known
 * @param school the method's choices with which the template's steps were written last, separated by commas
 * @param staleDays days without a rep after which it has gone stale
 * @param parkedUntil the day from which it is worked again, while it rests
 * @param restsSince since when the trainer has rested it, until it is taken up again; none while it is worked
 * @param restsWhy what the trainer said about it; may be empty
 * @param movesOn who may move the dog on
 * @param overSince since when nobody works on it any more: it was taken off, its dog is gone, or the household was closed; none while it is worked on
 */
public record Track(long id, PracticeId practiceId, long householdId, long dogId, String dogName, String title, String goal, String plan,
                    TrackKind kind, Topic topic, int position, int staleDays, @Nullable Instant doneAt, String template, String templateDigest, String school,
                    @Nullable LocalDate parkedUntil, @Nullable Instant restsSince, String restsWhy, MovesOn movesOn, @Nullable Instant overSince, int version) {

    /** A track that is not kept yet. */
    public static Track fresh(PracticeId practice, long household, long dog, String title, String goal, String plan, TrackKind kind, Topic topic, String template, String school) {
        return new Track(0, practice, household, dog, "", title, goal, plan, kind, topic, 0, Case.STALE_DAYS, null, template, "", school, null, null, "", MovesOn.TRAINER, null, 0);
    }

    /** The same with other words for now. */
    public Track withPlan(String other) {
        return new Track(id, practiceId, householdId, dogId, dogName, title, goal, other, kind, topic, position, staleDays, doneAt, template, templateDigest, school, parkedUntil, restsSince, restsWhy, movesOn, overSince, version);
    }

    /** The same, moved on by whom the household's method says. */
    public Track movedOnBy(MovesOn who) {
        return new Track(id, practiceId, householdId, dogId, dogName, title, goal, plan, kind, topic, position, staleDays, doneAt, template, templateDigest, school, parkedUntil, restsSince, restsWhy, who, overSince, version);
    }

    /** The same with other words about it. */
    public Track edited(String title, String goal, String plan, TrackKind kind, Topic topic, int version) {
        return edited(title, goal, plan, kind, topic, staleDays, movesOn, version);
    }

    /** The same as a trainer edited it. */
    public Track edited(String title, String goal, String plan, TrackKind kind, Topic topic, int staleDays, MovesOn movesOn, int version) {
        return new Track(id, practiceId, householdId, dogId, dogName, title, goal, plan, kind, topic, position, staleDays, doneAt, template, templateDigest, school, parkedUntil, restsSince, restsWhy, movesOn, overSince, version);
    }

    /** Whether it rests on that day. */
    public boolean isParked(LocalDate day) {
        return parkedUntil != null && day.isBefore(parkedUntil);
    }

    /** Whether the trainer has rested it, without a day on which it comes back by itself. */
    public boolean isRested() {
        return restsSince != null;
    }

    /** Whether nobody works on it any more, its goal reached or not. */
    public boolean isOver() {
        return overSince != null;
    }

    public boolean isDone() {
        return doneAt != null;
    }
}
