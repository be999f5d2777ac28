package cahier.app.log;

import cahier.app.language.Words;

/** What the dog showed when it was too much. */
public enum Sign {

    BARKED, LUNGED, FROZE, HID, BACKED_OFF, REFUSED_FOOD;

    public String words() {
        return Words.say("log.Sign." + name());
    }
}
