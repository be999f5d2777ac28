package cahier.app.scope;

/** What a trainer of a practice may do. */
public enum TrainerRole {
    /** Everything: also who belongs to the practice, its settings, copies and erasing. At least one trainer of a practice does. */
    RUNS("runs the practice"),
    /** All that is done with households. */
    TRAINS("trainer"),
    /** Looks, and changes nothing but the own account. */
    READS("reads only");

    private final String words;

    TrainerRole(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
