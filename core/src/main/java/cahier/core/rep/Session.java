package cahier.core.rep;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * One sitting of one dog, one person, one place, with the reps of one track in it (docs/rules.md 1).
 *
 * @param person who practised; any stable name, empty when nobody said
 * @param place where; any stable name, empty when nobody said
 * @param day calendar day of the start, in the household's zone
 * @param coldStart whether the first WORK rep came at least 3 hours after the track's previous rep
 * @param reps in order, at least one
 */
public record Session(String person, String place, LocalDate day, boolean coldStart, List<Rep> reps) {

    public Session {
        Objects.requireNonNull(person, "person");
        Objects.requireNonNull(place, "place");
        Objects.requireNonNull(day, "day");
        reps = reps.stream().sorted(Rep.IN_ORDER).toList();
        if (reps.isEmpty()) {
            throw new IllegalArgumentException("reps must hold at least one rep, was none");
        }
    }

    /** When its first rep happened. */
    public Instant start() {
        return reps.get(0).at();
    }

    /** When its last rep happened. */
    public Instant end() {
        return reps.get(reps.size() - 1).at();
    }

    /** The reps that count as evidence, in order. */
    public List<Rep> work() {
        List<Rep> work = new ArrayList<>(reps.size()); // asked for at every close of every session, so that a stream is too dear
        for (Rep rep : reps) {
            if (rep.isWork()) {
                work.add(rep);
            }
        }
        return work.size() == reps.size() ? reps : work;
    }

    /** How many reps of any role were over threshold. */
    public int tooMuch() {
        int tooMuch = 0;
        for (Rep rep : reps) {
            tooMuch += rep.isTooMuch() ? 1 : 0;
        }
        return tooMuch;
    }

    /** The first WORK rep, when it was a cold one; tells what the dog knows without warming up. */
    public Optional<Rep> coldRep() {
        return coldStart ? work().stream().findFirst() : Optional.empty();
    }
}
