package cahier.app.week;

import cahier.app.account.PracticeId;
import cahier.app.household.Dog;
import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.household.Person;
import cahier.app.intake.Intakes;
import cahier.app.log.KeptRep;
import cahier.app.log.PracticeDay;
import cahier.app.log.RepLog;
import cahier.app.roadmap.Roadmaps;
import cahier.app.roadmap.Way;
import cahier.app.rest.Moment;
import cahier.app.sheet.Assignment;
import cahier.app.sheet.Homework;
import cahier.app.sheet.Homeworks;
import cahier.app.web.NotFound;
import cahier.core.rest.Why;
import cahier.core.week.Dose;
import cahier.core.week.Span;
import cahier.core.week.Week;
import cahier.core.week.WeekPlan;
import cahier.core.week.WeekPlanner;
import java.time.Duration;
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
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans a household's week and keeps it up to date: a missed session, a new sheet or a new day plans anew when somebody looks (docs/rules.md 17). */
@Service
@Transactional
public class Weeks {

    /** A session may be late; after this it is missed. */
    private static final Duration LATE = Duration.ofHours(2);
    private static final int SUCCESS_DAYS = 14;

    private final PlanMapper plans;
    private final FreeHours hours;
    private final Households households;
    private final Homeworks homeworks;
    private final Roadmaps roadmaps;
    private final RepLog log;
    private final Intakes intakes;
    private final Sky sky;
    private final WeekPlanner planner;

    Weeks(PlanMapper plans, FreeHours hours, Households households, Homeworks homeworks, Roadmaps roadmaps, RepLog log, Intakes intakes, Sky sky, @Value("${cahier.week.steps}") int steps) {
        this.plans = plans;
        this.hours = hours;
        this.households = households;
        this.homeworks = homeworks;
        this.roadmaps = roadmaps;
        this.log = log;
        this.intakes = intakes;
        this.sky = sky;
        this.planner = new WeekPlanner(steps, WeekPlanner.LONGEST);
    }

    /** A session that was planned anew, moved or taken back since the page was shown. */
    static final class Elsewhere extends RuntimeException {

        private static final long serialVersionUID = 1L;
    }

    /** The week as it is planned, first planned anew where it is out of date; empty for a household that wants none. */
    public Optional<PlannedWeek> of(PracticeId practice, long household, Instant now) {
        Optional<PlanMapper.Head> head = plans.head(practice, household);
        if (head.isEmpty()) {
            return Optional.empty();
        }
        Desk desk = desk(practice, household, now);
        List<Planned> sessions = plans.sessions(practice, household);
        if (!isOutOfDate(desk, head.get(), sessions)) {
            return Optional.of(shown(desk, head.get(), sessions));
        }
        plans.lock(practice, household); // somebody else may be planning just now
        List<Planned> newer = plans.sessions(practice, household);
        return plans.head(practice, household).map(h -> isOutOfDate(desk, h, newer) ? plan(desk) : shown(desk, h, newer));
    }

    /** The week of this sheet as it was planned last, for paper: never planned anew. */
    @Transactional(readOnly = true)
    public Optional<PlannedWeek> asPlanned(PracticeId practice, long household, long sheet, Instant now) {
        return plans.head(practice, household).filter(h -> h.homeworkId() == sheet).map(h -> shown(desk(practice, household, now), h, plans.sessions(practice, household)));
    }

    /** Wants a plan from now on, which is made when somebody looks. */
    public void want(PracticeId practice, long household, Instant now) {
        LocalDate yesterday = now.atZone(households.get(practice, household).zone()).toLocalDate().minusDays(1);
        plans.put(practice, new PlanMapper.Head(household, now, yesterday, 0, "", "", ""));
    }

    /** Plans the coming seven days, and wants a plan from now on. What was pinned stays. */
    public PlannedWeek plan(PracticeId practice, long household, Instant now) {
        want(practice, household, now); // whoever presses twice waits here for the first plan
        return plan(desk(practice, household, now));
    }

    /** Plans anew what is planned already; a household without a plan is left alone. */
    public void adapt(PracticeId practice, long household, Instant now) {
        if (plans.lock(practice, household).isPresent()) {
            plan(desk(practice, household, now));
        }
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
        Desk desk = desk(practice, household, now);
        desk.facts.people().stream().filter(p -> p.id() == person).findFirst().orElseThrow(() -> new NotFound("person " + person));
        int minute = desk.frame.minute(to);
        if (minute < desk.frame.minute(now) || minute >= Week.DAYS * Span.DAY) {
            throw new IllegalArgumentException("a session must be moved to a time between now and in seven days, was " + to.toLocalDate() + ", " + to.toLocalTime());
        }
        found(plans.move(practice, household, dog, startsAt, desk.frame.instant(minute), person));
        adapt(practice, household, now);
    }

