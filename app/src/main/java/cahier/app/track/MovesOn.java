package cahier.app.track;

import cahier.core.method.Choice;

/** Who may move the dog on when the rules say so (docs/rules.md 4). */
public enum MovesOn {

    TRAINER("The trainer accepts each step"), OWNER("The owner, when a session ends");

    private final String words;

    /** As a household's method says. */
    public static MovesOn of(Choice choice) {
        return choice == Choice.OWNER_MOVES_ON ? OWNER : TRAINER;
    }

    MovesOn(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
