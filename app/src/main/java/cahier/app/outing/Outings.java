package cahier.app.outing;

import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.household.Place;
import cahier.app.scope.PracticeId;
import cahier.app.web.NotFound;
import cahier.core.exposure.LongWatching;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps long sittings and walks, once each, and counts them (docs/rules.md 9, 26, 27). */
@Service
@Transactional
public class Outings {

    private static final int SHOWN = 6;
    /** A sitting that nobody ended ends here after its last tap; nobody sits longer. */
    private static final int LONGEST_S = 8 * 3600;

    private final OutingMapper outings;
    private final Households households;

    Outings(OutingMapper outings, Households households) {
        this.outings = outings;
        this.households = households;
    }

    /** Sent twice, it is still one; the first tap of a sitting begins it. */
    public void keep(PracticeId practice, Watching watching, WatchTap tap, Instant now) {
        outings.begin(practice, watching, now);
        if (outings.count(practice, watching.householdId(), watching.id()) == 0) {
            throw new NotFound("sitting " + watching.id());
        }
        outings.tap(practice, watching.householdId(), tap);
    }

    /** Sent twice, it is taken back once. */
    public void undoTap(PracticeId practice, long household, UUID id, Instant now) {
        found(outings.undoTap(practice, household, id, now), id);
    }

    public void keep(PracticeId practice, Outing outing, Instant now) {
        outings.insert(practice, outing, now);
    }

    public void undo(PracticeId practice, long household, UUID id, Instant now) {
        found(outings.undo(practice, household, id, now), id);
    }

    private static void found(int rows, UUID id) {
        if (rows == 0) {
            throw new NotFound("outing " + id);
        }
    }

    /** The latest sittings in which something was tapped, newest first. */
    @Transactional(readOnly = true)
    public List<LongSitting> sittings(PracticeId practice, long household) {
        Facts facts = households.facts(practice, household);
        return outings.latest(practice, household, SHOWN).stream().flatMap(w -> sitting(facts, w, outings.taps(practice, household, w.id())).stream()).toList();
    }

    private static Optional<LongSitting> sitting(Facts facts, Watching w, List<WatchTap> taps) {
        List<LongWatching.Moment> moments = taps.stream().filter(t -> t.seen() != WatchTap.What.END).map(t -> new LongWatching.Moment(second(w, t), LongWatching.Seen.valueOf(t.seen().name()))).toList();
        if (moments.isEmpty()) {
            return Optional.empty();
        }
        int seconds = taps.stream().mapToInt(t -> second(w, t)).max().orElse(0);
        String place = facts.places().stream().filter(p -> w.placeId() != null && p.id() == w.placeId()).map(Place::name).findFirst().orElse("");
        return Optional.of(new LongSitting(facts.dogName(w.dogId()), place, w.beganAt(), Math.max(1, (seconds + 59) / 60), w.carried(), LongWatching.of(moments, seconds)));
    }

    private static int second(Watching w, WatchTap t) {
        return (int) Math.max(0, Math.min(LONGEST_S, Duration.between(w.beganAt(), t.happenedAt()).toSeconds()));
    }

    /** Each dog's walks, newest first. */
    @Transactional(readOnly = true)
    public List<Walks> walks(PracticeId practice, long household) {
        return households.facts(practice, household).dogs().stream().map(d -> new Walks(d, outings.outings(practice, household, d.id(), SHOWN))).toList();
    }
}
