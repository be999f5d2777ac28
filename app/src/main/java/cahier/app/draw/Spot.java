package cahier.app.draw;

/**
 * A part of a drawing that tells more when it is pointed at, tapped or focused.
 *
 * @param says the words, a full sentence
 */
public record Spot(double x, double y, double width, double height, String says) {
}
