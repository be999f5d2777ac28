package cahier.app.log;

import cahier.app.household.Household;
import cahier.app.language.Words;
import cahier.app.scope.Ids;
import cahier.app.scope.PracticeId;
import cahier.core.pay.LeadClips;
import cahier.core.rep.Outcome;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps reps, once each, and the sums that go with them. */
@Service
@Transactional
public class RepLog {

    /** A message takes a moment; a clock this close is right. */
    private static final Duration CLOCK_TRUSTED = Duration.ofSeconds(10);
    /** Reps of a clock that was further off are marked. */
    private static final Duration CLOCK_MARKED = Duration.ofMinutes(5);
    private static final Duration FELT_WITHIN = Duration.ofHours(1);
    /** How far back lists look along one track. */
    private static final int LATEST = 60;

    private final RepMapper reps;
    private final DetailMapper details;
    private final SittingMapper sittings;
    private final ApplicationEventPublisher events;

    RepLog(RepMapper reps, DetailMapper details, SittingMapper sittings, ApplicationEventPublisher events) {
        this.reps = reps;
        this.details = details;
        this.sittings = sittings;
        this.events = events;
    }

    /**
     * What became of a batch.
     *
     * @param stored how many were new
     * @param known how many had been stored before
     */
    public record Stored(int stored, int known) {
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
        if (batch.isEmpty()) {
            return new Stored(0, 0);
        }
        List<RepMapper.Arriving> inOrder = batch.stream().collect(Collectors.toMap(NewRep::id, Function.identity(), (first, again) -> first, TreeMap::new)).values().stream()
                .map(r -> new RepMapper.Arriving(r, r.at().minus(fast), null)).toList();
        sittings.begin(practice, household.id(), inOrder.stream().collect(Collectors.toMap(a -> a.rep().sittingId(), RepMapper.Arriving::happenedAt, RepLog::earlier, TreeMap::new))
                .entrySet().stream().map(e -> new SittingMapper.Begun(e.getKey(), e.getValue())).toList());
        Set<UUID> stored = reps.insert(practice, household.id(), inOrder, now, off);
        List<RepMapper.Arriving> fresh = inOrder.stream().filter(a -> stored.contains(a.rep().id())).toList();
        addToDays(household, fresh, 1);
        events.publishEvent(new RepsCame(practice, fresh.stream().collect(Collectors.toMap(a -> a.rep().trackId(), RepMapper.Arriving::happenedAt, (a, b) -> a.isAfter(b) ? a : b))));
        return new Stored(fresh.size(), batch.size() - fresh.size());
    }

