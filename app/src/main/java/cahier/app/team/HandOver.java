package cahier.app.team;

import cahier.app.language.Words;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A household went from one trainer to another.
 *
 * @param byTrainer who did it
 * @param fromSigns whose it was; none where all shared it
 * @param toSigns whose it is since; none where all share it
 * @param readAt when the one it came to read the note
 */
public record HandOver(long id, long householdId, String household, Instant at, String byTrainer, @Nullable String fromSigns, @Nullable String toSigns, String note, @Nullable Instant readAt) {

    /** "from Imre to Wenna", "to everybody" */
    public String way() {
        return Words.say("team.HandOver.to", (fromSigns == null ? "" : Words.say("team.HandOver.from", fromSigns)), (toSigns == null ? "everybody" : toSigns));
    }
}
