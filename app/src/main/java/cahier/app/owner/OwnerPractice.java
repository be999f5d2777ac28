package cahier.app.owner;

import cahier.app.alarm.Alarm;
import cahier.app.alarm.Alarms;
import cahier.app.household.Facts;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.judge.Decided;
import cahier.app.judge.Judgements;
import cahier.app.judge.SuggestionWords;
import cahier.app.language.Words;
import cahier.app.log.Detail;
import cahier.app.log.Ending;
import cahier.app.log.KeptRep;
import cahier.app.log.NewRep;
import cahier.app.log.PracticeDay;
import cahier.app.log.RepLog;
import cahier.app.outbox.TrainerMail;
import cahier.app.probe.Probes;
import cahier.app.probe.Trial;
import cahier.app.rest.Moment;
import cahier.app.roadmap.RoadmapTrack;
import cahier.app.roadmap.Roadmaps;
import cahier.app.scope.AskedTogether;
import cahier.app.sheet.Assignment;
import cahier.app.sheet.Homework;
import cahier.app.sheet.Homeworks;
import cahier.app.sheet.OwnerLinks.Owner;
import cahier.app.sheet.SheetItem;
import cahier.app.sheet.SheetRest;
import cahier.app.track.Step;
import cahier.app.track.Track;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.app.web.NotFound;
import cahier.core.coach.SessionPlan;
import cahier.core.decide.Decision;
import cahier.core.decide.Refresh;
import cahier.core.measure.Measure;
import cahier.core.pay.LeadClips;
import cahier.core.rep.Outcome;
import cahier.core.rep.UndoWindow;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What an owner sees and sends, for the one household of the link. */
@Service
@Transactional
class OwnerPractice {

    private static final Duration CORRECTED_WITHIN = Duration.ofDays(7);
    private static final Duration NEWS_FOR = Duration.ofDays(3);

    private final Households households;
    private final Homeworks homeworks;
    private static final String ATTENTION = "attention";

    private final RepLog log;
    private final Judgements judgements;
    private final AskedTogether together;
    private final Roadmaps roadmaps;
    private final Tracks tracks;
    private final Alarms alarms;
    private final Probes probes;
    private final Marks marks;
    private final TrainerMail mail;

    OwnerPractice(Households households, Homeworks homeworks, RepLog log, Judgements judgements, Roadmaps roadmaps,
                  Tracks tracks, Alarms alarms, Probes probes, Marks marks, TrainerMail mail, AskedTogether together) {
        this.together = together;
        this.marks = marks;
        this.mail = mail;
        this.households = households;
        this.homeworks = homeworks;
        this.log = log;
        this.judgements = judgements;
        this.roadmaps = roadmaps;
        this.tracks = tracks;
        this.alarms = alarms;
        this.probes = probes;
    }

    /** The household, its sheet, and what was done today. */
    Today today(Owner owner, Instant now) {
        Facts facts = households.facts(owner.practice(), owner.householdId());
        LocalDate day = now.atZone(facts.household().zone()).toLocalDate();
        together.ask(() -> roadmaps.of(owner.practice(), owner.householdId(), now), () -> homeworks.latest(owner.practice(), owner.householdId()),
                () -> judgements.lastAnsweredOf(owner.practice(), owner.householdId()), () -> homeworks.putAway(owner.practice(), owner.householdId(), day));
        Optional<Homework> sheet = homeworks.latest(owner.practice(), owner.householdId());
        List<RoadmapTrack> ways = roadmaps.of(owner.practice(), owner.householdId(), now);
        List<Assignment> assignments = sheet.map(s -> homeworks.assignments(s, ways, Moment.NOW)).orElse(List.of());
        List<KeptRep> reps = log.ofHousehold(owner.practice(), owner.householdId(), day.atStartOfDay(facts.household().zone()).toInstant());
        return Today.of(facts, day, sheet, assignments, reps, later(sheet, ways), alarms.open(owner.practice(), owner.householdId()),
                homeworks.putAway(owner.practice(), owner.householdId(), day), ways, track -> news(owner, track, now));
    }

    /** The dogs whose next session of such a step begins easier after a pause. */
    Set<Long> beginsEasier(Owner owner, Measure.Kind kind, Instant now) {
        return today(owner, now).tasks().stream().filter(t -> t.isPractised() && t.plan().teaching().measure() != null && t.plan().teaching().measure().kind() == kind && t.refresh().filter(Refresh.EASIER_THROUGHOUT::equals).isPresent())
                .map(t -> t.assignment().dogId()).collect(Collectors.toSet());
    }

