package cahier.app.intake;

import cahier.app.language.Words;
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
            case UNCOUPLE -> Words.say("intake.Dangers.uncouple-the-dogs");
            case HARNESS_FOR_LINE -> Words.say("intake.Dangers.harness-for-the-line");
            case SCREEN -> Words.say("intake.Dangers.screen-it-off");
            case FENCE -> Words.say("intake.Dangers.fence-or-long-line");
            case NOT_ALONE -> Words.say("intake.Dangers.not-left-alone");
            case SUPERVISE_CHILDREN -> Words.say("intake.Dangers.an-adult-with-children");
            case APART -> Words.say("intake.Dangers.keep-them-apart");
        };
    }

    /** What to do today, in one sentence. */
    public static String words(Danger danger) {
        return switch (danger) {
            case UNCOUPLE -> Words.say("intake.Dangers.one-lead-for-each-dog");
            case HARNESS_FOR_LINE -> Words.say("intake.Dangers.the-long-line-goes-on");
            case SCREEN -> Words.say("intake.Dangers.put-a-screen-between-the");
            case FENCE -> Words.say("intake.Dangers.fence-or-long-line-off");
            case NOT_ALONE -> Words.say("intake.Dangers.never-leave-the-dog-longer");
            case SUPERVISE_CHILDREN -> Words.say("intake.Dangers.an-adult-in-the-room");
            case APART -> Words.say("intake.Dangers.a-closed-door-between-the");
        };
    }

    /** Why it stands on the list. */
    public static String because(Danger danger) {
        return switch (danger) {
            case UNCOUPLE -> Words.say("intake.Dangers.two-dogs-or-more-live");
            case HARNESS_FOR_LINE -> Words.say("intake.Dangers.there-is-a-long-line");
            case SCREEN -> Words.say("intake.Dangers.a-complaint-is-moved-by");
            case FENCE -> Words.say("intake.Dangers.a-complaint-is-moved-by-2");
            case NOT_ALONE -> Words.say("intake.Dangers.being-alone-is-a-complaint");
            case SUPERVISE_CHILDREN -> Words.say("intake.Dangers.a-child-lives-here");
            case APART -> Words.say("intake.Dangers.a-bite-or-a-threat");
        };
    }
}