    private static Instant earlier(Instant a, Instant b) {
        return a.isBefore(b) ? a : b;
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

    /** The trainer puts a voided rep back: the same stands again under an id that comes from its own, so that twice changes nothing. What is voided stays voided. */
    public void putBack(Household household, KeptRep rep, Instant now) {
        add(household, rep, rep.corrected(again(rep.id()), rep.outcome()), now);
        events.publishEvent(new RepVoided(household.practiceId(), rep.trackId(), first(household, rep), true, true, now));
    }

    /** The id under which a rep stands again that was taken out and put back. */
    public static UUID again(UUID rep) {
        return UUID.nameUUIDFromBytes((Words.say("log.RepLog.again", rep)).getBytes(StandardCharsets.UTF_8));
    }

    /** The id a rep was first logged with, however often it was put back since. */
    private UUID first(Household household, KeptRep rep) {
        List<UUID> same = reps.at(household.practiceId(), rep.trackId(), rep.happenedAt());
        UUID first = rep.id();
        for (int i = 0; i < same.size(); i++) {
            UUID now = first;
            first = same.stream().filter(id -> again(id).equals(now)).findFirst().orElse(now);
        }
        return first;
    }

    private void add(Household household, KeptRep old, NewRep fresh, Instant now) {
        Long off = old.happenedAt().equals(old.at()) ? null : Duration.between(old.happenedAt(), old.at()).toSeconds();
        List<RepMapper.Arriving> one = List.of(new RepMapper.Arriving(fresh, old.happenedAt(), old.visitId()));
        if (!reps.insert(household.practiceId(), household.id(), one, now, off).isEmpty()) {
            addToDays(household, one, 1);
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

    /** What was added to the WORK reps that were not CLEAN of the stays that go on now, by stay, oldest first. */
    public Map<Long, List<Detail>> details(PracticeId practice, long household) {
        return details.ofHousehold(practice, household).stream()
                .collect(Collectors.groupingBy(DetailMapper.OfVisit::visitId, Collectors.mapping(DetailMapper.OfVisit::detail, Collectors.toList())));
    }

    /** Adds the reps to the sums of their days, or takes them off ({@code by} -1); one row a step and day, in the same order for whoever comes at once. */
    private void addToDays(Household household, List<RepMapper.Arriving> batch, int by) {
        record Key(long track, long step, LocalDate day) {
        }
        Map<Key, Map<Outcome, Integer>> sums = new TreeMap<>(Comparator.comparingLong(Key::step).thenComparing(Key::day));
        batch.forEach(a -> sums.computeIfAbsent(new Key(a.rep().trackId(), a.rep().stepId(), a.happenedAt().atZone(household.zone()).toLocalDate()), k -> new EnumMap<>(Outcome.class))
                .merge(a.rep().outcome(), by, Integer::sum));
        if (!sums.isEmpty()) {
            reps.addToDays(household.practiceId(), sums.entrySet().stream().map(e -> new PracticeDay(household.id(), e.getKey().track(), e.getKey().step(), e.getKey().day(),
                    e.getValue().getOrDefault(Outcome.CLEAN, 0), e.getValue().getOrDefault(Outcome.HELPED, 0), e.getValue().getOrDefault(Outcome.MISSED, 0),
                    e.getValue().getOrDefault(Outcome.TOO_MUCH, 0))).toList());
        }
    }

    /** A rep of this household, voided or not. */
    public Optional<KeptRep> find(Household household, UUID id) {
        return reps.find(household.practiceId(), household.id(), id);
    }

    /** Voids a rep; voiding twice changes nothing. The trainer's number when a trainer does it. */
    public void voidRep(Household household, KeptRep rep, Instant at, @Nullable Long trainer) {
        if (reps.insertVoid(household.practiceId(), rep.id(), at, trainer) > 0) {
            addToDays(household, List.of(new RepMapper.Arriving(rep.corrected(rep.id(), rep.outcome()), rep.happenedAt(), rep.visitId())), -1);
            events.publishEvent(new RepVoided(household.practiceId(), rep.trackId(), first(household, rep), false, trainer != null, at));
        }
    }

    /**
     * Ends a sitting. Ending twice keeps the last word.
     *
     * @param at when it ended, at the latest now
     */
    public void end(Household household, UUID sitting, Instant at, Ending ending, Instant now) {
        sittings.begin(household.practiceId(), household.id(), List.of(new SittingMapper.Begun(sitting, at)));
        sittings.end(household.practiceId(), household.id(), sitting, at, ending);
        events.publishEvent(new SittingEnded(household.practiceId(), sittings.tracks(household.practiceId(), household.id(), sitting), now));
    }

    /** How whoever was with a dog outdoors felt, kept with the sitting that ended lately; said twice, the last word holds. */
    public void felt(PracticeId practice, long household, long dog, Felt felt, Instant at) {
        sittings.felt(practice, household, dog, felt, at.minus(FELT_WITHIN), at.plus(FELT_WITHIN));
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

    /** The last {@value #LATEST} reps of each track of a household, newest first. */
    public Map<Long, List<KeptRep>> latestOfTracks(PracticeId practice, long household) {
        return reps.latestOfTracks(practice, household, LATEST).stream().collect(Collectors.groupingBy(KeptRep::trackId));
    }

    /** The stays of a household of which there are reps. */
    public Set<Long> visitsWithReps(PracticeId practice, long household) {
        return reps.visitsWithReps(practice, household);
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
        return latestOfTracks(practice, household).values().stream().map(latest -> latest.get(0)).max(Comparator.comparing(KeptRep::happenedAt));
    }

    /** TOO_MUCH of any role since the beginning of the track's last so many WORK reps, counting only what came after {@code after}. */
    public int tooMuchInLast(PracticeId practice, long track, int work, Instant after) {
        return reps.tooMuchInLast(practice, track, work, after);
    }

    /** What owners answered about the sittings of a stay. */
    @Transactional(readOnly = true)
    public List<SittingAnswers> answers(PracticeId practice, long visit) {
        return sittings.answers(practice, visit);
    }

    /** Days on which a track was practised, oldest first. */
    @Transactional(readOnly = true)
    public List<LocalDate> daysOfTrack(PracticeId practice, long track) {
        return reps.daysOfTrack(practice, track);
    }

    /** The daily sums of a household, oldest first. */
    public List<PracticeDay> days(PracticeId practice, long household) {
        return reps.daysOfHousehold(practice, household);
    }

    /** The daily sums of the tracks of a household that reached their goal, since a day before they did, oldest first. */
    public List<PracticeDay> daysSinceGoals(PracticeId practice, long household) {
        return reps.daysSinceGoals(practice, household);
    }

    /** What steps that measure measured, by day in the household's zone, oldest first. */
    public List<MeasuredDay> measuredDays(Household household) {
        return reps.measuredDays(household.practiceId(), household.id(), household.zone().getId());
    }

    /** The daily sums of some households since a day, oldest first. */
    public List<PracticeDay> daysSince(PracticeId practice, Collection<Long> households, LocalDate since) {
        return reps.daysSince(practice, Ids.of(households), since);
    }
}
