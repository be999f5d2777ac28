package cahier.core.words;

import java.util.Objects;

/**
 * Two entries that a dog will mix up.
 *
 * @param first a word of the lexicon
 * @param second the other word, or the name
 */
public record Clash(Kind kind, String first, String second) {

    public Clash {
        Objects.requireNonNull(kind, "kind");
        Objects.requireNonNull(first, "first");
        Objects.requireNonNull(second, "second");
    }

    /** How they are mixed up. */
    public enum Kind {
        /** The same word stands for two actions. */
        ONE_WORD_TWO_ACTIONS,
        /** Two words stand for the same action. */
        TWO_WORDS_ONE_ACTION,
        /** Two spoken words sound alike. */
        SOUND_ALIKE,
        /** A spoken word sounds like the name of a dog or a person. */
        LIKE_A_NAME
    }
}
