package cahier.app.probe;

import cahier.app.language.Words;
import cahier.core.probe.Probe;

/** Tests in words. */
public final class ProbeWords {

    private ProbeWords() {
    }

    /** For the trainer: what is tested. */
    public static String name(Probe probe) {
        return switch (probe) {
            case PLACE -> Words.say("probe.ProbeWords.one-place-easier");
            case REWARD -> Words.say("probe.ProbeWords.the-better-reward");
            case AID -> Words.say("probe.ProbeWords.full-help");
            case CONTEXT -> Words.say("probe.ProbeWords.other-hand-or-person");
        };
    }

    /** For the trainer: what the test asks. */
    public static String asks(Probe probe) {
        return switch (probe) {
            case PLACE -> Words.say("probe.ProbeWords.is-it-too-difficult-there");
            case REWARD -> Words.say("probe.ProbeWords.is-it-worth-it");
            case AID -> Words.say("probe.ProbeWords.is-it-understood");
            case CONTEXT -> Words.say("probe.ProbeWords.does-it-hang-on-one");
        };
    }

    /** For the owner: what to do. */
    public static String todo(Probe probe) {
        return switch (probe) {
            case PLACE -> Words.say("probe.ProbeWords.where-it-is-easier");
            case REWARD -> Words.say("probe.ProbeWords.with-the-best-you-have");
            case AID -> Words.say("probe.ProbeWords.with-full-help");
            case CONTEXT -> Words.say("probe.ProbeWords.with-the-other-hand-or");
        };
    }

    /** "5/5 with the better reward, 8/20 before: it helped." */
    public static String reading(Trial trial) {
        String counted = Words.say("probe.ProbeWords.before", trial.under().clean(), trial.under().reps(), trial.before().clean(), trial.before().reps());
        return counted + switch (trial.reading()) {
            case RUNNING -> ". " + trial.left() + " more to come.";
            case HELPED -> Words.say("probe.ProbeWords.it-helped");
            case SAME -> Words.say("probe.ProbeWords.no-better");
        };
    }
}
