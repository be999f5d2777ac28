package cahier.app.measure;

import cahier.app.scope.PracticeId;
import cahier.core.measure.Measure;
import cahier.core.rep.Outcome;
import java.time.Instant;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * Something was logged beside the tracks; published by whoever keeps it, in the transaction that does.
 *
 * @param about the trigger, for a distance
 * @param id of the entry and of its rep
 * @param sitting as the phone has it; none where it says nothing of one
 * @param outcome of the rep, by what the step says of it; none where the entry is no rep
 * @param value in the unit of the kind
 * @param level the loudness or the zone; empty for the others
 */
public record Entry(PracticeId practice, long household, long dog, Measure.Kind kind, String about, UUID id, @Nullable UUID sitting, Function<Measure, @Nullable Outcome> outcome,
                    double value, String level, @Nullable Long person, @Nullable Long place, Instant at, Instant now) {

    /**
     * An entry was taken back by whoever tapped it, or by the trainer.
     *
     * @param trainer whether the trainer did
     */
    public record Back(PracticeId practice, long household, UUID id, @Nullable Long trainer, Instant now) {
    }

    /** Where a dog stands may have changed without an entry: the trainer put it elsewhere. */
    public record Moved(PracticeId practice, long household, long dog, Measure.Kind kind, Instant now) {
    }

    /** The trainer said where it is to end: metres, or the zone it is about. */
    public record Aimed(PracticeId practice, long household, long dog, Measure.Kind kind, String about, @Nullable Double goal, Instant now) {
    }
}
