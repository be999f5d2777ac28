package cahier.app.owner;

import cahier.app.language.Words;
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
        return missing.map(m -> m.isEmpty() ? Words.say("owner.Left.the-pass-is-there-your") : Words.say("owner.Left.to-pass-this-step", m)).orElse("");
    }

    /** "Left today: Recall twice, Settle on a mat once." */
    public String today() {
        if (open.isEmpty()) {
            return Words.say("owner.Left.nothing-left-today");
        }
        return Words.say("owner.Left.left-today", String.join(", ", open.stream().map(t -> { int more = t.plan().sessions() - t.sittings().size(); return t.item().trackTitle() + switch (more) { case 1 -> Words.say("owner.Left.once"); case 2 -> Words.say("owner.Left.twice"); default -> Words.say("owner.Left.times", more); }; }).toList()));
    }
}
