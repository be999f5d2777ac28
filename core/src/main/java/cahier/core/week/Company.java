package cahier.core.week;

/** Who must be there beside the handler. */
public enum Company {
    NOBODY, HOUSEHOLD, FRIEND, STRANGER
}
