package cahier.app.sheet;

import cahier.app.household.Households;
import cahier.app.intake.Intakes;
import cahier.app.language.Words;
import cahier.app.rest.Moment;
import cahier.app.roadmap.Apart;
import cahier.app.roadmap.ParkedItem;
import cahier.app.roadmap.RoadmapTrack;
import cahier.app.roadmap.Roadmaps;
import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;
import cahier.app.track.Step;
import cahier.app.track.TrackSteps;
import cahier.app.web.NotFound;
import cahier.app.web.Paged;
import cahier.core.rest.Following;
import cahier.core.rest.Handler;
import cahier.core.rest.Permit;
import cahier.core.rest.Permit.Verdict;
import cahier.core.roadmap.NextSheet;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Issues homework and keeps what was issued. What is practised, and with which step, is asked of {@link Permit} alone (docs/rules.md 38). */
@Service
@Transactional
public class Homeworks {

    /** The same again within this time is one sheet: a double click. */
    private static final Duration SAME_WITHIN = Duration.ofMinutes(1);
    /** A sheet looks so many days ahead. */
    private static final int SHEET_DAYS = 7;

    private final HomeworkMapper homeworks;
    private final Households households;
    private final Intakes intakes;
    private final Roadmaps roadmaps;
    private final SheetJson json;
    private final ApplicationEventPublisher events;

    Homeworks(HomeworkMapper homeworks, Households households, Intakes intakes, Roadmaps roadmaps, SheetJson json, ApplicationEventPublisher events) {
        this.homeworks = homeworks;
        this.households = households;
        this.intakes = intakes;
        this.roadmaps = roadmaps;
        this.json = json;
        this.events = events;
    }

    // ---- what goes out ----

    /** The tracks that go on the next sheet by themselves: three at most, those on the sheet that is out first (docs/rules.md 34). */
    public List<RoadmapTrack> next(PracticeId practice, List<RoadmapTrack> ways) {
        if (ways.isEmpty()) {
            return List.of();
        }
        Set<Long> out = latest(practice, ways.get(0).track().householdId()).map(h -> h.items().stream().map(SheetItem::trackId).collect(Collectors.toSet())).orElse(Set.of());
        List<Long> going = NextSheet.of(ways.stream().filter(RoadmapTrack::isOpen).map(w -> w.track().id()).toList(), out);
        return ways.stream().filter(w -> going.contains(w.track().id())).toList();
    }

    /** What would go out by itself. */
    public Draft draft(PracticeId practice, long household, Instant now) {
        List<RoadmapTrack> ways = roadmaps.of(practice, household, now);
        return draft(practice, household, ways, next(practice, ways), upkeep(ways));
    }

    /** What would go out of these tracks, on purpose also more than three, or ones that wait or are parked; never one that rests for another reason. */
    public Draft draft(PracticeId practice, long household, Set<Long> chosen, Instant now) {
        List<RoadmapTrack> ways = roadmaps.of(practice, household, now);
        return draft(practice, household, ways, ways.stream().filter(w -> chosen.contains(w.track().id()) && w.canBeIssued()).toList(), upkeep(ways));
    }

    private Draft draft(PracticeId practice, long household, List<RoadmapTrack> ways, List<RoadmapTrack> going, UnaryOperator<List<SheetItem>> last) {
        households.get(practice, household);
        Optional<Homework> out = latest(practice, household);
        List<SheetItem> items = last.apply(going.stream().map(Homeworks::item).toList());
        Set<Long> on = items.stream().map(SheetItem::trackId).collect(Collectors.toSet());
        Set<Long> known = out.map(h -> Stream.concat(h.items().stream().map(SheetItem::trackId), h.rests().stream().map(SheetRest::trackId)).collect(Collectors.toSet())).orElse(Set.of());
        List<SheetRest> rests = ways.stream().filter(w -> !on.contains(w.track().id()) && known.contains(w.track().id()) && w.roadmap().current().isPresent() && w.permit().restsForGood())
                .map(Homeworks::rest).toList();
        List<String> first = new ArrayList<>(intakes.onSheet(practice, household));
        ways.stream().findFirst().ifPresent(w -> first.addAll(putAway(practice, household, w.today())));
        List<String> lower = going.stream().filter(w -> onPurpose(w).verdict() == Verdict.EASIER)
                .map(w -> Words.say("sheet.Homeworks.step-waits-for-your-answer", w.track().title(), w.roadmap().number(), (w.roadmap().number() - 1))).toList();
        return new Draft(household, items, rests, first, SheetChanges.between(out, items, rests, Set.of()), lower, json.seen(items, rests, first));
    }

