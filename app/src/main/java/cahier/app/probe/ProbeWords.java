package cahier.app.probe;

import cahier.core.probe.Probe;

/** Tests in words. */
public final class ProbeWords {

    private ProbeWords() {
    }

    /** For the trainer: what is tested. */
    public static String name(Probe probe) {
        return switch (probe) {
            case PLACE -> "One place easier";
            case REWARD -> "The better reward";
            case AID -> "Full help";
            case CONTEXT -> "Other hand or person";
        };
    }

    /** For the trainer: what the test asks. */
    public static String asks(Probe probe) {
        return switch (probe) {
            case PLACE -> "Is it too difficult there?";
            case REWARD -> "Is it worth it?";
            case AID -> "Is it understood?";
            case CONTEXT -> "Does it hang on one hand or one person?";
        };
    }

    /** For the owner: what to do. */
    public static String todo(Probe probe) {
        return switch (probe) {
            case PLACE -> "where it is easier";
            case REWARD -> "with the best you have";
            case AID -> "with full help";
            case CONTEXT -> "with the other hand, or someone else";
        };
    }

    /** "5/5 with the better reward, 8/20 before: it helped." */
    public static String reading(Trial trial) {
        String counted = trial.under().clean() + "/" + trial.under().reps() + ", before " + trial.before().clean() + "/" + trial.before().reps();
        return counted + switch (trial.reading()) {
            case RUNNING -> ". " + trial.left() + " more to come.";
            case HELPED -> ": it helped.";
            case SAME -> ": no better.";
        };
    }
}
