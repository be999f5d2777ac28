package cahier.app.baseline;

/** The baselines of a first visit. */
public enum Kind {

    COLD_TEST("Cold test of a cue"), FOOD("Will it eat?"), DISTANCE("First working distance"), ZONES("Touch that is easy"),
    LIES("Where it likes to lie"), WATCH("15 minutes alone");

    private final String words;

    Kind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
