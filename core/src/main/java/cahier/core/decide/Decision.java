package cahier.core.decide;

/** What to do with a step (docs/rules.md 4). */
public enum Decision {

    /** Stop and talk to the household. */
    CALL,
    /** One step back. */
    BACK,
    /** A step goes in below. */
    SPLIT,
    /** The goal is reached: the track goes to upkeep. */
    DONE,
    /** One step on. */
    UP,
    /** Come back in gently after a pause. */
    REFRESH,
    /** Go on with this step. */
    STAY
}
