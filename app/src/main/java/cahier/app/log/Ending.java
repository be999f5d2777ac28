package cahier.app.log;

import cahier.core.pay.LeadClips;
import org.jspecify.annotations.Nullable;

/**
 * How a sitting ended, in the owner's words.
 *
 * @param ready whether the dog had been out, was calm and took a piece before the first rep; none when it was not asked
 * @param cameBack how often the dog came back by itself when it was let off
 * @param stayedOff how often it did not
 * @param lead how often the lead went on, and how often that was the end
 */
public record Ending(@Nullable HowEnded how, String note, @Nullable Boolean ready, int cameBack, int stayedOff, LeadClips lead) {

    /** An ending of which only the mood and a line are known. */
    public static Ending of(@Nullable HowEnded how, String note) {
        return new Ending(how, note, null, 0, 0, new LeadClips(0, 0));
    }
}
