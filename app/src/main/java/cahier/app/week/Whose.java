package cahier.app.week;

/** Whose hours: of one of the household, of a helper from outside, or of the walks. */
public enum Whose {
    PERSON, FRIEND, STRANGER, WALK
}
