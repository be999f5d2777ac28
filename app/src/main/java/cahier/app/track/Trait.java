package cahier.app.track;

import cahier.app.language.Words;

/** What a step is beside its criteria, so that the rules know it. */
public enum Trait {

    /** Waits until the head is easy to touch (docs/rules.md 15). */
    TOUCHES_HEAD,
    /** Is held back where the place is not enclosed (docs/rules.md 38). */
    OFF_LEAD,
    /** The time from the cue to the answer is kept (docs/rules.md 25). */
    ANSWER_TIMED,
    /** A session ends with the first CLEAN rep; the dose is the most (docs/rules.md 5). */
    UNTIL_CLEAN;

    public String words() {
        return Words.say("track.Trait." + name());
    }

    public String hint() {
        return Words.say("track.Trait." + name() + ".hint");
    }
}
