package cahier.core.rehearse;

/** When the made-up trainer answers what is suggested; each time as it is suggested. */
public enum Answering {

    /** As each session closes. */
    AT_ONCE(0, false),
    /** In a lesson each week; between them the owner may move on. */
    OWNER_MOVES_ON(7, true),
    /** In a lesson each week. */
    WEEKLY(7, false),
    /** In a lesson each fortnight. */
    FORTNIGHTLY(14, false);

    private final int days;
    private final boolean ownerMoves;

    Answering(int days, boolean ownerMoves) {
        this.days = days;
        this.ownerMoves = ownerMoves;
    }

    boolean atOnce() {
        return days == 0;
    }

    boolean ownerMoves() {
        return ownerMoves;
    }

    /** Whether somebody moves the dog on within a session, where it is judged after each rep. */
    boolean isPrompt() {
        return atOnce() || ownerMoves;
    }

    boolean hasLesson(int day) {
        return days > 0 && day > 0 && day % days == 0;
    }
}
