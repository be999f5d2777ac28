package cahier.app.track;

import cahier.app.language.Words;
import cahier.core.method.Choice;

/** Who may move the dog on when the rules say so (docs/rules.md 4). */
public enum MovesOn {

    TRAINER, OWNER;

    /** As a household's method says. */
    public static MovesOn of(Choice choice) {
        return choice == Choice.OWNER_MOVES_ON ? OWNER : TRAINER;
    }

    public String words() {
        return Words.say("track.MovesOn." + name());
    }
}
