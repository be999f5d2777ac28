package cahier.app.track;

/**
 * One step of a track. Its number is its place in the track, counted from 1, and changes when steps are moved.
 *
 * @param templateKey which step of the track's template it was made from; empty for the trainer's own
 */
public record Step(long id, long trackId, int position, int version, StepPlan plan, String templateKey) {

    public String title() {
        return plan.title();
    }
}
