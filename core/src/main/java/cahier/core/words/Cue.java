package cahier.core.words;

import java.util.Objects;

/**
 * One entry of a household's lexicon.
 *
 * @param word what is said, shown or blown; not blank
 * @param action the one thing it stands for
 * @param signal how it is given
 * @param dog for which dog; empty for every dog of the household
 */
public record Cue(String word, String action, Signal signal, String dog) {

    public Cue {
        Objects.requireNonNull(action, "action");
        Objects.requireNonNull(signal, "signal");
        Objects.requireNonNull(dog, "dog");
        if (word.isBlank()) {
            throw new IllegalArgumentException("word must not be blank, was “" + word + "”");
        }
    }

    /** Whether some dog gets both. */
    boolean meets(Cue other) {
        return dog.isEmpty() || other.dog.isEmpty() || dog.equals(other.dog);
    }
}
