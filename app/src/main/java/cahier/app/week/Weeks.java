package cahier.app.week;

import cahier.app.household.Dog;
import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.household.PeopleChanged;
import cahier.app.household.Person;
import cahier.app.intake.Intakes;
import cahier.app.language.Words;
import cahier.app.log.KeptRep;
import cahier.app.log.PracticeDay;
import cahier.app.log.RepLog;
import cahier.app.rest.Moment;
import cahier.app.roadmap.RoadmapTrack;
import cahier.app.roadmap.Roadmaps;
import cahier.app.scope.PracticeId;
import cahier.app.sheet.Assignment;
import cahier.app.sheet.Homework;
import cahier.app.sheet.Homeworks;
import cahier.app.sheet.SheetKept;
import cahier.app.track.DogMoved;
import cahier.core.rest.Why;
import cahier.core.week.Heat;
import cahier.core.week.Span;
import cahier.core.week.Week;
import cahier.core.week.WeekPlan;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A household's week: what is planned, what was asked for, and what a plan is made from. {@link WeekRound} makes it (docs/rules.md 17). */
@Service
@Transactional
public class Weeks {

    private static final int SUCCESS_DAYS = 14;

    private final PlanMapper plans;
    private final FreeHours hours;
    private final Households households;
    private final Homeworks homeworks;
    private final Roadmaps roadmaps;
    private final RepLog log;
    private final Intakes intakes;

    Weeks(PlanMapper plans, FreeHours hours, Households households, Homeworks homeworks, Roadmaps roadmaps, RepLog log, Intakes intakes) {
        this.plans = plans;
        this.hours = hours;
        this.households = households;
        this.homeworks = homeworks;
        this.roadmaps = roadmaps;
        this.log = log;
        this.intakes = intakes;
    }

    /** A session that was planned anew, moved or taken back since the page was shown. */
    static final class Elsewhere extends RuntimeException {

        private static final long serialVersionUID = 1L;
    }

    /** The week as it is planned; empty for a household that wants none. */
    @Transactional(readOnly = true)
    public Optional<PlannedWeek> of(PracticeId practice, long household, Instant now) {
        return plans.head(practice, household).map(h -> shown(desk(practice, household, now), h, plans.sessions(practice, household)));
    }

    /** The week of this sheet as it was planned last, for paper; empty while it is still planned for an older one. */
    @Transactional(readOnly = true)
    public Optional<PlannedWeek> asPlanned(PracticeId practice, long household, long sheet, Instant now) {
        return of(practice, household, now).filter(w -> w.sheetId() == sheet);
    }

    /** Wants a plan from now on, made within seconds; what was pinned stays. */
    public void plan(PracticeId practice, long household, Instant now) {
        plans.want(practice, household, now, now.atZone(households.get(practice, household).zone()).toLocalDate().minusDays(1));
    }

    /** Asks to plan anew what is planned already; a household without a plan is left alone. */
    public void adapt(PracticeId practice, long household, Instant now) {
        plans.ask(practice, household, now);
    }

    /** A new sheet is planned for. */
    @EventListener
    void on(SheetKept event) {
        adapt(event.practice(), event.sheet().householdId(), event.at());
    }

    /** The dog was put on another step, or a track was rested: whether the plan still holds is looked at in a moment. */
    @EventListener
    void on(DogMoved event) {
        plans.lookAgain(event.practice(), event.household(), event.at());
    }

    /** Somebody left or is back. */
    @EventListener
    void on(PeopleChanged event) {
        plans.lookAgain(event.practice(), event.household(), event.at());
    }

    /** No plan is wanted any more. */
    public void forget(PracticeId practice, long household) {
        households.get(practice, household);
        plans.clear(practice, household);
        plans.forget(practice, household);
    }

    /** A pinned session stays where it is when the rest is planned anew. */
    public void pin(PracticeId practice, long household, long dog, Instant startsAt, boolean pinned, Instant now) {
        found(plans.pin(practice, household, dog, startsAt, pinned));
        adapt(practice, household, now);
    }