    private static void found(int rows) {
        if (rows == 0) {
            throw new Elsewhere();
        }
    }

    /** Everything about one household at one moment. */
    private record Desk(PracticeId practice, Facts facts, WeekOf frame, Optional<Homework> sheet, List<Assignment> practised, Set<Long> stoppedToday, Map<Long, Integer> doneToday, Instant now) {

        long household() {
            return facts.household().id();
        }

        LocalDate today() {
            return frame.first();
        }

        /** What counts as done today when a week is planned: of what was too much, all of it. */
        Map<Long, Integer> noMoreToday() {
            Map<Long, Integer> done = new HashMap<>(doneToday);
            practised.stream().filter(a -> stoppedToday.contains(a.stepId())).forEach(a -> done.merge(a.stepId(), a.plan().sessions(), Math::max));
            return done;
        }

        /** Whether a planned session is still asked for. */
        boolean isAsked(Planned p) {
            return practised.stream().anyMatch(a -> a.stepId() == p.stepId()) && !(stoppedToday.contains(p.stepId()) && isToday(p));
        }

        boolean isToday(Planned p) {
            return p.startsAt().atZone(facts.household().zone()).toLocalDate().equals(today());
        }
    }

    private Desk desk(PracticeId practice, long household, Instant now) {
        Facts facts = households.facts(practice, household);
        WeekOf frame = new WeekOf(facts, now);
        Optional<Homework> sheet = homeworks.latest(practice, household);
        List<Way> ways = roadmaps.of(practice, household, now);
        List<Assignment> practised = sheet.map(s -> homeworks.assignments(s, ways, Moment.DAYS)).orElse(List.of()).stream().filter(Assignment::isPractised).toList();
        Set<Long> today = sheet.map(s -> homeworks.assignments(s, ways, Moment.NOW)).orElse(List.of()).stream().filter(a -> a.permit().why().contains(Why.STOPPED_TODAY)).map(a -> a.item().trackId()).collect(Collectors.toSet());
        Set<Long> stopped = practised.stream().filter(a -> today.contains(a.item().trackId())).map(Assignment::stepId).collect(Collectors.toSet());
        List<KeptRep> reps = log.ofHousehold(practice, household, frame.instant(0));
        Map<Long, Integer> done = reps.stream().collect(Collectors.groupingBy(KeptRep::stepId, Collectors.collectingAndThen(Collectors.mapping(KeptRep::sittingId, Collectors.toSet()), Set::size)));
        return new Desk(practice, facts, frame, sheet, practised, stopped, done, now);
    }

    private static boolean isOutOfDate(Desk desk, PlanMapper.Head head, List<Planned> sessions) {
        List<Planned> done = done(desk, sessions);
        return !head.firstDay().equals(desk.today()) || head.homeworkId() != desk.sheet.map(Homework::id).orElse(0L)
                || sessions.stream().anyMatch(p -> p.startsAt().isAfter(desk.now) ? !desk.isAsked(p) : p.endsAt().plus(LATE).isBefore(desk.now) && !done.contains(p));
    }

    /** Those of today that were practised: of each step as many as there were sittings, the earliest first. */
    private static List<Planned> done(Desk desk, List<Planned> sessions) {
        List<Planned> done = new ArrayList<>();
        sessions.stream().filter(desk::isToday).collect(Collectors.groupingBy(Planned::stepId))
                .forEach((step, all) -> done.addAll(all.subList(0, Math.min(all.size(), desk.doneToday.getOrDefault(step, 0)))));
        return done;
    }

