package cahier.app.brief;

import cahier.app.coach.CoachTables;
import cahier.app.household.Facts;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.judge.Judgements;
import cahier.app.language.Words;
import cahier.app.lesson.AgendaLine;
import cahier.app.lesson.Lessons;
import cahier.app.log.Detail;
import cahier.app.log.Ending;
import cahier.app.log.KeptRep;
import cahier.app.log.NewRep;
import cahier.app.log.RepLog;
import cahier.app.log.Tags;
import cahier.app.roadmap.RoadmapTrack;
import cahier.app.roadmap.Roadmaps;
import cahier.app.scope.PracticeId;
import cahier.app.track.SlipWords;
import cahier.app.track.Step;
import cahier.app.track.StepPlan;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.app.web.NotFound;
import cahier.core.decide.TrackKind;
import cahier.core.rep.Role;
import cahier.core.slip.Slip;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Runs a lesson: what is at hand, what is tapped and noted in it. Whatever is sent twice is kept once. */
@Service
@Transactional
class Hours {

    private static final Duration BEFORE = Duration.ofDays(1);

    private final HourMapper hours;
    private final Lessons lessons;
    private final Briefs briefs;
    private final Households households;
    private final Roadmaps roadmaps;
    private final Tracks tracks;
    private final RepLog log;
    private final Judgements judgements;

    Hours(HourMapper hours, Lessons lessons, Briefs briefs, Households households, Roadmaps roadmaps, Tracks tracks, RepLog log, Judgements judgements) {
        this.hours = hours;
        this.lessons = lessons;
        this.briefs = briefs;
        this.households = households;
        this.roadmaps = roadmaps;
        this.tracks = tracks;
        this.log = log;
        this.judgements = judgements;
    }

    /** One sitting for each track of a lesson. */
    static UUID sitting(long lesson, long track) {
        return UUID.nameUUIDFromBytes((Words.say("brief.Hours.lesson-track", lesson, track)).getBytes(StandardCharsets.UTF_8));
    }

    /** It runs from now on, by the agenda that stands; begun twice, it began the first time. */
    void begin(PracticeId practice, Lesson lesson, Instant now) {
        hours.locked(practice, lesson.id());
        if (lessons.agenda(practice, lesson).isEmpty()) {
            lessons.keepAgenda(practice, lesson, briefs.agenda(practice, lesson, now));
        }
        hours.begin(practice, lesson.id(), now);
    }

    /** @param track of which it is said what its step lacks; none for none */
    @Transactional(readOnly = true)
    public HourState state(PracticeId practice, long id, @Nullable Long track, Instant now) {
        Lesson lesson = lessons.get(practice, id);
        HourMapper.Running running = hours.running(practice, id).orElseThrow(() -> new NotFound("lesson " + id));
        List<RoadmapTrack> ways = roadmaps.of(practice, lesson.householdId(), now).stream().filter(w -> !w.track().isDone()).toList();
        Map<UUID, List<KeptRep>> reps = ofLesson(practice, lesson, running).stream().collect(Collectors.groupingBy(KeptRep::sittingId));
        Map<String, Long> byTitle = ways.stream().collect(Collectors.toMap(w -> w.track().title(), w -> w.track().id(), (a, b) -> a));
        List<HourState.Block> blocks = lessons.agenda(practice, lesson).orElseGet(() -> briefs.agenda(practice, lesson, now)).stream().map(l -> new HourState.Block(l.title(), l.minutes(), byTitle.get(l.title()))).toList();
        return new HourState(running.beganAt(), lesson.isOver(), blocks, Math.min(running.atBlock(), Math.max(0, blocks.size() - 1)), lessons.shown(practice, lesson), running.notes(),
                ways.stream().map(w -> onTrack(w, reps.getOrDefault(sitting(id, w.track().id()), List.of()))).toList(),
                track == null || ways.stream().noneMatch(w -> w.track().id() == track && w.roadmap().current().isPresent()) ? null : stands(practice, track, now));
    }

    private static HourState.OnTrack onTrack(RoadmapTrack way, List<KeptRep> reps) {
        TrackSteps map = way.roadmap();
        return new HourState.OnTrack(map.track().id(), map.track().title(), map.track().dogName(), way.isOpen() ? "" : way.why(), map.current().map(s -> onStep(map, s)).orElse(null),
                reps.stream().map(r -> new HourState.Tapped(r.id(), r.outcome(), r.role(), r.at(), r.personId())).toList());
    }

    private static HourState.OnStep onStep(TrackSteps map, Step step) {
        StepPlan plan = step.plan();
        return new HourState.OnStep(step.id(), map.number(), map.steps().size(), plan.title(), plan.how(), plan.passWords(), plan.cautions(), Math.max(1, plan.reps()), plan.minutes(), step.measure().isPresent(), coached(map.track().kind()),
                plan.teaching().slips().stream().filter(s -> s != Slip.BROKE_AT).map(s -> new HourState.Slipped(s.name(), SlipWords.name(s), SlipWords.remedy(s))).toList());
    }

    private static HourState.Coached coached(TrackKind kind) {
        CoachTables coach = CoachTables.of(kind);
        return new HourState.Coached(coach.advice(), coach.easy(), coach.next(), coach.tooShort());
    }

