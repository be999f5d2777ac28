package cahier.app.draw;

/**
 * A word in a drawing.
 *
 * @param anchor start, middle or end
 */
public record Label(double x, double y, String text, String anchor, String ink) {

    /** The words, cut where they are longer than so many letters. */
    static String fitting(String words, int most) {
        return words.length() > most ? words.substring(0, most - 1).strip() + "…" : words;
    }
}
