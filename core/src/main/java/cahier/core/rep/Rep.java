package cahier.core.rep;

import java.time.Instant;
import java.util.Comparator;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.UUID;

/**
 * One trial of one step by one dog with one person (docs/rules.md 1). Voided reps are left out before they get here.
 *
 * @param id made on the phone, so that sending twice changes nothing
 * @param at when it happened
 * @param value what was measured, where the step measures something
 * @param level the loudness of a noise or the zone of a touch it was measured at; empty for everything else
 * @param with the hand and the item, where somebody said
 */
public record Rep(UUID id, Instant at, Outcome outcome, Role role, OptionalDouble value, String level, With with) {

    /** By time, then id: the order every rule reads reps in. Ids are ordered by their bytes, as a database does. */
    public static final Comparator<Rep> IN_ORDER = Comparator.comparing(Rep::at).thenComparing(Rep::id, (a, b) -> {
        int high = Long.compareUnsigned(a.getMostSignificantBits(), b.getMostSignificantBits());
        return high != 0 ? high : Long.compareUnsigned(a.getLeastSignificantBits(), b.getLeastSignificantBits());
    });

    public Rep {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(at, "at");
        Objects.requireNonNull(outcome, "outcome");
        Objects.requireNonNull(role, "role");
        Objects.requireNonNull(value, "value");
        Objects.requireNonNull(level, "level");
        Objects.requireNonNull(with, "with");
    }

    /** A rep of which nobody said hand and item. */
    public Rep(UUID id, Instant at, Outcome outcome, Role role, OptionalDouble value, String level) {
        this(id, at, outcome, role, value, level, With.NOTHING_SAID);
    }

    /** A rep with a value alone. */
    public Rep(UUID id, Instant at, Outcome outcome, Role role, OptionalDouble value) {
        this(id, at, outcome, role, value, "");
    }

    /** A rep without a measured value. */
    public Rep(UUID id, Instant at, Outcome outcome, Role role) {
        this(id, at, outcome, role, OptionalDouble.empty());
    }

    /** Whether pass rules may count it. */
    public boolean isWork() {
        return role == Role.WORK;
    }

    /** Whether it met the criterion unaided. */
    public boolean isClean() {
        return outcome == Outcome.CLEAN;
    }

    /** Whether the dog was over threshold. */
    public boolean isTooMuch() {
        return outcome == Outcome.TOO_MUCH;
    }
}
