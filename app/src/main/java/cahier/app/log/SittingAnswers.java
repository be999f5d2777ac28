package cahier.app.log;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What an owner answered about one sitting.
 *
 * @param ready whether the dog had been out, was calm and took a piece before the first rep; none when it was not said
 * @param cameBack how often it came back by itself when it was let off
 * @param stayedOff how often it did not
 * @param how it ended, if somebody said
 * @param felt how whoever was with the dog outdoors felt, if somebody said
 */
public record SittingAnswers(UUID id, @Nullable Boolean ready, int cameBack, int stayedOff, @Nullable HowEnded how, @Nullable Felt felt) {

    /** Whether it ended flat or frustrated. */
    public boolean isPoor() {
        return how == HowEnded.FLAT || how == HowEnded.FRUSTRATED;
    }
}
