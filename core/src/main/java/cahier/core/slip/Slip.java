package cahier.core.slip;

/** What kind of miss it was; the kind picks the remedy (docs/rules.md 24). */
public enum Slip {
    GRABBED, STARED_ON, POPPED_UP, HOVERED, CROOKED, ANTICIPATED, JUMPED_ON, NO_CONTACT, HAND_NOT_SEEN, SLIPPED_PAST, TOO_KEEN_ON_ITEM,
    TIGHT_LEAD, CROWDED,
    /** A chain broke at one of its events; which one is kept beside the code. */
    BROKE_AT,
    CALLED_TWICE, WALKED_OFF, REFUSED_FOOD;

    /** As many as an owner is shown for a step. */
    public static final int MOST = 4;
}
