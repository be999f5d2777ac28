package cahier.app.lesson;

import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.language.Words;
import cahier.app.scope.PracticeId;
import cahier.app.web.Dates;
import cahier.core.lesson.NextDate;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a lesson, or the way to it, runs into: other lessons of whoever gives it and their other times (docs/rules.md 19). */
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
            return Words.say("lesson.Clashes.to", title, Dates.time(from, zone), Dates.time(to, zone));
        }
    }

    /** The same of a lesson as it would be kept, at another time or not there yet. */
    public List<Clash> ofPlanned(PracticeId practice, Lesson lesson) {
        return of(practice, households.given(practice, lesson));
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
        List<Taken> all = taken(practice, from, to);
        return open.stream().collect(Collectors.toMap(Lesson::id, l -> all.stream().filter(t -> t.lesson() != l.id() && l.mayBeGivenBy(t.trainer()) && NextDate.meet(leaves(l), l.endsAt(), t.from().minus(t.way(l)), t.to()))
                .map(t -> new Clash(t.title(), t.from(), t.to(), t.lesson() != 0 && !NextDate.meet(l.startsAt(), l.endsAt(), t.from(), t.to()))).toList()));
    }

    /**
     * Something a trainer has on.
     *
     * @param lesson its number; 0 of a time that is none
     * @param travelMinutes the way there; of a time that is no lesson nobody knows it
     * @param trainer whose; none of a lesson that is nobody's in particular
     */
    record Taken(long lesson, String title, Instant from, Instant to, int travelMinutes, @Nullable Long trainer) {

        /** The way to it after another lesson: where it is not known, as far as that one is. */
        Duration way(Lesson before) {
            return Duration.ofMinutes(lesson == 0 ? before.travelMinutes() : travelMinutes);
        }
    }

    /** What is on between two moments; lessons that are over leave their time free. */
    List<Taken> taken(PracticeId practice, Instant from, Instant to) {
        List<Lesson> planned = households.lessonsBetween(practice, from, to).stream().filter(l -> !l.isOver()).toList();
        Map<Long, Household> homes = households.these(practice, planned.stream().map(Lesson::householdId).toList());
        Stream<Taken> lessons = planned.stream()
                .map(l -> new Taken(l.id(), Words.say("lesson.Clashes.lesson-with", Optional.ofNullable(homes.get(l.householdId())).map(Household::name).orElse(Words.say("lesson.Clashes.another-household"))), l.startsAt(), l.endsAt(), l.travelMinutes(), l.trainer()));
        return Stream.concat(busy.between(practice, from, to).stream().map(b -> new Taken(0, b.title(), b.startsAt(), b.endsAt(), 0, b.trainerId())), lessons).toList();
    }

    /** The same without those that only leave too little time for the way, which a list says in its own words. */
    public static List<Clash> overlapping(List<Clash> clashes) {
        return clashes.stream().filter(c -> !c.gap()).toList();
    }

    /** "lesson with Oduya, 9:15 to 10:15, and 2 more": those in one line of a list, empty where it is free. */
    public static String briefly(List<Clash> clashes, ZoneId zone) {
        List<Clash> overlapping = overlapping(clashes);
        return overlapping.stream().findFirst().map(c -> c.words(zone) + (overlapping.size() > 1 ? Words.say("lesson.Clashes.and-more", (overlapping.size() - 1)) : "")).orElse("");
    }

    /** "runs into lesson with Oduya, 9:15 to 10:15"; empty where it is free. */
    public static String said(List<Clash> clashes, ZoneId zone) {
        return clashes.stream().findFirst().map(c -> Words.say("lesson.Clashes.runs-into", c.words(zone), (c.gap() ? Words.say("lesson.Clashes.with-the-way") : ""))).orElse("");
    }

    private static Instant leaves(Lesson lesson) {
        return lesson.startsAt().minus(Duration.ofMinutes(lesson.travelMinutes()));
    }
}
