package cahier.core.rep;

/** How much aid the dog gets, the most first (docs/rules.md 1): a full lure, a hand, a pointing finger, a prop such as the mat, nothing. */
public enum Aid {
    FULL_LURE, HAND, POINT, PROP, NONE
}
