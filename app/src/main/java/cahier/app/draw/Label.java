package cahier.app.draw;

/**
 * A word in a drawing.
 *
 * @param anchor start, middle or end
 */
public record Label(double x, double y, String text, String anchor, String ink) {
}
