package cahier.core.rep;

import java.util.Locale;
import java.util.Objects;

/**
 * What a rep was done with (docs/rules.md 1); an empty text where nobody said.
 *
 * @param hand which hand, or which side
 * @param item the reward or the object, in lower case without blanks around it, so that "Ball" and "ball " are one
 */
public record With(String hand, String item) {

    public static final With NOTHING_SAID = new With("", "");

    public With {
        Objects.requireNonNull(hand, "hand");
        item = item.strip().toLowerCase(Locale.ROOT);
    }
}