    /** What was reached and is looked at again before the sheet is a week old. */
    private static UnaryOperator<List<SheetItem>> upkeep(List<RoadmapTrack> ways) {
        return items -> Stream.concat(items.stream(), dueThisWeek(ways).map(Homeworks::upkeepItem)).toList();
    }

    private static Stream<RoadmapTrack> dueThisWeek(List<RoadmapTrack> ways) {
        return ways.stream().filter(w -> w.isUpkeepDue(w.today().plusDays(SHEET_DAYS - 1L)));
    }

    /** The cold reps of the upkeep that go on the next sheet. */
    public List<SheetItem> upkeepNext(List<RoadmapTrack> ways) {
        return dueThisWeek(ways).map(Homeworks::upkeepItem).toList();
    }

    /** One cold rep of the last step. */
    private static SheetItem upkeepItem(RoadmapTrack way) {
        TrackSteps map = way.roadmap();
        Step last = map.steps().get(way.lastStep());
        return new SheetItem(map.track().id(), last.id(), map.track().title(), map.track().dogName(), map.steps().size(), map.steps().size(), last.plan().once(1), null, "", List.of(),
                RoadmapTrack.Despite.NOTHING, way.upkeepFrom());
    }

    /** The answer for the step the dog stands on, as it is asked when the trainer puts it on a sheet. */
    private static Permit onPurpose(RoadmapTrack way) {
        return way.permit(way.roadmap().currentIndex().orElseThrow(), way.onPurpose(), Moment.DAYS, Handler.ANYONE);
    }

    /** What is put away for now, a sentence each. */
    public List<String> putAway(PracticeId practice, long household, LocalDate today) {
        return roadmaps.parkedItems(practice, household).stream().filter(p -> p.rests(today)).map(ParkedItem::words).toList();
    }

    private static SheetRest rest(RoadmapTrack way) {
        return new SheetRest(way.track().id(), way.track().title(), way.track().dogName(), way.why());
    }

    /** The step that may be practised in the days to come: lower than where the dog stands while a decision waits. */
    private static SheetItem item(RoadmapTrack way) {
        TrackSteps map = way.roadmap();
        int index = onPurpose(way).step().orElseThrow(() -> new IllegalStateException("track " + map.track().id() + " rests"));
        Step step = map.steps().get(index);
        SheetItem.Below below = index == 0 ? null : new SheetItem.Below(map.steps().get(index - 1).id(), map.steps().get(index - 1).plan());
        return new SheetItem(map.track().id(), step.id(), map.track().title(), map.track().dogName(), index + 1,
                map.steps().size(), step.plan(), below, map.track().plan(), way.apartStill().stream().map(Apart::title).toList(), way.onPurpose(), null);
    }

    /** In what the sheet that is out is behind the plan, a sentence for each of its tracks; of what rests now the phone says so itself. */
    public List<String> behind(PracticeId practice, List<RoadmapTrack> ways) {
        Optional<Homework> out = ways.isEmpty() ? Optional.empty() : latest(practice, ways.get(0).track().householdId());
        return out.map(sheet -> {
            Set<Long> known = Stream.concat(sheet.items().stream().map(SheetItem::trackId), sheet.rests().stream().map(SheetRest::trackId)).collect(Collectors.toSet());
            List<RoadmapTrack> same = ways.stream().filter(w -> known.contains(w.track().id())).toList();
            List<SheetItem> items = same.stream().filter(RoadmapTrack::canBeIssued).map(Homeworks::item).toList();
            Set<Long> resting = same.stream().filter(w -> !w.track().isDone() && !w.canBeIssued()).map(w -> w.track().id()).collect(Collectors.toSet());
            return SheetChanges.between(out, items, List.of(), resting);
        }).orElse(List.of());
    }