    private HourState.Stands stands(PracticeId practice, long track, Instant now) {
        Judgements.Stands stands = judgements.stands(practice, track, now);
        return new HourState.Stands(track, stands.missing(), Math.round(100 * stands.odds()), Math.round(10 * stands.bar()), stands.clean(), stands.of());
    }

    /** A rep on the step it was tapped on, also where the dog has gone on meanwhile. Without a person it is one of the trainer's own, to show how. */
    void tap(PracticeId practice, Lesson lesson, HourSent.Tap tap, Instant now) {
        TrackSteps map = tracks.get(practice, tap.track());
        if (map.track().householdId() != lesson.householdId() || map.steps().stream().noneMatch(s -> s.id() == tap.step())) {
            throw new NotFound("step " + tap.step());
        }
        if (tracks.step(practice, tap.step()).measure().isPresent()) {
            throw new IllegalArgumentException(Words.say("brief.Hours.step-must-be-one-that"));
        }
        Facts facts = households.facts(practice, lesson.householdId());
        Long person = facts.people().stream().map(p -> (Long) p.id()).filter(p -> p.equals(tap.person())).findFirst().orElse(null);
        Role role = tap.person() == null ? Role.SHOWN : Role.WORK;
        log.store(facts.household(), List.of(new NewRep(tap.id(), sitting(lesson.id(), tap.track()), tap.track(), tap.step(), tap.outcome(), role, tap.at(), person, null,
                new Tags(null, tap.side(), tap.item() == null ? "" : tap.item().strip(), "", null))), null, now);
    }

    /** Taken back by the trainer, whenever. */
    void undo(PracticeId practice, Lesson lesson, UUID rep, long trainer, Instant now) {
        log.voidRep(home(practice, lesson), own(practice, lesson, rep), now, trainer);
    }

    void slipped(PracticeId practice, Lesson lesson, UUID rep, HourSent.Slipped slipped) {
        log.describe(home(practice, lesson), own(practice, lesson, rep), new Detail(slipped.slip(), "", null));
    }

    private KeptRep own(PracticeId practice, Lesson lesson, UUID rep) {
        return log.find(home(practice, lesson), rep).filter(r -> r.sittingId().equals(sitting(lesson.id(), r.trackId()))).orElseThrow(() -> new NotFound("rep " + rep));
    }

    private Household home(PracticeId practice, Lesson lesson) {
        return households.get(practice, lesson.householdId());
    }

    /** The agenda as it is now, and what of it is at hand; the sitting of what is left ends, so that its track is judged. */
    void arrange(PracticeId practice, Lesson lesson, HourSent.Blocks blocks, Instant now) {
        HourMapper.Running running = hours.locked(practice, lesson.id()).orElseThrow(() -> new NotFound("lesson " + lesson.id()));
        List<AgendaLine> before = lessons.agenda(practice, lesson).orElse(List.of());
        lessons.keepAgenda(practice, lesson, blocks.agenda().stream().map(b -> new AgendaLine(b.title().strip(), b.minutes())).toList());
        hours.putAt(practice, lesson.id(), blocks.at());
        boolean left = running.atBlock() < before.size() && !before.get(running.atBlock()).title().equals(blocks.agenda().get(blocks.at()).title());
        if (left) {
            endSittings(practice, lesson, now);
        }
    }

    /** Each track worked in this lesson is judged. */
    void endSittings(PracticeId practice, Lesson lesson, Instant now) {
        Household home = home(practice, lesson);
        Map<Long, UUID> ours = tracks.ofHousehold(practice, lesson.householdId()).stream().collect(Collectors.toMap(m -> m.track().id(), m -> sitting(lesson.id(), m.track().id())));
        HourMapper.Running running = hours.running(practice, lesson.id()).orElseThrow(() -> new NotFound("lesson " + lesson.id()));
        ofLesson(practice, lesson, running).stream().map(KeptRep::sittingId).filter(ours::containsValue).distinct().forEach(sitting -> log.end(home, sitting, now, Ending.of(null, ""), now));
    }

    /** From the day before on: a tablet's clock may run behind. */
    private List<KeptRep> ofLesson(PracticeId practice, Lesson lesson, HourMapper.Running running) {
        Instant began = Objects.requireNonNullElse(running.beganAt(), lesson.startsAt());
        return log.ofHousehold(practice, lesson.householdId(), began.minus(BEFORE));
    }

    /** One thing that was looked for. */
    void shown(PracticeId practice, Lesson lesson, HourSent.Back back) {
        lessons.putShown(practice, lesson, back.what(), back.fine());
    }

    /** Notes of two devices: what was written on the same notes takes their place, else both stand, one below the other. */
    void note(PracticeId practice, Lesson lesson, HourSent.Notes notes) {
        HourMapper.Running running = hours.locked(practice, lesson.id()).orElseThrow(() -> new NotFound("lesson " + lesson.id()));
        String kept = running.notes();
        if (notes.words().equals(kept)) {
            return;
        }
        String both = kept.equals(notes.base()) ? notes.words() : kept + "\n" + notes.words();
        hours.putNotes(practice, lesson.id(), both.length() > HourSent.LONGEST_NOTES ? both.substring(0, HourSent.LONGEST_NOTES) : both);
    }

    /** What was noted in it. */
    @Transactional(readOnly = true)
    public Optional<HourMapper.Running> running(PracticeId practice, long lesson) {
        return hours.running(practice, lesson);
    }
}