    /** To another time or handler, where it is pinned; the rest adapts. */
    public void move(PracticeId practice, long household, long dog, Instant startsAt, LocalDateTime to, long person, Instant now) {
        Facts facts = households.facts(practice, household);
        long handler = facts.somebody(person).id();
        WeekOf frame = new WeekOf(facts, now);
        int minute = frame.minute(to);
        if (minute < frame.minute(now) || minute >= Week.DAYS * Span.DAY) {
            throw new IllegalArgumentException(Words.say("week.Weeks.a-session-must-be-moved", to.toLocalDate(), to.toLocalTime()));
        }
        found(plans.move(practice, household, dog, startsAt, frame.instant(minute), handler));
        adapt(practice, household, now);
    }

    private static void found(int rows) {
        if (rows == 0) {
            throw new Elsewhere();
        }
    }

    // ---- what the round asks ----

    List<PracticeId> practicesDue(Instant now) {
        plans.announceRound();
        return plans.practicesDue(now);
    }

    @Transactional(readOnly = true)
    List<Long> due(PracticeId practice, Instant now) {
        return plans.due(practice, now);
    }

    void putOff(PracticeId practice, long household, Instant until) {
        plans.putOff(practice, household, until);
    }

    /** What a new plan is made from; empty where the one that stands still holds, and is looked at later. */
    Optional<WeekDraft> draft(PracticeId practice, long household, Instant now) {
        PlanMapper.Head head = plans.head(practice, household).orElse(null);
        if (head == null || head.dueAt().isAfter(now)) {
            return Optional.empty();
        }
        WeekDesk desk = desk(practice, household, now);
        List<Planned> before = plans.sessions(practice, household);
        if (!head.asked() && !desk.isOutOfDate(head, before)) {
            plans.looked(practice, household, head.version(), desk.nextLook(before));
            return Optional.empty();
        }
        List<Planned> done = desk.done(before);
        List<Week.Kept> kept = before.stream().filter(p -> !done.contains(p) && p.startsAt().isAfter(now))
                .map(p -> new Week.Kept(p.trackId(), p.personId(), desk.frame().minute(p.startsAt()), p.pinned())).toList();
        List<PracticeDay> days = log.days(practice, household).stream().filter(d -> d.day().isAfter(desk.today().minusDays(SUCCESS_DAYS))).toList();
        return Optional.of(new WeekDraft(desk, head.version(), done, kept, hours.of(practice, household, now), days, intakes.get(practice, household).dailyMinutes()));
    }

    /**
     * Keeps a plan, unless something was pinned, moved or asked for since it was drafted; says whether it was kept.
     *
     * @param hot empty when the weather is not known
     */
    boolean keep(WeekDraft draft, WeekPlan plan, Optional<List<Span>> hot) {
        WeekDesk desk = draft.desk();
        Map<Long, Assignment> byTrack = desk.practised().stream().collect(Collectors.toMap(a -> a.item().trackId(), a -> a, (a, b) -> a));
        List<Planned> sessions = Stream.concat(draft.done().stream(),
                plan.sessions().stream().flatMap(s -> s.tracks().stream().map(t -> desk.planned(s, Objects.requireNonNull(byTrack.get(t)))))).toList();
        PlanMapper.Head head = new PlanMapper.Head(desk.household(), desk.now().truncatedTo(ChronoUnit.SECONDS), desk.today(), desk.sheetId(), String.join("\n", words(plan.unmet(), byTrack, desk.today())),
                hot.isPresent() ? "" : Words.say("week.Weeks.the-weather-is-not-known", Heat.WORDS),
                hot.orElse(List.of()).stream().map(s -> s.startInclusive() + "-" + s.endExclusive()).collect(Collectors.joining(" ")), false, desk.nextLook(sessions), draft.version());
        if (plans.keep(desk.practice(), head) == 0) {
            return false;
        }
        plans.clear(desk.practice(), desk.household());
        sessions.forEach(p -> plans.insert(desk.practice(), desk.household(), p));
        return true;
    }

