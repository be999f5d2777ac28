package cahier.core.coach;

/** What the coach says after a rep, the first that holds (docs/rules.md 5). */
public enum Advice {
    /** Too much: give room, end, no more of this track today. */
    STOP,
    /** One sure win, then finish while the dog still wants more. */
    END,
    /** Three reps one step easier. */
    EASE,
    /** Let the dog walk off and see whether it comes back. */
    BREATHE,
    GO
}
