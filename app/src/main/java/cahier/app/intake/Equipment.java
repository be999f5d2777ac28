package cahier.app.intake;

import cahier.app.language.Words;

/** What a household may have at hand. */
public enum Equipment {

    COLLAR, HARNESS, LONG_LINE, MUZZLE, CRATE, MAT;

    public String words() {
        return Words.say("intake.Equipment." + name());
    }
}
