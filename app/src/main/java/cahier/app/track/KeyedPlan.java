package cahier.app.track;

/**
 * A step to be made.
 *
 * @param key which step of a template it comes from; empty for the trainer's own
 */
public record KeyedPlan(String key, StepPlan plan) {

    /** A step of the trainer's own. */
    public static KeyedPlan own(StepPlan plan) {
        return new KeyedPlan("", plan);
    }
}
