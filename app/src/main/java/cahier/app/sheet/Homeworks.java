package cahier.app.sheet;

import cahier.app.account.PracticeId;
import cahier.app.account.TrainerUser;
import cahier.app.alarm.Alarms;
import cahier.app.gate.Gates;
import cahier.app.household.Households;
import cahier.app.intake.Intakes;
import cahier.app.judge.Decided;
import cahier.app.judge.Judgements;
import cahier.app.roadmap.Apart;
import cahier.app.roadmap.Roadmaps;
import cahier.app.roadmap.Way;
import cahier.app.track.Roadmap;
import cahier.app.track.Step;
import cahier.app.track.StepPlan;
import cahier.app.track.Track;
import cahier.app.track.Tracks;
import cahier.app.web.NotFound;
import cahier.core.decide.TrackKind;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Issues homework and keeps what was issued. */
@Service
@Transactional
public class Homeworks {

    /** Tracks at once, unless the trainer wants more on purpose. */
    public static final int MOST_TRACKS = 3;

    private final HomeworkMapper homeworks;
    private final Households households;
    private final Tracks tracks;
    private final Judgements judgements;
    private final Gates gates;
    private final Intakes intakes;
    private final Roadmaps roadmaps;
    private final Alarms alarms;
    private final ObjectMapper json;

    Homeworks(HomeworkMapper homeworks, Households households, Tracks tracks, Judgements judgements, Gates gates, Intakes intakes,
              Roadmaps roadmaps, Alarms alarms, ObjectMapper json) {
        this.homeworks = homeworks;
        this.households = households;
        this.tracks = tracks;
        this.judgements = judgements;
        this.gates = gates;
        this.intakes = intakes;
        this.roadmaps = roadmaps;
        this.alarms = alarms;
        this.json = json;
    }

    /** The tracks that go on the next sheet by themselves: three at most, those on the sheet that is out first (docs/rules.md 34). */
    public List<Way> next(PracticeId practice, List<Way> ways) {
        if (ways.isEmpty()) {
            return List.of();
        }
        Set<Long> out = latest(practice, ways.get(0).track().householdId()).map(h -> h.items().stream().map(SheetItem::trackId).collect(Collectors.toSet())).orElse(Set.of());
        List<Way> first = ways.stream().filter(Way::isOpen).sorted(Comparator.comparing(w -> !out.contains(w.track().id()))).limit(MOST_TRACKS).toList();
        return ways.stream().filter(first::contains).toList();
    }

    private boolean isShut(Track track) {
        return !gates.shutting(track.practiceId(), track.householdId(), track.dogId(), track.topic()).isEmpty();
    }

    private static SheetItem item(Way way) {
        Roadmap roadmap = way.roadmap();
        Step step = roadmap.current().orElseThrow();
        SheetItem.Below below = roadmap.below().map(s -> new SheetItem.Below(s.id(), s.plan())).orElse(null);
        return new SheetItem(roadmap.track().id(), step.id(), roadmap.track().title(), roadmap.track().dogName(), roadmap.number(),
                roadmap.steps().size(), step.plan(), below, roadmap.track().plan(), way.apartStill().stream().map(Apart::title).toList());
    }

    /** Issues the tracks that go on the next sheet by themselves; empty when there is nothing to practise. */
    public Optional<Homework> issue(TrainerUser trainer, long household, Instant now) {
        return issue(trainer, household, next(trainer.practice(), roadmaps.of(trainer.practice(), household, now)), now);
    }

    /** Issues these tracks, on purpose also more than three, or ones that wait or are parked; never one that is shut. */
    public Optional<Homework> issue(TrainerUser trainer, long household, Set<Long> chosen, Instant now) {
        return issue(trainer, household, roadmaps.of(trainer.practice(), household, now).stream()
                .filter(w -> chosen.contains(w.track().id()) && w.canBeIssued()).toList(), now);
    }

    private Optional<Homework> issue(TrainerUser trainer, long household, List<Way> ways, Instant now) {
        PracticeId practice = trainer.practice();
        households.get(practice, household);
        if (ways.isEmpty()) {
            return Optional.empty();
        }
        long id = keep(practice, household, ways.stream().map(Homeworks::item).toList(), trainer.signature(), now);
        return Optional.of(get(practice, id));
    }

