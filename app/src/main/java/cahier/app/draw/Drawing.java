package cahier.app.draw;

import java.util.List;

/**
 * A drawing ready to be placed: a few paths, a few words, and the same said in one sentence.
 *
 * @param kind its class
 * @param alt what a screen reader says instead
 */
public record Drawing(String kind, double width, double height, String alt, List<Stroke> strokes, List<Label> labels) {

    public Drawing {
        strokes = strokes.stream().filter(s -> !s.d().isEmpty()).toList();
        labels = List.copyOf(labels);
    }

    public String viewBox() {
        return "0 0 " + Path.number(width) + " " + Path.number(height);
    }
}
