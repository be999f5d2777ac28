package cahier.core.rep;

import java.time.Duration;
import java.time.Instant;

/** Until when an owner may take a rep back (docs/rules.md 1). */
public final class UndoWindow {

    /** For a rep that was too much; after that it is the trainer's to take out. Any other may be taken back as long as it is shown. */
    public static final Duration TOO_MUCH = Duration.ofSeconds(60);

    private UndoWindow() {
    }

    /**
     * Whether a rep may be taken back; the last second counts.
     *
     * @param tapped by the clock of the phone
     * @param undone by the same clock, so that one that runs wrong takes nothing away
     */
    public static boolean isOpen(Outcome outcome, Instant tapped, Instant undone) {
        return outcome != Outcome.TOO_MUCH || !undone.isAfter(tapped.plus(TOO_MUCH));
    }
}