    // ---- issuing ----

    /**
     * How issuing went.
     *
     * @param isNew false when the very same went out a moment ago
     */
    public record Issued(Homework sheet, boolean isNew) {
    }

    /** Issues the tracks that go on the next sheet by themselves; empty when there is nothing to practise and nothing that rests. */
    public Optional<Homework> issue(TrainerUser trainer, long household, Instant now) {
        return issue(trainer, draft(trainer.practice(), household, now), now).map(Issued::sheet);
    }

    /** Issues these tracks, on purpose. */
    public Optional<Homework> issue(TrainerUser trainer, long household, Set<Long> chosen, Instant now) {
        return issue(trainer, draft(trainer.practice(), household, chosen, now), now).map(Issued::sheet);
    }

    /** Issues what was drafted; empty when it says nothing. */
    public Optional<Issued> issue(TrainerUser trainer, Draft draft, Instant now) {
        if (draft.isEmpty()) {
            return Optional.empty();
        }
        homeworks.lock(trainer.practice(), draft.householdId());
        Optional<Homework> same = latest(trainer.practice(), draft.householdId())
                .filter(h -> h.issuedAt().plus(SAME_WITHIN).isAfter(now) && json.seen(h.items(), h.rests(), h.firstOfAll()).equals(draft.seen()));
        return Optional.of(same.map(h -> new Issued(h, false)).orElseGet(() -> new Issued(keep(trainer.practice(), draft, trainer.signature(), false, now), true)));
    }

    /**
     * The sheet that is out follows the dog down, or rests what the trainer rested; up only where that is asked for (docs/rules.md 38).
     *
     * @param up whether it follows upwards too
     */
    void follow(PracticeId practice, long household, long track, boolean up, String by, Instant now) {
        Optional<Homework> out = latest(practice, household);
        Optional<SheetItem> item = out.flatMap(h -> h.items().stream().filter(i -> i.trackId() == track && !i.forUpkeep()).findFirst());
        if (item.isEmpty()) {
            return;
        }
        List<RoadmapTrack> ways = roadmaps.of(practice, household, now);
        Optional<RoadmapTrack> way = ways.stream().filter(w -> w.track().id() == track && w.roadmap().current().isPresent()).findFirst();
        if (ways.stream().noneMatch(w -> w.track().id() == track) && !households.get(practice, household).isClosed()) {
            Set<Long> there = ways.stream().map(w -> w.track().id()).collect(Collectors.toSet());
            keep(practice, draft(practice, household, ways, List.of(), none -> out.get().items().stream().filter(i -> there.contains(i.trackId())).toList()), by, true, now);
            return;
        }
        if (way.isEmpty()) {
            return;
        }
        int asked = Assignment.asked(item.get(), way.get());
        int standing = way.get().roadmap().currentIndex().orElseThrow();
        Following does = Following.of(way.get().permit(asked, item.get().despite(), Moment.DAYS, Handler.ANYONE), asked, standing, up);
        if (does == Following.STANDS) {
            return;
        }
        List<SheetItem> items = new ArrayList<>(out.get().items());
        items.removeIf(i -> does == Following.RESTS && i.trackId() == track);
        items.replaceAll(i -> i.trackId() == track ? item(way.get()) : i);
        keep(practice, draft(practice, household, ways, List.of(), none -> items), by, true, now);
    }

