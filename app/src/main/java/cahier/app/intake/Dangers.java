package cahier.app.intake;

import cahier.core.gate.Danger;
import java.time.Instant;
import java.util.List;

/**
 * The short list made from the intake.
 *
 * @param open what nobody has seen to yet, the most urgent first
 * @param seenTo what the trainer ticked or put on the sheet
 */
public record Dangers(List<Danger> open, List<SeenTo> seenTo) {

    /** @param onSheet whether it stands on the sheet; otherwise it was done */
    public record SeenTo(Danger danger, boolean onSheet, Instant at, String by) {
    }

    /** In at most four words. */
    public static String title(Danger danger) {
        return switch (danger) {
            case UNCOUPLE -> "Uncouple the dogs";
            case HARNESS_FOR_LINE -> "Harness for the line";
            case SCREEN -> "Screen it off";
            case FENCE -> "Fence or long line";
            case NOT_ALONE -> "Not left alone";
            case SUPERVISE_CHILDREN -> "An adult with children";
            case APART -> "Keep them apart";
        };
    }

    /** What to do today, in one sentence. */
    public static String words(Danger danger) {
        return switch (danger) {
            case UNCOUPLE -> "One lead for each dog, one dog at a time. Never couple two dogs.";
            case HARNESS_FOR_LINE -> "The long line goes on a harness, never on a collar.";
            case SCREEN -> "Put a screen between the dog and what it fears, or choose another place.";
            case FENCE -> "Fence or long line. Off lead only where it is enclosed, or where local rules allow.";
            case NOT_ALONE -> "Never leave the dog longer than it can bear. A sitter bridges.";
            case SUPERVISE_CHILDREN -> "An adult in the room whenever a child is with the dog; no food exercise with a child without an adult’s hand.";
            case APART -> "A closed door between the dog and whom it threatened, until a behaviourist has seen them.";
        };
    }

    /** Why it stands on the list. */
    public static String because(Danger danger) {
        return switch (danger) {
            case UNCOUPLE -> "Two dogs or more live here.";
            case HARNESS_FOR_LINE -> "There is a long line and no harness.";
            case SCREEN -> "A complaint is moved by fear or fright.";
            case FENCE -> "A complaint is moved by chasing.";
            case NOT_ALONE -> "Being alone is a complaint, or a red flag.";
            case SUPERVISE_CHILDREN -> "A child lives here.";
            case APART -> "A bite or a threat to a child stands.";
        };
    }
}
