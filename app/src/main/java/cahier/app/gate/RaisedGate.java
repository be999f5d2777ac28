package cahier.app.gate;

import cahier.core.gate.Gate;
import cahier.core.gate.Profession;
import cahier.core.gate.RedFlag;
import java.time.LocalDate;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A red flag of a dog as it is kept.
 *
 * @param what was seen, in the trainer's words
 * @param clearedBy who cleared it, with name, day and note, once it was
 */
public record RaisedGate(long id, long householdId, long dogId, String dogName, RedFlag flag, String what, LocalDate raisedOn, String raisedBy,
                         @Nullable Profession clearedBy, @Nullable String clearedName, @Nullable LocalDate clearedOn, String clearedNote) {

    public Gate toGate() {
        return new Gate(flag, raisedOn, clearedBy == null || clearedName == null || clearedOn == null ? Optional.empty()
                : Optional.of(new Gate.Clearance(clearedBy, clearedName, clearedOn, clearedNote)));
    }

    public boolean isShut() {
        return clearedOn == null;
    }
}
