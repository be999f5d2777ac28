package cahier.app.baseline;

import cahier.app.language.Words;

/** The baselines of a first visit. */
public enum Kind {

    COLD_TEST, FOOD, DISTANCE, ZONES,
    LIES, WATCH;

    public String words() {
        return Words.say("baseline.Kind." + name());
    }
}
