package cahier.app.lesson;

import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.scope.PracticeId;
import cahier.app.web.Dates;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a lesson, or the way to it, runs into: other lessons of the trainer's and other times (docs/rules.md 19). */
@Service
@Transactional(readOnly = true)
public class Clashes {

    /** No lesson with its way is longer. */
    private static final Duration AROUND = Duration.ofHours(10);

    private final Households households;
    private final BusyMapper busy;

    Clashes(Households households, BusyMapper busy) {
        this.households = households;
        this.busy = busy;
    }

    /**
     * Something else at that time.
     *
     * @param gap whether it is a lesson that only leaves too little time for the way
     */
    public record Clash(String title, Instant from, Instant to, boolean gap) {

        /** "lesson with Oduya, 9:15 to 10:15" */
        public String words(ZoneId zone) {
            return title + ", " + Dates.time(from, zone) + " to " + Dates.time(to, zone);
        }
    }

    public List<Clash> of(PracticeId practice, Lesson lesson) {
        return of(practice, List.of(lesson)).getOrDefault(lesson.id(), List.of());
    }

    /** The same for each of many lessons, by their number; one that is over runs into nothing. */
    public Map<Long, List<Clash>> of(PracticeId practice, List<Lesson> lessons) {
        List<Lesson> open = lessons.stream().filter(l -> !l.isOver()).toList();
        if (open.isEmpty()) {
            return Map.of();
        }
        Instant from = open.stream().map(Clashes::leaves).min(Instant::compareTo).orElseThrow().minus(AROUND);
        Instant to = open.stream().map(Lesson::endsAt).max(Instant::compareTo).orElseThrow().plus(AROUND);
        List<Busy> times = busy.between(practice, from, to);
        List<Lesson> others = households.lessonsBetween(practice, from, to).stream().filter(l -> !l.isOver()).toList();
        Map<Long, Household> homes = households.byId(practice);
        return open.stream().collect(Collectors.toMap(Lesson::id, l -> {
            List<Clash> clashes = new ArrayList<>(times.stream().filter(b -> b.overlaps(leaves(l), l.endsAt())).map(b -> new Clash(b.title(), b.startsAt(), b.endsAt(), false)).toList());
            others.stream().filter(o -> o.id() != l.id() && leaves(l).isBefore(o.endsAt()) && leaves(o).isBefore(l.endsAt()))
                    .map(o -> new Clash("lesson with " + Optional.ofNullable(homes.get(o.householdId())).map(Household::name).orElse("another household"), o.startsAt(), o.endsAt(), !l.startsAt().isBefore(o.endsAt()) || !o.startsAt().isBefore(l.endsAt())))
                    .forEach(clashes::add);
            return clashes;
        }));
    }

    /** The same without those that only leave too little time for the way, which a list says in its own words. */
    public static List<Clash> overlapping(List<Clash> clashes) {
        return clashes.stream().filter(c -> !c.gap()).toList();
    }

    /** "runs into lesson with Oduya, 9:15 to 10:15"; empty where it is free. */
    public static String said(List<Clash> clashes, ZoneId zone) {
        return clashes.stream().findFirst().map(c -> "runs into " + c.words(zone) + (c.gap() ? ", with the way" : "")).orElse("");
    }

    private static Instant leaves(Lesson lesson) {
        return lesson.startsAt().minus(Duration.ofMinutes(lesson.travelMinutes()));
    }
}
