package cahier.app.track;

/** One step of a track. Its number is its place in the track, counted from 1, and changes when steps are moved. */
public record Step(long id, long trackId, int position, int version, StepPlan plan) {

    public String title() {
        return plan.title();
    }
}
