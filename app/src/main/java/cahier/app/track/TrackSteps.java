package cahier.app.track;

import java.util.List;
import java.util.Optional;

/**
 * A track with its steps in order and where the dog is.
 *
 * @param visit the stay that is open; none when the track is done or has no steps
 */
public record TrackSteps(Track track, List<Step> steps, Optional<Stay> visit) {

    /** The same with its steps written otherwise; none added, none left out. */
    public TrackSteps withSteps(List<Step> other) {
        return new TrackSteps(track, other, visit);
    }

    /** 0-based index of the current step, if the dog is on one. */
    public Optional<Integer> currentIndex() {
        return visit.flatMap(v -> indexOf(v.stepId()));
    }

    /** 0-based index of a step that has not been removed. */
    public Optional<Integer> indexOf(long stepId) {
        for (int i = 0; i < steps.size(); i++) {
            if (steps.get(i).id() == stepId) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    public Optional<Step> current() {
        return currentIndex().map(steps::get);
    }

    /** The step before the current one, if there is one. */
    public Optional<Step> below() {
        return currentIndex().filter(i -> i > 0).map(i -> steps.get(i - 1));
    }

    /** The step half-way to the one below, where a figure lies between; what must be written waits for the trainer. */
    public Optional<StepPlan> between() {
        return current().map(Step::written).flatMap(here -> below().map(below -> here.between(below.written())).filter(made -> !made.equals(here)));
    }

    /** The step after the current one, if there is one. */
    public Optional<Step> above() {
        return currentIndex().filter(i -> i < steps.size() - 1).map(i -> steps.get(i + 1));
    }

    /** 1-based number of the current step, 0 when there is none. */
    public int number() {
        return currentIndex().map(i -> i + 1).orElse(0);
    }
}
