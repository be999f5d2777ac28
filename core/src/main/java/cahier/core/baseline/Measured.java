package cahier.core.baseline;

/** A baseline that can say where a track may start (docs/rules.md 31). */
public sealed interface Measured {

    /**
     * A known cue tried cold.
     *
     * @param clean of the tries, 0 to tries
     * @param tries 1 to 10
     */
    record ColdTest(int clean, int tries) implements Measured {

        /** Tries of a full test. */
        public static final int TRIES = 10;

        public ColdTest {
            if (tries < 1 || tries > TRIES) {
                throw new IllegalArgumentException("tries must be from 1 to " + TRIES + ", was " + tries);
            }
            if (clean < 0 || clean > tries) {
                throw new IllegalArgumentException("clean must be from 0 to " + tries + ", was " + clean);
            }
        }
    }

    /**
     * The distance at which the dog can still look away.
     *
     * @param metres more than 0
     */
    record Distance(double metres) implements Measured {

        public Distance {
            if (!(metres > 0)) {
                throw new IllegalArgumentException("metres must be more than 0, was " + metres);
            }
        }
    }

    /**
     * How long it was quiet alone before the first distress, or the whole watch when there was none.
     *
     * @param seconds 0 or more
     */
    record Quiet(double seconds) implements Measured {

        public Quiet {
            if (!(seconds >= 0)) {
                throw new IllegalArgumentException("seconds must be 0 or more, was " + seconds);
            }
        }
    }
}
