package cahier.core.pass;

/** The bounds that pass rules share. */
final class Limits {

    private Limits() {
    }

    static void reps(String name, int value) {
        if (value < 1 || value > Run.MOST) {
            throw new IllegalArgumentException(name + " must be from 1 to " + Run.MOST + ", was " + value + ", for example " + Run.DEFAULT);
        }
    }
}