    private PlannedWeek plan(Desk desk) {
        List<Planned> before = plans.sessions(desk.practice, desk.household());
        List<Planned> done = done(desk, before);
        List<Way> ways = roadmaps.of(desk.practice, desk.household(), desk.now);
        List<PracticeDay> days = log.days(desk.practice, desk.household()).stream().filter(d -> d.day().isAfter(desk.today().minusDays(SUCCESS_DAYS))).toList();
        List<Week.Kept> kept = before.stream().filter(p -> !done.contains(p) && p.startsAt().isAfter(desk.now)).map(p -> new Week.Kept(p.trackId(), p.personId(), desk.frame.minute(p.startsAt()), p.pinned())).toList();
        Optional<List<Span>> hot = sky.hot(desk.facts.household().zone(), desk.today(), Week.DAYS);
        Week week = desk.frame.week(hours.of(desk.practice, desk.household(), desk.now), desk.practised, ways, days, desk.noMoreToday(), hot.orElse(List.of()),
                intakes.get(desk.practice, desk.household()).dailyMinutes(), kept);
        WeekPlan plan = planner.plan(week);
        plans.clear(desk.practice, desk.household());
        done.forEach(p -> plans.insert(desk.practice, desk.household(), p));
        Map<Long, Assignment> byTrack = desk.practised.stream().collect(Collectors.toMap(a -> a.item().trackId(), a -> a, (a, b) -> a));
        plan.sessions().forEach(s -> s.tracks().forEach(t -> plans.insert(desk.practice, desk.household(), planned(desk, s, byTrack.get(t)))));
        List<String> unmet = words(plan.unmet(), byTrack, desk.today());
        PlanMapper.Head head = new PlanMapper.Head(desk.household(), desk.now.truncatedTo(ChronoUnit.SECONDS), desk.today(), desk.sheet.map(Homework::id).orElse(0L), String.join("\n", unmet),
                hot.isPresent() ? "" : "The weather is not known: outdoors not at 24\u00a0°C or more.",
                hot.orElse(List.of()).stream().map(s -> s.startInclusive() + "-" + s.endExclusive()).collect(Collectors.joining(" ")));
        plans.put(desk.practice, head);
        return shown(desk, head, plans.sessions(desk.practice, desk.household()));
    }

    private static Planned planned(Desk desk, WeekPlan.Session s, Assignment a) {
        String broken = s.broken().stream().map(Enum::name).sorted().collect(Collectors.joining(","));
        return new Planned(a.item().trackId(), a.stepId(), s.dogId(), s.personId(), desk.frame.instant(s.start()), Math.max(1, Math.min(Dose.LONGEST, a.plan().minutes())), s.pinned(), broken);
    }

    private static List<String> words(List<WeekPlan.Unmet> unmet, Map<Long, Assignment> byTrack, LocalDate first) {
        List<String> words = new ArrayList<>();
        for (WeekPlan.Why why : WeekPlan.Why.values()) {
            List<WeekPlan.Unmet> same = unmet.stream().filter(u -> u.why() == why).toList();
            boolean shared = why == WeekPlan.Why.MINUTES || why == WeekPlan.Why.CROWDED;
            if (shared && !same.isEmpty()) {
                words.add(WeekWords.shared(why, same.stream().map(u -> WeekWords.some(u, byTrack.get(u.trackId()).item().trackTitle())).toList()));
            } else {
                same.forEach(u -> words.add(words(u, byTrack.get(u.trackId()), first)));
            }
        }
        return words;
    }

    private static String words(WeekPlan.Unmet unmet, Assignment a, LocalDate first) {
        String company = switch (a.plan().teaching().helper()) {
            case FRIEND -> "no friend";
            case STRANGER -> "no stranger";
            default -> "nobody else";
        };
        return WeekWords.unmet(unmet, a.item().trackTitle(), company, first);
    }

    private static PlannedWeek shown(Desk desk, PlanMapper.Head head, List<Planned> all) {
        List<Planned> done = done(desk, all);
        Map<Long, String> titles = new HashMap<>();
        desk.sheet.ifPresent(s -> s.items().forEach(i -> titles.put(i.trackId(), i.trackTitle())));
        Map<Long, Dog> dogs = desk.facts.dogs().stream().collect(Collectors.toMap(Dog::id, d -> d));
        Map<Long, Person> people = desk.facts.people().stream().collect(Collectors.toMap(Person::id, p -> p));
        record Key(Instant at, long dog) {
        }
        List<PlannedWeek.Session> sessions = all.stream().filter(p -> done.contains(p) || desk.isAsked(p)).filter(p -> dogs.containsKey(p.dogId()) && people.containsKey(p.personId()))
                .collect(Collectors.groupingBy(p -> new Key(p.startsAt(), p.dogId()), LinkedHashMap::new, Collectors.toList())).values().stream()
                .map(parts -> new PlannedWeek.Session(parts.get(0).startsAt(), desk.facts.household().zone(), dogs.get(parts.get(0).dogId()), people.get(parts.get(0).personId()),
                        parts.stream().map(p -> new PlannedWeek.Part(p.stepId(), titles.getOrDefault(p.trackId(), "Practice"), p.minutes(), done.contains(p))).toList(),
                        parts.stream().anyMatch(Planned::pinned), PlannedWeek.broken(parts)))
                .sorted(Comparator.comparing(PlannedWeek.Session::startsAt)).toList();
        return new PlannedWeek(desk.facts, head.firstDay(), head.plannedAt(), sessions, head.unmet().lines().toList(), head.weather(), head.hot());
    }
}
