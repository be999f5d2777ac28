package cahier.core.baseline;

import java.util.Objects;
import java.util.Optional;

/**
 * Will it eat? The trainer offers; if that is refused, the owner does (docs/rules.md 23).
 *
 * @param fromTrainer whether it took the piece from the trainer
 * @param fromOwner whether it took it from the owner; asked only after a refusal
 */
public record FoodTest(boolean fromTrainer, Optional<Boolean> fromOwner) {

    public FoodTest {
        Objects.requireNonNull(fromOwner, "fromOwner");
        if (!fromTrainer && fromOwner.isEmpty()) {
            throw new IllegalArgumentException("fromOwner must be told after the trainer's piece was refused, was missing");
        }
    }

    /** What it tells. */
    public enum Reading {
        /** Taken from the trainer. */
        AT_EASE,
        /** Refused from the trainer, taken from the owner. */
        UNEASY_WITH_TRAINER,
        /** Refused from both: uneasy with the place, or fed, or ill: ask. */
        UNEASY_HERE
    }

    /** What the tries say; the first that holds. */
    public Reading reading() {
        if (fromTrainer) {
            return Reading.AT_EASE;
        }
        return fromOwner.orElseThrow() ? Reading.UNEASY_WITH_TRAINER : Reading.UNEASY_HERE;
    }
}
