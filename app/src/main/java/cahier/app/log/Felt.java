package cahier.app.log;

import cahier.app.language.Words;

/** How whoever was with the dog outdoors felt: tension travels down the lead (docs/rules.md 24). */
public enum Felt {

    AT_EASE, TENSE;

    public String words() {
        return Words.say("log.Felt." + name());
    }
}
