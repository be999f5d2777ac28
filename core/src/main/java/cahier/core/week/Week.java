package cahier.core.week;

import java.util.List;
import java.util.Optional;

/**
 * What a plan is made from (docs/rules.md 17).
 *
 * @param now minute of the first day from which on there is time
 * @param withFriend when a friend can help
 * @param withStranger when a stranger can
 * @param hot hours of 24 °C and more
 * @param walks when the dogs are out
 * @param minutesADay minutes the household has on a day, above 0
 * @param doses in the trainer's order
 * @param apart pairs of tracks that never share a session
 * @param kept sessions of the plan before this one
 */
public record Week(int now, List<Someone> people, List<Span> withFriend, List<Span> withStranger, List<Span> hot, List<Span> walks, int minutesADay, List<Dose> doses, List<Apart> apart,
                   List<Kept> kept) {

    public static final int DAYS = 7;
    /** Where the household did not say. */
    public static final int ANY_MINUTES = Span.DAY;

    public Week {
        if (now < 0 || now >= Span.DAY) {
            throw new IllegalArgumentException("now must be on the first day, 0 to " + (Span.DAY - 1) + ", was " + now);
        }
        if (minutesADay < 1) {
            throw new IllegalArgumentException("minutes a day must be 1 or more, was " + minutesADay);
        }
        people = List.copyOf(people);
        withFriend = Span.merged(withFriend);
        withStranger = Span.merged(withStranger);
        hot = Span.merged(hot);
        walks = Span.merged(walks);
        doses = List.copyOf(doses);
        apart = List.copyOf(apart);
        kept = List.copyOf(kept);
    }

    /** Two tracks that never share a session. */
    public record Apart(long trackId, long otherId) {
    }

    /**
     * A session as it was planned before.
     *
     * @param start minute of the week
     * @param pinned whether somebody wants it exactly there
     */
    public record Kept(long trackId, long personId, int start, boolean pinned) {
    }

    /** Whether its dog has a surer one and none that is less sure. */
    boolean isHardest(Dose dose) {
        List<Dose> others = doses.stream().filter(d -> d.dogId() == dose.dogId()).toList();
        return others.stream().anyMatch(d -> d.success() > dose.success()) && others.stream().noneMatch(d -> d.success() < dose.success());
    }

    /** Minutes practised on the first day. */
    int spent() {
        return doses.stream().mapToInt(d -> d.done() * d.minutes()).sum();
    }

    Optional<Someone> person(long id) {
        return people.stream().filter(p -> p.id() == id).findFirst();
    }
}
