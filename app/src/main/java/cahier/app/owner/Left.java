package cahier.app.owner;

import java.util.List;
import java.util.Optional;

/**
 * What stands at the end of a sitting.
 *
 * @param open what is not done today, this one too when it is asked for again
 * @param missing what the step still lacks to be passed, "2 more clean reps in a row"; empty when it holds; none while the step itself rests
 */
record Left(List<Today.Task> open, Optional<String> missing) {

    /** "2 more clean reps in a row to pass this step."; empty where there is no gate. */
    public String gate() {
        return missing.map(m -> m.isEmpty() ? "The pass is there. Your trainer decides the next step." : m + " to pass this step.").orElse("");
    }

    /** "Left today: Recall twice, Settle on a mat once." */
    public String today() {
        if (open.isEmpty()) {
            return "Nothing left today.";
        }
        return "Left today: " + String.join(", ", open.stream().map(t -> {
            int more = t.plan().sessions() - t.sittings().size();
            return t.item().trackTitle() + switch (more) {
                case 1 -> " once";
                case 2 -> " twice";
                default -> " " + more + " times";
            };
        }).toList()) + ".";
    }
}