    private WeekDesk desk(PracticeId practice, long household, Instant now) {
        Facts facts = households.facts(practice, household);
        WeekOf frame = new WeekOf(facts, now);
        Optional<Homework> sheet = homeworks.latest(practice, household);
        List<RoadmapTrack> ways = roadmaps.of(practice, household, now);
        List<Assignment> practised = sheet.map(s -> homeworks.assignments(s, ways, Moment.DAYS)).orElse(List.of()).stream().filter(Assignment::isPractised).toList();
        Set<Long> today = sheet.map(s -> homeworks.assignments(s, ways, Moment.NOW)).orElse(List.of()).stream().filter(a -> a.permit().why().contains(Why.STOPPED_TODAY)).map(a -> a.item().trackId()).collect(Collectors.toSet());
        Set<Long> stopped = practised.stream().filter(a -> today.contains(a.item().trackId())).map(Assignment::stepId).collect(Collectors.toSet());
        List<KeptRep> reps = log.ofHousehold(practice, household, frame.instant(0));
        Map<Long, Integer> done = reps.stream().collect(Collectors.groupingBy(KeptRep::stepId, Collectors.collectingAndThen(Collectors.mapping(KeptRep::sittingId, Collectors.toSet()), Set::size)));
        return new WeekDesk(practice, facts, frame, sheet, ways, practised, stopped, done, now);
    }

    private static List<String> words(List<WeekPlan.Unmet> unmet, Map<Long, Assignment> byTrack, LocalDate first) {
        List<String> words = new ArrayList<>();
        for (WeekPlan.Why why : WeekPlan.Why.values()) {
            List<WeekPlan.Unmet> same = unmet.stream().filter(u -> u.why() == why).toList();
            boolean shared = why == WeekPlan.Why.MINUTES || why == WeekPlan.Why.CROWDED;
            if (shared && !same.isEmpty()) {
                words.add(WeekWords.shared(why, same.stream().map(u -> WeekWords.some(u, Objects.requireNonNull(byTrack.get(u.trackId())).item().trackTitle())).toList()));
            } else {
                same.forEach(u -> words.add(words(u, Objects.requireNonNull(byTrack.get(u.trackId())), first)));
            }
        }
        return words;
    }

    private static String words(WeekPlan.Unmet unmet, Assignment a, LocalDate first) {
        String company = switch (a.plan().teaching().helper()) {
            case FRIEND -> Words.say("week.Weeks.no-friend");
            case STRANGER -> Words.say("week.Weeks.no-stranger");
            default -> Words.say("week.Weeks.nobody-else");
        };
        return WeekWords.unmet(unmet, a.item().trackTitle(), company, first);
    }

    private static PlannedWeek shown(WeekDesk desk, PlanMapper.Head head, List<Planned> all) {
        List<Planned> done = desk.done(all);
        Map<Long, String> titles = new HashMap<>();
        desk.sheet().ifPresent(s -> s.items().forEach(i -> titles.put(i.trackId(), i.trackTitle())));
        Map<Long, Dog> dogs = desk.facts().dogs().stream().collect(Collectors.toMap(Dog::id, d -> d));
        Map<Long, Person> people = desk.facts().people().stream().collect(Collectors.toMap(Person::id, p -> p));
        record Key(Instant at, long dog) {
        }
        List<PlannedWeek.Slot> sessions = all.stream().filter(p -> done.contains(p) || desk.isAsked(p)).filter(p -> dogs.containsKey(p.dogId()) && people.containsKey(p.personId()))
                .collect(Collectors.groupingBy(p -> new Key(p.startsAt(), p.dogId()), LinkedHashMap::new, Collectors.toList())).values().stream()
                .map(parts -> new PlannedWeek.Slot(parts.get(0).startsAt(), desk.facts().household().zone(), Objects.requireNonNull(dogs.get(parts.get(0).dogId())), Objects.requireNonNull(people.get(parts.get(0).personId())),
                        parts.stream().map(p -> new PlannedWeek.Part(p.stepId(), titles.getOrDefault(p.trackId(), "Practice"), p.minutes(), done.contains(p))).toList(),
                        parts.stream().anyMatch(Planned::pinned), PlannedWeek.broken(parts)))
                .sorted(Comparator.comparing(PlannedWeek.Slot::startsAt)).toList();
        return new PlannedWeek(desk.facts(), head.firstDay(), head.plannedAt(), sessions, head.unmet().lines().toList(), head.weather(), head.hot(), head.homeworkId(), head.asked());
    }
}