    /** Issues the sheet that is out anew when the dog stands on another step of one of its tracks. */
    void follow(PracticeId practice, long household, long track, String by, Instant now) {
        Optional<Way> way = roadmaps.of(practice, household, now).stream().filter(w -> w.track().id() == track && w.roadmap().current().isPresent()).findFirst();
        List<SheetItem> out = latest(practice, household).map(Homework::items).orElse(List.of());
        boolean moved = way.isPresent() && out.stream().anyMatch(i -> i.trackId() == track && i.stepId() != way.get().roadmap().current().orElseThrow().id());
        if (moved) {
            keep(practice, household, out.stream().map(i -> i.trackId() == track ? item(way.get()) : i).toList(), by, now);
        }
    }

    private long keep(PracticeId practice, long household, List<SheetItem> items, String by, Instant now) {
        long id = homeworks.insert(practice, household, now, by, String.join("\n", intakes.onSheet(practice, household)));
        for (int i = 0; i < items.size(); i++) {
            SheetItem item = items.get(i);
            homeworks.insertItem(practice, household, id, i, item.trackId(), item.stepId(), write(item));
        }
        return id;
    }

    public Homework get(PracticeId practice, long id) {
        return homeworks.find(practice, id).map(r -> filled(practice, r)).orElseThrow(() -> new NotFound("sheet " + id));
    }

    /** The sheet the household practises from. */
    public Optional<Homework> latest(PracticeId practice, long household) {
        return homeworks.latest(practice, household).map(r -> filled(practice, r));
    }

    /** The newest sheets of the practice without their items, newest first. */
    public List<Homework> newest(PracticeId practice) {
        return homeworks.newest(practice).stream()
                .map(r -> new Homework(r.id(), r.householdId(), r.number(), r.issuedAt(), r.issuedBy(), List.of(), List.of())).toList();
    }

    /** Every step this household was ever given to practise, with its track: reps of others are refused. */
    public Map<Long, Long> issuedSteps(PracticeId practice, long household) {
        return homeworks.issuedSteps(practice, household).stream()
                .collect(Collectors.toMap(HomeworkMapper.StepOf::stepId, HomeworkMapper.StepOf::trackId, (a, b) -> a));
    }

    /** What the owner practises now: while a too-much decision is open, the step below, or nothing on the first step. */
    public List<Assignment> assignments(PracticeId practice, Homework homework) {
        return homework.items().stream().map(item -> {
            Track track = tracks.get(practice, item.trackId()).track();
            boolean shut = isShut(track) || alarms.isOpen(practice, track.dogId());
            boolean rests = judgements.open(practice, item.trackId()).filter(d -> d.stepId() == item.stepId())
                    .filter(Homeworks::restsTheStep).isPresent();
            return new Assignment(item, rests, shut, track.kind());
        }).toList();
    }

    private static boolean restsTheStep(Decided open) {
        return open.cause().restsTheStep() && open.grounds().suggestion().staysOpen();
    }

    /**
     * One track of the sheet as it is to be practised now.
     *
     * @param rests the step of the sheet rests until the trainer has answered
     * @param shut a red flag has shut the track since the sheet was issued, or the household waits for the trainer's call
     */
    public record Assignment(SheetItem item, boolean rests, boolean shut, TrackKind kind) {

        /** Whether there is a step to practise at all. */
        public boolean isPractised() {
            return !shut && (!rests || item.below() != null);
        }

        public long stepId() {
            return rests && item.below() != null ? item.below().stepId() : item.stepId();
        }

        public StepPlan plan() {
            return rests && item.below() != null ? item.below().plan() : item.plan();
        }

        /** What is easier than the step as it is practised now, if the sheet knows. */
        public Optional<StepPlan> easier() {
            return rests ? Optional.empty() : Optional.ofNullable(item.below()).map(SheetItem.Below::plan);
        }

        public int number() {
            return rests && item.below() != null ? item.number() - 1 : item.number();
        }
    }

    private Homework filled(PracticeId practice, HomeworkMapper.Row row) {
        List<SheetItem> items = homeworks.items(practice, row.id()).stream().map(this::read).toList();
        return new Homework(row.id(), row.householdId(), row.number(), row.issuedAt(), row.issuedBy(),
                row.firstOfAll().lines().toList(), items);
    }

    private SheetItem read(String body) {
        try {
            return json.readValue(body, SheetItem.class);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a sheet item cannot be read", e);
        }
    }

    private String write(SheetItem item) {
        try {
            return json.writeValueAsString(item);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a sheet item cannot be written", e);
        }
    }
}
