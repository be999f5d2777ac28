package cahier.app.log;

import cahier.app.account.PracticeId;
import cahier.app.household.Household;
import cahier.app.track.Tracks;
import cahier.core.pay.LeadClips;
import cahier.core.rep.Outcome;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps reps, once each, and the sums that go with them. */
@Service
@Transactional
public class RepLog {

    /** An owner may take a rep of any outcome back within this time (docs/rules.md 1). */
    public static final Duration UNDO_WITHIN = Duration.ofSeconds(60);

    /** A message takes a moment; a clock this close is right. */
    private static final Duration CLOCK_TRUSTED = Duration.ofSeconds(10);
    /** Reps of a clock that was further off are marked. */
    private static final Duration CLOCK_MARKED = Duration.ofMinutes(5);

    private final RepMapper reps;
    private final DetailMapper details;
    private final SittingMapper sittings;
    private final Tracks tracks;

    RepLog(RepMapper reps, DetailMapper details, SittingMapper sittings, Tracks tracks) {
        this.reps = reps;
        this.details = details;
        this.sittings = sittings;
        this.tracks = tracks;
    }

    /**
     * What became of a batch.
     *
     * @param stored how many were new
     * @param known how many had been stored before
     * @param lastRep when the latest new rep of each track happened, by track
     */
    public record Stored(int stored, int known, Map<Long, Instant> lastRep) {
    }

    /**
     * Stores what is new of a batch, in one transaction: all of it or none.
     *
     * @param sentAt what the phone's clock said when it sent the batch; none from phones that do not say
     */
    public Stored store(Household household, List<NewRep> batch, @Nullable Instant sentAt, Instant now) {
        PracticeId practice = household.practiceId();
        Duration fast = fast(batch, sentAt, now);
        Long off = fast.abs().compareTo(CLOCK_MARKED) > 0 ? fast.toSeconds() : null;
        List<NewRep> inOrder = batch.stream().sorted(Comparator.comparing(NewRep::id)).toList();
        List<NewRep> fresh = inOrder.stream().filter(rep -> {
            Instant happened = rep.at().minus(fast);
            sittings.begin(practice, household.id(), rep.sittingId(), happened);
            Long visit = tracks.visitAt(practice, rep.stepId(), happened).orElse(null);
            return reps.insert(practice, household.id(), visit, rep, now, happened, off) > 0;
        }).toList();
        fresh.stream().sorted(Comparator.comparing(NewRep::stepId)).forEach(rep ->
                addToDay(household, rep.trackId(), rep.stepId(), rep.at().minus(fast), rep.outcome(), 1));
        return new Stored(fresh.size(), batch.size() - fresh.size(), fresh.stream().collect(Collectors.toMap(NewRep::trackId,
                r -> r.at().minus(fast), (a, b) -> a.isAfter(b) ? a : b)));
    }

    /** How far the phone's clock runs ahead, behind when negative: from what it said on sending, else so far that no rep lies in the future. */
    private static Duration fast(List<NewRep> batch, @Nullable Instant sentAt, Instant now) {
        Duration said = sentAt == null ? Duration.ZERO : Duration.between(now, sentAt);
        Duration real = said.abs().compareTo(CLOCK_TRUSTED) > 0 ? said : Duration.ZERO;
        Duration left = batch.stream().map(r -> Duration.between(now, r.at().minus(real))).max(Comparator.naturalOrder()).orElse(Duration.ZERO);
        return left.isNegative() || left.isZero() ? real : real.plus(left);
    }

    /** Puts another outcome in the place of a rep that was tapped wrong: the rep is voided, a new one stands at its time. Twice changes nothing. */
    public void correct(Household household, KeptRep rep, UUID other, Outcome outcome, Instant now) {
        voidRep(household, rep, now, null);
        add(household, rep, rep.corrected(other, outcome), now);
    }

    /** Puts a voided rep back: the same stands again under an id that comes from its own, so that twice changes nothing. What is voided stays voided. */
    public void putBack(Household household, KeptRep rep, Instant now) {
        add(household, rep, rep.corrected(UUID.nameUUIDFromBytes(("again " + rep.id()).getBytes(StandardCharsets.UTF_8)), rep.outcome()), now);
    }

