package cahier.app.track;

import cahier.app.language.Words;

/** Whom a step needs beside the one who handles the dog, in the order in which company gets harder. */
public enum Helper {

    NOBODY, HOUSEHOLD, FRIEND, STRANGER;

    public String words() {
        return Words.say("track.Helper." + name());
    }
}
