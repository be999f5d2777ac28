package cahier.app.lesson;

/** What a trainer looks for while the owner shows an exercise back. */
public enum Shown {

    MARKER("marker in time", "The marker comes too late."),
    ONE_CUE("one cue, said once", "The cue is said more than once."),
    FOOD_HAND("food from the right hand", "The food comes from the wrong hand."),
    SLACK_LEAD("slack lead", "The lead is tight.");

    private final String words;
    private final String trouble;

    Shown(String words, String trouble) {
        this.words = words;
        this.trouble = trouble;
    }

    public String words() {
        return words;
    }

    /** What to look at again when it was not right. */
    public String trouble() {
        return trouble;
    }
}
