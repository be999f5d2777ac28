package cahier.core.exposure;

/** What a dog did when it had seen the trigger (docs/rules.md 9). */
public enum Response {

    /** Looked back by itself. */
    UNPROMPTED,
    /** Looked back at the cue. */
    PROMPTED,
    STARED,
    REACTED;

    /** Whether it could work at that distance. */
    public boolean isCalm() {
        return this == UNPROMPTED || this == PROMPTED;
    }
}
