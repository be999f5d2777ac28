package cahier.app.intake;

import cahier.core.gate.Mover;
import cahier.core.gate.Topic;
import org.jspecify.annotations.Nullable;

/**
 * What the owners want, in their words.
 *
 * @param mover what moves the dog, when it is a complaint
 */
public record Wish(long id, int position, String words, Topic topic, @Nullable Mover mover) {
}
