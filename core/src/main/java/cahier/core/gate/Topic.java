package cahier.core.gate;

/** What a track, or a complaint, is about; a red flag shuts the topics it concerns (docs/rules.md 21). */
public enum Topic {

    /** Attention, settle, recall, manners: nothing that a red flag but a sudden change touches. */
    EVERYDAY,
    /** Positions and movement: down, front, heel, fetch. */
    BODY,
    /** Food, toys and other things the dog may not have. */
    ITEMS,
    /** Visitors, strangers, children. */
    PEOPLE,
    /** Other dogs and animals. */
    DOGS,
    /** Touch, brush, collar, muzzle. */
    HANDLING,
    /** Being left. */
    ALONE,
    /** Noises. */
    NOISE
}
