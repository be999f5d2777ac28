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
    STAY;

    /** Whether it stays open until a trainer answers, because of such a cause (docs/rules.md 4, open until answered). */
    public boolean staysOpen(Cause cause) {
        return switch (this) {
            case CALL, BACK, SPLIT, UP, DONE -> true;
            case STAY -> cause == Cause.PERSON_GAP || cause == Cause.REOPENED;
            case REFRESH -> false;
        };
    }
}
