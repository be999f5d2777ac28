package cahier.app.draw;

import java.util.List;

/**
 * A drawing ready to be placed: a few paths, a few words, and the same said in one sentence.
 *
 * @param kind its class
 * @param alt what a screen reader says instead
 * @param spots what it tells when it is pointed at
 */
public record Drawing(String kind, double width, double height, String alt, List<Stroke> strokes, List<Label> labels, List<Spot> spots) {

    public Drawing {
        strokes = strokes.stream().filter(s -> !s.d().isEmpty()).toList();
        labels = List.copyOf(labels);
        spots = List.copyOf(spots);
    }

    /** A drawing that tells nothing more when it is pointed at. */
    public Drawing(String kind, double width, double height, String alt, List<Stroke> strokes, List<Label> labels) {
        this(kind, width, height, alt, strokes, labels, List.of());
    }

    public boolean isTelling() {
        return !spots.isEmpty();
    }

    public String viewBox() {
        return "0 0 " + Path.number(width) + " " + Path.number(height);
    }
}
