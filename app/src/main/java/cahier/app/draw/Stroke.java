package cahier.app.draw;

/** One path of a drawing and the class that inks it. */
public record Stroke(String d, String ink) {
}