    /** What of today to practise in so many minutes, and in which order (docs/rules.md 18). */
    List<Today.Turn> turns(Owner owner, Today today, int minutes) {
        Map<Long, Today.Task> tasks = today.tasks().stream().filter(t -> t.isPractised() && !t.isDone()).collect(Collectors.toMap(Today.Task::stepId, Function.identity(), (a, b) -> a, LinkedHashMap::new));
        Map<Long, TrackSteps> maps = tracks.ofHousehold(owner.practice(), owner.householdId()).stream().collect(Collectors.toMap(m -> m.track().id(), Function.identity()));
        List<PracticeDay> days = log.days(owner.practice(), owner.householdId()).stream().filter(d -> d.day().isAfter(today.day().minusDays(SessionPlan.SUCCESS_DAYS))).toList();
        List<SessionPlan.Exercise> exercises = tasks.values().stream().map(t -> exercise(t, maps.get(t.item().trackId()), days.stream().filter(d -> d.stepId() == t.stepId()).toList())).toList();
        return SessionPlan.of(exercises, 60.0 * minutes).parts().stream().map(p -> new Today.Turn(Objects.requireNonNull(tasks.get(p.exercise().id())), p.reps())).toList();
    }

    /** Success as the last two weeks show it. */
    private static SessionPlan.Exercise exercise(Today.Task task, @Nullable TrackSteps map, List<PracticeDay> days) {
        Double lasts = task.plan().durationS();
        boolean attention = map != null && map.track().template().equals(ATTENTION) || task.item().trackTitle().equalsIgnoreCase(ATTENTION);
        return new SessionPlan.Exercise(task.stepId(), attention, PracticeDay.success(days), task.plan().reps(), lasts == null || lasts <= 0 ? SessionPlan.REP_S : lasts);
    }

    private String news(Owner owner, long track, Instant now) {
        return judgements.lastAnsweredOf(owner.practice(), owner.householdId()).stream().filter(d -> d.trackId() == track).filter(d -> d.state() == Decided.State.APPLIED && Objects.requireNonNull(d.answeredAt()).isAfter(now.minus(NEWS_FOR)))
                .map(d -> SuggestionWords.verdict(d.suggested()) + ". " + SuggestionWords.headline(d.grounds())).findFirst().orElse("");
    }

    /** Tracks beside the exercises of the sheet that rest or wait. */
    private static List<Today.Later> later(Optional<Homework> sheet, List<RoadmapTrack> ways) {
        Set<Long> items = sheet.map(s -> s.items().stream().map(SheetItem::trackId).collect(Collectors.toSet())).orElse(Set.of());
        Set<Long> rests = sheet.map(s -> s.rests().stream().map(SheetRest::trackId).collect(Collectors.toSet())).orElse(Set.of());
        return ways.stream().filter(w -> !items.contains(w.track().id())).flatMap(w -> later(w, rests.contains(w.track().id()))).toList();
    }

    private static Stream<Today.Later> later(RoadmapTrack way, boolean saidOnSheet) {
        return switch (way.state()) {
            case WAITS, PARKED -> Stream.of(new Today.Later(way.track().title(), way.why()));
            case SHUT, RESTS -> saidOnSheet ? Stream.of(new Today.Later(way.track().title(), way.why())) : Stream.of();
            case OPEN -> saidOnSheet ? Stream.of(new Today.Later(way.track().title(), Words.say("owner.OwnerPractice.this-rests-until-your-trainer"))) : Stream.of();
            case DONE, EMPTY -> Stream.of();
        };
    }

    /** One step of today; none while it is not practised. */
    static Optional<Today.Task> task(Today today, long step) {
        return today.tasks().stream().filter(t -> t.isPractised() && t.stepId() == step).findFirst();
    }

    /** What stands in the place of a step that was asked for once and is not now; the page for what does not exist where it never was. */
    Resting resting(Owner owner, Today today, long step, Instant now) {
        Long track = homeworks.issuedSteps(owner.practice(), owner.householdId()).get(step);
        if (track == null) {
            throw new NotFound("step " + step);
        }
        Optional<RoadmapTrack> found = roadmaps.of(owner.practice(), owner.householdId(), now).stream().filter(w -> w.track().id() == track).findFirst();
        List<Today.Task> others = today.tasks().stream().filter(t -> t.isPractised() && !t.isDone() && t.item().trackId() != track).toList();
        if (found.isEmpty()) {
            Track over = tracks.get(owner.practice(), track).track();
            return new Resting(over.title(), over.dogName(), Words.say("owner.OwnerPractice.your-trainer-has-taken-this"), Optional.empty(), others);
        }
        RoadmapTrack way = found.get();
        Optional<Today.Task> task = today.tasks().stream().filter(t -> t.item().trackId() == track).findFirst();
        String why = task.map(t -> t.assignment().why()).filter(w -> !w.isEmpty()).orElseGet(way::why);
        Optional<Today.Task> instead = task.filter(Today.Task::isPractised);
        return new Resting(way.track().title(), way.track().dogName(), why.isEmpty() ? (instead.isPresent() ? Words.say("owner.OwnerPractice.your-trainer-has-changed-the") : Words.say("owner.OwnerPractice.your-trainer-has-taken-this")) : why, instead, others);
    }