    private Homework keep(PracticeId practice, Draft draft, String by, boolean follows, Instant now) {
        long id = homeworks.insert(practice, draft.householdId(), now, by, String.join("\n", draft.firstOfAll()), json.write(draft.rests()), follows);
        for (int i = 0; i < draft.items().size(); i++) {
            SheetItem item = draft.items().get(i);
            homeworks.insertItem(practice, draft.householdId(), id, i, item.trackId(), item.stepId(), json.write(item));
        }
        Homework kept = get(practice, id);
        events.publishEvent(new SheetKept(practice, kept, now));
        return kept;
    }

    /** Takes the newest sheet back: the one before it is out again. False when it is not the newest. */
    public boolean withdraw(TrainerUser trainer, long id, Instant now) {
        Homework sheet = get(trainer.practice(), id);
        boolean newest = latest(trainer.practice(), sheet.householdId()).filter(h -> h.id() == id).isPresent();
        if (newest) {
            homeworks.withdraw(trainer.practice(), sheet.householdId(), id, now, trainer.signature());
        }
        return newest;
    }

    // ---- what is out ----

    public Homework get(PracticeId practice, long id) {
        return homeworks.find(practice, id).map(this::filled).orElseThrow(() -> new NotFound("sheet " + id));
    }

    /** The sheet the household practises from. */
    public Optional<Homework> latest(PracticeId practice, long household) {
        return homeworks.latest(practice, household).map(this::filled);
    }

    /** The sheets of the practice without their items, newest first. */
    public Paged<Homework> page(PracticeId practice, int page) {
        return Paged.read(page, (most, after) -> homeworks.newest(practice, most, after))
                .map(r -> new Homework(r.id(), r.householdId(), r.number(), r.issuedAt(), r.issuedBy(), List.of(), List.of(), List.of(), r.follows()));
    }

    /** The newest sheets of a household, newest first. */
    public List<Homework> newestOf(PracticeId practice, long household, int most) {
        return homeworks.newestOf(practice, household, most).stream().map(this::filled).toList();
    }

    /** Every step this household was ever given to practise, with its track: reps of others are refused. */
    public Map<Long, Long> issuedSteps(PracticeId practice, long household) {
        return homeworks.issuedSteps(practice, household).stream()
                .collect(Collectors.toMap(HomeworkMapper.StepOf::stepId, HomeworkMapper.StepOf::trackId, (a, b) -> a));
    }

    /** What of a sheet is practised at this moment, and with which step. */
    public List<Assignment> assignments(PracticeId practice, Homework homework, Moment moment, Instant now) {
        return assignments(homework, roadmaps.of(practice, homework.householdId(), now), moment);
    }

    /** The same where the tracks are loaded already. Of what was reached, the cold rep of the upkeep comes and goes by itself, whatever the sheet says. */
    public List<Assignment> assignments(Homework homework, List<RoadmapTrack> ways, Moment moment) {
        Map<Long, RoadmapTrack> byTrack = ways.stream().collect(Collectors.toMap(w -> w.track().id(), Function.identity()));
        List<SheetItem> worked = homework.items().stream().filter(item -> !item.forUpkeep() && byTrack.containsKey(item.trackId())).toList();
        Set<Long> on = worked.stream().map(SheetItem::trackId).collect(Collectors.toSet());
        Stream<RoadmapTrack> reached = moment == Moment.NOW ? ways.stream().filter(RoadmapTrack::isUpkeepToday) : dueThisWeek(ways);
        Stream<SheetItem> upkeep = reached.filter(w -> !on.contains(w.track().id())).map(Homeworks::upkeepItem);
        return Stream.concat(worked.stream(), upkeep).map(item -> {
            RoadmapTrack way = Objects.requireNonNull(byTrack.get(item.trackId()));
            return Assignment.of(item, way, way.permit(Assignment.asked(item, way), item.despite(), moment, Handler.ANYONE));
        }).toList();
    }

    private Homework filled(HomeworkMapper.Row row) {
        return new Homework(row.id(), row.householdId(), row.number(), row.issuedAt(), row.issuedBy(), row.firstOfAll().lines().toList(), json.items(row.items()), json.rests(row.rests()), row.follows());
    }
}
