package cahier.app.track;

/** What a step is beside its criteria, so that the rules know it. */
public enum Trait {

    /** Waits until the head is easy to touch (docs/rules.md 15). */
    TOUCHES_HEAD("Touches the head", "Waits until chin, muzzle, crown, neck and ears are easy to touch"),
    /** Is held back where the place is not enclosed (docs/rules.md 38). */
    OFF_LEAD("Off the lead", "Only in an enclosed place"),
    /** The time from the cue to the answer is kept (docs/rules.md 25). */
    ANSWER_TIMED("Time to the answer", "The phone times it: Start at the cue, the tap ends it"),
    /** A session ends with the first CLEAN rep; the dose is the most (docs/rules.md 5). */
    UNTIL_CLEAN("Until one is clean, then go", "As in a doorway; the reps above are the most");

    private final String words;
    private final String hint;

    Trait(String words, String hint) {
        this.words = words;
        this.hint = hint;
    }

    public String words() {
        return words;
    }

    public String hint() {
        return hint;
    }
}