    /** The test that the trainer asked for at this step. */
    Optional<Trial> probe(Owner owner, Today.Task task) {
        TrackSteps map = tracks.get(owner.practice(), task.item().trackId());
        return map.current().filter(s -> s.id() == task.stepId()).flatMap(s -> probes.running(map));
    }

    /** The sheet that is out, or the page for what does not exist. */
    Homework sheet(Owner owner) {
        return homeworks.latest(owner.practice(), owner.householdId()).orElseThrow(() -> new NotFound("a sheet"));
    }

    Facts facts(Owner owner) {
        return households.facts(owner.practice(), owner.householdId());
    }

    /**
     * What became of a batch.
     *
     * @param rests what was tapped although it rests, in a sentence; empty when nothing was
     */
    record Kept(RepLog.Stored stored, String rests) {
    }

    /** Keeps everything that was tapped; what should have rested is marked, and the phone is told. */
    Kept store(Owner owner, @Nullable JsonNode body, Instant now) {
        Facts facts = facts(owner);
        List<NewRep> reps = new RepBatch(homeworks.issuedSteps(owner.practice(), owner.householdId()), facts).read(body);
        Instant sentAt = body != null && body.hasNonNull("sentAt") ? RepBatch.instant("sentAt", body.get("sentAt")) : null;
        RepLog.Stored stored = log.store(facts.household(), reps, sentAt, now);
        String rests = marks.reps(owner, facts, reps, now);
        return new Kept(stored, rests);
    }

    /** Keeps a session from paper, ended; its track is judged at once. */
    void storePaper(Owner owner, UUID sitting, List<NewRep> reps, Instant end, Instant now) {
        Facts facts = facts(owner);
        log.store(facts.household(), reps, null, now);
        marks.reps(owner, facts, reps, now);
        log.end(facts.household(), sitting, end, Ending.of(null, ""), now);
    }

    /** A step of the household's homework, also one that is not practised now: what was tallied on paper before is kept. */
    Today.OnPaper onPaper(Owner owner, long step, Instant now) {
        Long track = homeworks.issuedSteps(owner.practice(), owner.householdId()).get(step);
        if (track == null) {
            throw new NotFound("step " + step);
        }
        TrackSteps map = tracks.get(owner.practice(), track);
        return new Today.OnPaper(track, step, map.track().title(), map.indexOf(step).map(i -> i + 1).orElse(0), task(today(owner, now), step).isPresent());
    }

    /** Takes a rep back. After a minute a TOO_MUCH is the trainer's to void. */
    void undo(Owner owner, UUID id, Instant at, Instant now) {
        Household household = households.get(owner.practice(), owner.householdId());
        KeptRep rep = takenBack(household, id, at);
        log.voidRep(household, rep, now, null);
    }

    /** Puts another outcome in the place of a rep; refused where the rep could not be taken back. */
    void correct(Owner owner, UUID id, UUID other, Outcome outcome, Instant at, Instant now) {
        Household household = households.get(owner.practice(), owner.householdId());
        if (log.find(household, other).isEmpty()) {
            KeptRep rep = takenBack(household, id, at);
            if (tracks.step(owner.practice(), rep.stepId()).measure().isPresent()) {
                throw new BadBatch(Words.say("owner.OwnerPractice.what-was-measured-is-taken"));
            }
            log.correct(household, rep, other, outcome, now);
        }
    }

    /** What is logged beside the steps goes like a rep where it is one: too much only within its minute. What is none may be taken back at any time. */
    void refuseLate(Owner owner, UUID id, Instant at) {
        Household household = households.get(owner.practice(), owner.householdId());
        if (log.find(household, id).isPresent()) {
            takenBack(household, id, at);
        }
    }

