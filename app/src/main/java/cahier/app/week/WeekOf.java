package cahier.app.week;

import cahier.app.household.Dog;
import cahier.app.household.Facts;
import cahier.app.household.HomeKind;
import cahier.app.household.Hours;
import cahier.app.household.Lesson;
import cahier.app.household.Person;
import cahier.app.household.Place;
import cahier.app.log.PracticeDay;
import cahier.app.roadmap.RoadmapTrack;
import cahier.app.sheet.Assignment;
import cahier.app.track.PassChoice;
import cahier.app.track.StepPlan;
import cahier.core.week.Company;
import cahier.core.week.Dose;
import cahier.core.week.Someone;
import cahier.core.week.Span;
import cahier.core.week.Week;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.Period;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** Turns what a household has and is to do into the core's week, whose minutes are counted from today's midnight on. */
final class WeekOf {

    private static final String SETTLE = "settle-on-a-mat";

    private final Facts facts;
    private final LocalDate first;
    private final LocalDateTime now;

    WeekOf(Facts facts, Instant now) {
        this.facts = facts;
        this.now = LocalDateTime.ofInstant(now, facts.household().zone());
        this.first = this.now.toLocalDate();
    }

    LocalDate first() {
        return first;
    }

    int minute(Instant at) {
        return minute(LocalDateTime.ofInstant(at, facts.household().zone()));
    }

    int minute(LocalDateTime at) {
        return (int) ChronoUnit.MINUTES.between(first.atStartOfDay(), at);
    }

    Instant instant(int minute) {
        return first.atStartOfDay().plusMinutes(minute).atZone(facts.household().zone()).toInstant();
    }

    Week week(HoursKept hours, List<Assignment> assignments, List<RoadmapTrack> ways, List<PracticeDay> days, Map<Long, Integer> doneToday, List<Span> hot, @Nullable Integer minutesADay, List<Week.Kept> kept) {
        List<Span> lessons = facts.lessons().stream().filter(l -> !l.isOver()).flatMap(l -> within(l.startsAt(), l.endsAt()).stream()).toList();
        List<Someone> people = facts.people().stream().map(p -> new Someone(p.id(), p.mayHandle(), !p.isChild(), facts.coachedFirst().contains(p), Span.without(free(p, hours), lessons))).toList();
        List<Dose> doses = assignments.stream().filter(Assignment::isPractised).map(a -> dose(a, ways, days, doneToday.getOrDefault(a.stepId(), 0))).toList();
        List<Week.Apart> apart = ways.stream().flatMap(w -> w.apartStill().stream().filter(a -> w.track().id() < a.trackId()).map(a -> new Week.Apart(w.track().id(), a.trackId()))).toList();
        return new Week(minute(now), people, spans(hours.friend()), spans(hours.stranger()), hot, spans(hours.walks()), minutesADay == null || minutesADay < 1 ? Week.ANY_MINUTES : minutesADay, doses, apart, kept);
    }

    private List<Span> free(Person person, HoursKept hours) {
        List<Span> free = new ArrayList<>(spans(hours.of(person)));
        List<Span> busy = new ArrayList<>();
        hours.dated().stream().filter(d -> d.personId() == person.id()).forEach(d -> within(d.startsAt(), d.endsAt()).ifPresent(d.free() ? free::add : busy::add));
        return Span.without(free, busy);
    }

    private List<Span> spans(Hours hours) {
        return IntStream.range(0, Week.DAYS).boxed().flatMap(d -> hours.on(first.plusDays(d)).stream().map(s -> new Span(d * Span.DAY + s.from(), d * Span.DAY + s.to()))).toList();
    }

    /** The part of it that lies in the week. */
    private Optional<Span> within(Instant from, Instant to) {
        int start = Math.max(0, minute(from));
        int end = Math.min(Week.DAYS * Span.DAY, minute(to));
        return end > start ? Optional.of(new Span(start, end)) : Optional.empty();
    }

    private Dose dose(Assignment a, List<RoadmapTrack> ways, List<PracticeDay> days, int done) {
        StepPlan plan = a.plan();
        Optional<RoadmapTrack> way = ways.stream().filter(w -> w.track().id() == a.item().trackId()).findFirst();
        long dog = way.map(w -> w.track().dogId()).orElse(0L);
        Optional<Place> place = facts.places().stream().filter(p -> p.name().equalsIgnoreCase(plan.place())).findFirst();
        boolean outdoors = !plan.place().isEmpty() && place.map(Place::outdoors).orElseGet(() -> HomeKind.isOutdoors(plan.place()));
        boolean calm = plan.pass() == PassChoice.CALM || way.filter(w -> w.track().template().equals(SETTLE)).isPresent();
        Dose dose = new Dose(a.item().trackId(), dog, Math.max(1, Math.min(Dose.MOST_A_DAY, plan.sessions())), Math.max(1, Math.min(Dose.LONGEST, plan.minutes())), span(dog),
                Company.valueOf(plan.teaching().helper().name()), outdoors, calm, PracticeDay.success(days.stream().filter(d -> d.stepId() == a.stepId()).toList()),
                place.map(p -> spans(Hours.parse(p.busy()))).orElse(List.of()), done, a.forGrownUps());
        LocalDate upkeep = a.item().upkeep();
        return upkeep == null ? dose : dose.on((int) Math.max(0, ChronoUnit.DAYS.between(first, upkeep)));
    }

    /** Minutes the dog attends at its age; of one whose age nobody knows, those of a grown-up one. */
    private int span(long dog) {
        return Dose.spanAt(facts.dogs().stream().filter(d -> d.id() == dog).map(Dog::born).filter(b -> b != null).map(b -> Period.between(b, first).toTotalMonths()).findFirst().orElse(Long.MAX_VALUE));
    }

    /** @param hot as {@link PlanMapper.Head} keeps it */
    PlannedWeek.Ground ground(HoursKept hours, String hot) {
        List<Span> free = facts.handlers().stream().flatMap(p -> free(p, hours).stream()).toList();
        List<Span> lessons = facts.lessons().stream().filter(l -> l.state() != Lesson.State.MISSED).flatMap(l -> within(l.startsAt(), l.endsAt()).stream()).toList();
        List<Span> hours24 = Arrays.stream(hot.split(" ")).filter(h -> !h.isEmpty()).map(h -> h.split("-")).map(h -> new Span(Integer.parseInt(h[0]), Integer.parseInt(h[1]))).toList();
        return new PlannedWeek.Ground(Span.merged(free), Span.merged(hours24), lessons);
    }
}
