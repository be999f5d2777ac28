package cahier.app.scope;

import cahier.app.language.Words;

/** What a trainer of a practice may do. */
public enum TrainerRole {
    /** Everything: also who belongs to the practice, its settings, copies and erasing. At least one trainer of a practice does. */
    RUNS,
    /** All that is done with households. */
    TRAINS,
    /** Looks, and changes nothing but the own account. */
    READS;

    public String words() {
        return Words.say("scope.TrainerRole." + name());
    }
}