    private void add(Household household, KeptRep old, NewRep fresh, Instant now) {
        Long off = old.happenedAt().equals(old.at()) ? null : Duration.between(old.happenedAt(), old.at()).toSeconds();
        if (reps.insert(household.practiceId(), household.id(), old.visitId(), fresh, now, old.happenedAt(), off) > 0) {
            addToDay(household, old.trackId(), old.stepId(), old.happenedAt(), fresh.outcome(), 1);
        }
    }

    /** How often the lead went on since then, and how often that was the end. */
    public LeadClips lead(PracticeId practice, long household, Instant since) {
        return sittings.lead(practice, household, since);
    }

    /** Keeps what an owner added to a rep. */
    public void describe(Household household, KeptRep rep, Detail detail) {
        details.put(household.practiceId(), rep.id(), detail);
    }

    /** What was added to the WORK reps of a visit that were not CLEAN, oldest first. */
    public List<Detail> details(PracticeId practice, long visit) {
        return details.ofVisit(practice, visit);
    }

    private void addToDay(Household household, long track, long step, Instant at, Outcome outcome, int by) {
        LocalDate day = at.atZone(household.zone()).toLocalDate();
        reps.addToDay(household.practiceId(), new PracticeDay(household.id(), track, step, day, outcome == Outcome.CLEAN ? by : 0,
                outcome == Outcome.HELPED ? by : 0, outcome == Outcome.MISSED ? by : 0, outcome == Outcome.TOO_MUCH ? by : 0));
    }

    /** A rep of this household, voided or not. */
    public Optional<KeptRep> find(Household household, UUID id) {
        return reps.find(household.practiceId(), household.id(), id);
    }

    /** Voids a rep; voiding twice changes nothing. The trainer's number when a trainer does it. */
    public void voidRep(Household household, KeptRep rep, Instant at, @Nullable Long trainer) {
        if (reps.insertVoid(household.practiceId(), rep.id(), at, trainer) > 0) {
            addToDay(household, rep.trackId(), rep.stepId(), rep.happenedAt(), rep.outcome(), -1);
        }
    }

    /** Ends a sitting and returns the tracks it worked on. Ending twice keeps the last word. */
    public List<Long> end(Household household, UUID sitting, Instant at, Ending ending) {
        sittings.begin(household.practiceId(), household.id(), sitting, at);
        sittings.end(household.practiceId(), household.id(), sitting, at, ending);
        return sittings.tracks(household.practiceId(), household.id(), sitting);
    }

    /** The latest sittings since then that ended with a line for the trainer, newest first. */
    public List<Sitting> notes(PracticeId practice, long household, Instant since, int most) {
        return sittings.notes(practice, household, since, most);
    }

    /** Reps of all tracks of a dog since then, oldest first. */
    public List<KeptRep> ofDog(PracticeId practice, long dog, Instant since) {
        return reps.ofDog(practice, dog, since);
    }

    /** The last reps of a track, newest first. */
    public List<KeptRep> latestOfTrack(PracticeId practice, long track, int most) {
        return reps.latestOfTrack(practice, track, most);
    }

    /** The reps of a track since then, oldest first. */
    public List<KeptRep> ofTrack(PracticeId practice, long track, Instant since) {
        return reps.ofTrack(practice, track, since);
    }

    /** Reps of a household since then, oldest first. */
    public List<KeptRep> ofHousehold(PracticeId practice, long household, Instant since) {
        return reps.ofHousehold(practice, household, since);
    }

    /** The household's last rep. */
    public Optional<KeptRep> latestOfHousehold(PracticeId practice, long household) {
        return reps.latestOfHousehold(practice, household);
    }

    /** TOO_MUCH since the beginning of the track's last 60 WORK reps, counting only what came after {@code after}. */
    public int tooMuchInLast60(PracticeId practice, long track, Instant after) {
        return reps.tooMuchInLast60(practice, track, after);
    }

    /** Whether anything was ever logged in a visit. */
    public boolean hasReps(PracticeId practice, long visit) {
        return reps.hasReps(practice, visit);
    }

    /** The daily sums of a household, oldest first. */
    public List<PracticeDay> days(PracticeId practice, long household) {
        return reps.daysOfHousehold(practice, household);
    }

    /** The daily sums of the whole practice since a day, oldest first. */
    public List<PracticeDay> daysSince(PracticeId practice, LocalDate since) {
        return reps.daysSince(practice, since);
    }
}
