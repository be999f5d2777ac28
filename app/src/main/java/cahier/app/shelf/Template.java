package cahier.app.shelf;

import cahier.app.track.StepPlan;
import cahier.core.decide.TrackKind;
import cahier.core.gate.Topic;
import java.util.List;

/**
 * A skill as the trade teaches it, step by step.
 *
 * @param id its file name, in addresses
 * @param goal what the finished skill looks like
 * @param topic what it is about, which a red flag may shut
 * @param plan a sentence to start the trainer's own from
 */
public record Template(String id, String title, String goal, String plan, TrackKind kind, Topic topic, List<StepPlan> steps) {

    public Template {
        if (steps.isEmpty()) {
            throw new IllegalArgumentException("template " + id + " must have at least one step, was none");
        }
        steps = List.copyOf(steps);
    }
}
