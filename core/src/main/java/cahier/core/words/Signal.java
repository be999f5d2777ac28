package cahier.core.words;

/** How a cue is given. */
public enum Signal {
    VOICE, HAND, WHISTLE
}
