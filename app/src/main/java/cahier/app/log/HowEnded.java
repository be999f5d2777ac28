package cahier.app.log;

import cahier.app.language.Words;

/** How a session ended, as the owner saw the dog. */
public enum HowEnded {

    EAGER, FLAT, FRUSTRATED, STOPPED;

    public String words() {
        return Words.say("log.HowEnded." + name());
    }
}
