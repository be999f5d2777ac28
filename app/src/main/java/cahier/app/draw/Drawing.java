package cahier.app.draw;

import java.util.List;

/**
 * A drawing ready to be placed: a few paths, a few words, and the same said in one sentence.
 *
 * @param kind its class
 * @param alt what a screen reader says instead
 * @param spots what it tells when it is pointed at
 * @param hold pixels a metre and the height of the ground, "12.5 430": sent along while something is dragged, so that the drawing keeps still; empty where nothing is
 * @param grips what can be dragged
 */
public record Drawing(String kind, double width, double height, String alt, List<Stroke> strokes, List<Label> labels, List<Spot> spots, String hold, List<Grip> grips) {

    public Drawing {
        strokes = strokes.stream().filter(s -> !s.d().isEmpty()).toList();
        labels = List.copyOf(labels);
        spots = List.copyOf(spots);
        grips = List.copyOf(grips);
    }

    /** A drawing in which nothing can be dragged. */
    public Drawing(String kind, double width, double height, String alt, List<Stroke> strokes, List<Label> labels, List<Spot> spots) {
        this(kind, width, height, alt, strokes, labels, spots, "", List.of());
    }

    /** A drawing that tells nothing more when it is pointed at. */
    public Drawing(String kind, double width, double height, String alt, List<Stroke> strokes, List<Label> labels) {
        this(kind, width, height, alt, strokes, labels, List.of());
    }

    /** The same where nothing is to be dragged. */
    public Drawing still() {
        return new Drawing(kind, width, height, alt, strokes, labels, spots);
    }

    /** Whether there is something in it to point at. */
    public boolean isTelling() {
        return !spots.isEmpty() || !grips.isEmpty();
    }

    public String viewBox() {
        return "0 0 " + Path.number(width) + " " + Path.number(height);
    }
}
