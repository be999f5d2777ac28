package cahier.core.coach;

/** What the coach says after a rep, the first that holds (docs/rules.md 5). */
public enum Advice {
    /** Too much: give room, end, no more of this track today. */
    STOP,
    /** One easy rep that will go well, then end. */
    END,
    /** Three reps one step easier. */
    EASE,
    /** Let the dog walk off and see whether it comes back. */
    BREATHE,
    GO
}
