package cahier.app.log;

/** Which hand pays or shows. */
public enum Side {
    LEFT, RIGHT
}
