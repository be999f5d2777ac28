package cahier.core.alone;

/**
 * Distress from one moment to another, in seconds after the dog was left. It may reach beyond the watch.
 */
public record Spell(double from, double to) {

    public Spell {
        if (!Double.isFinite(from) || !Double.isFinite(to)) {
            throw new IllegalArgumentException("from and to must be seconds, were " + from + " and " + to);
        }
    }

    /** How long it lasted, in seconds. */
    public double seconds() {
        return to - from;
    }
}