    /** Both times are the phone's own, so that a clock that runs wrong takes nothing from the minute. */
    private KeptRep takenBack(Household household, UUID id, Instant at) {
        KeptRep rep = log.find(household, id).orElseThrow(() -> new NotFound("rep " + id));
        if (!UndoWindow.isOpen(rep.outcome(), rep.at(), at)) {
            throw new BadBatch(Words.say("owner.OwnerPractice.a-rep-that-was-too", UndoWindow.TOO_MUCH.toSeconds()));
        }
        return rep;
    }

    /** The sittings of the last days that can be corrected, newest first. */
    List<Earlier> earlier(Owner owner, Instant now) {
        Household household = households.get(owner.practice(), owner.householdId());
        Map<Long, TrackSteps> maps = tracks.ofHousehold(owner.practice(), household.id()).stream().collect(Collectors.toMap(m -> m.track().id(), Function.identity()));
        Set<Long> measured = maps.values().stream().flatMap(m -> m.steps().stream()).filter(s -> s.measure().isPresent()).map(Step::id).collect(Collectors.toSet());
        Map<UUID, List<KeptRep>> bySitting = log.ofHousehold(owner.practice(), household.id(), now.minus(CORRECTED_WITHIN)).stream().filter(r -> !measured.contains(r.stepId()))
                .collect(Collectors.groupingBy(KeptRep::sittingId, LinkedHashMap::new, Collectors.toList()));
        List<Earlier> sittings = bySitting.values().stream().filter(reps -> maps.containsKey(reps.get(0).trackId()))
                .map(reps -> Earlier.of(household, Objects.requireNonNull(maps.get(reps.get(0).trackId())), reps, now)).collect(Collectors.toCollection(ArrayList::new));
        Collections.reverse(sittings);
        return sittings;
    }

    /** How often the lead meant the end lately. */
    LeadClips lead(Owner owner, Instant now) {
        return log.lead(owner.practice(), owner.householdId(), now.minus(LeadClips.COUNTED));
    }

    /** What is still to do today, and what the step that was just practised still lacks. */
    Left left(Owner owner, long step, Instant now) {
        if (!homeworks.issuedSteps(owner.practice(), owner.householdId()).containsKey(step)) {
            throw new NotFound("step " + step);
        }
        Today today = today(owner, now);
        return new Left(today.tasks().stream().filter(t -> t.isPractised() && !t.isDone()).toList(),
                task(today, step).filter(t -> !t.assignment().isEasier()).map(t -> judgements.missing(owner.practice(), t.item().trackId(), now)));
    }

    /** Whether it may go on to the next step within the session. */
    boolean goesOn(Owner owner, Today.Task task) {
        return !tracks.goingOn(owner.practice(), List.of(task.item().trackId())).isEmpty();
    }

    /** Where the dog is now, if the reps just tapped let it go on from this step. */
    Optional<Today.Task> goneOnTo(Owner owner, long step, Instant now) {
        Long track = homeworks.issuedSteps(owner.practice(), owner.householdId()).get(step);
        if (track == null) {
            throw new NotFound("step " + step);
        }
        boolean passed = judgements.lastAnswered(owner.practice(), track).filter(d -> d.stepId() == step && d.state() == Decided.State.APPLIED && d.answer() == Decision.UP).isPresent();
        return passed ? today(owner, now).tasks().stream().filter(t -> t.item().trackId() == track && t.stepId() != step && t.isPractised()).findFirst() : Optional.empty();
    }

    /** Stops everything with this dog until the trainer has answered, and tells the trainers; its tracks are judged at once. */
    void raise(Owner owner, Alarm alarm, String site, Instant now) {
        if (alarms.raise(owner.practice(), alarm, now)) {
            mail.alarm(owner.practice(), alarm, site, now);
        }
    }

    /** Whether a mail goes to a trainer when something happens. */
    boolean isMailed(Owner owner) {
        return mail.goesOut(owner.practice());
    }

    /** An alarm of this household as the phone asks for it. */
    Optional<Alarm> alarm(Owner owner, UUID id) {
        return alarms.history(owner.practice(), owner.householdId()).stream().filter(a -> a.id().equals(id)).findFirst();
    }

    /** Adds to a rep what kind of miss it was, or what was seen. */
    void describe(Owner owner, UUID id, Detail detail) {
        Household household = households.get(owner.practice(), owner.householdId());
        log.describe(household, log.find(household, id).orElseThrow(() -> new NotFound("rep " + id)), detail);
    }

    /** Ends a sitting; its tracks are judged at once. */
    void finish(Owner owner, UUID sitting, Instant at, Ending ending, Instant now) {
        Household household = households.get(owner.practice(), owner.householdId());
        log.end(household, sitting, at.isAfter(now) ? now : at, ending, now);
    }
}
