package cahier.app.practice;

import java.util.List;

/**
 * What stands at the end of a sitting.
 *
 * @param task the step that was practised
 * @param open what is not done today, this one too when it is asked for again
 * @param missing what the step still lacks to be passed, "2 more clean in a row"; empty when it holds
 */
record Left(Today.Task task, List<Today.Task> open, String missing) {

    /** "2 more clean in a row to pass." */
    public String gate() {
        return missing.isEmpty() ? "The pass is there. Your trainer decides the next step." : missing + " to pass this step.";
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
