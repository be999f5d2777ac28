package cahier.app.exposure;

import cahier.app.language.Words;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Where the trainer has a dog work from now on. What is left empty stays as it was.
 *
 * @param metres above 0
 * @param ownStep metres closer at a time, 0.1 to 100; only where it goes step by step
 * @param goal metres at which it is to work in the end, 1 to 1000
 */
public record WorkAt(double metres, OptionalDouble ownStep, OptionalDouble goal, Optional<How> how) {

    /** What brings it closer (docs/rules.md 9). */
    public enum How {
        STEPS, LED;

        /** What made-up dogs showed of it, in the figures of docs/rules.md 9 and 39. */
        public String cost() {
            return this == STEPS ? Words.say("exposure.WorkAt.after-five-looks-by-itself")
                    : "After three, toward where it is calm 8 times in 10. On made-up dogs 40 looks found that distance within 15% for 80% of dogs instead of 62%, but 5.2 looks in 100 went over threshold instead of 3.0. "
                            + "On the whole way to a goal a dog went over threshold 25 times instead of 6, and was there no sooner: use it to find the distance.";
        }

        public String words() {
            return this == STEPS ? Words.say("exposure.WorkAt.step-by-step") : Words.say("exposure.WorkAt.led-by-the-estimate");
        }
    }

    public WorkAt {
        if (how.filter(h -> h == How.LED).isPresent() && ownStep.isPresent()) {
            throw new IllegalArgumentException(Words.say("exposure.WorkAt.must-have-no-step-of", ownStep.getAsDouble()));
        }
    }

    /** Here, and the rest as it was. */
    public static WorkAt of(double metres) {
        return new WorkAt(metres, OptionalDouble.empty(), OptionalDouble.empty(), Optional.empty());
    }

    public WorkAt toward(OptionalDouble wanted) {
        return new WorkAt(metres, ownStep, wanted, how);
    }
}
