package cahier.app.brief;

import cahier.app.account.AccountService;
import cahier.app.account.Whose;
import cahier.app.draw.DayPart;
import cahier.app.draw.LessonWeek;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.language.Words;
import cahier.app.lesson.Busy;
import cahier.app.lesson.BusyTimes;
import cahier.app.lesson.Clashes;
import cahier.app.scope.PracticeId;
import cahier.app.web.Dates;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;

/** Gathers the trainer's week to be drawn. */
@Component
class TrainersWeeks {

    private static final int MINUTES_A_DAY = 24 * 60;

    private final Households households;
    private final BusyTimes busy;
    private final Clashes clashes;
    private final AccountService accounts;

    TrainersWeeks(Households households, BusyTimes busy, Clashes clashes, AccountService accounts) {
        this.accounts = accounts;
        this.households = households;
        this.busy = busy;
        this.clashes = clashes;
    }

    TrainersWeek of(PracticeId practice, Whose whose, LocalDate from, LocalDate today, ZoneId zone) {
        Instant begins = from.atStartOfDay(zone).toInstant();
        Instant ends = from.plusDays(TrainersWeek.DAYS).atStartOfDay(zone).toInstant();
        List<Lesson> lessons = households.lessonsOf(practice, whose.trainer(), begins, ends);
        List<Busy> others = busy.between(practice, begins, ends).stream().filter(b -> whose.isAll() || Objects.equals(b.trainerId(), whose.trainer())).toList();
        Map<Long, Household> homes = households.these(practice, lessons.stream().map(Lesson::householdId).toList());
        Map<Long, List<Clashes.Clash>> runInto = clashes.of(practice, lessons);
        boolean ofOne = lessons.stream().map(Lesson::trainer).filter(Objects::nonNull).distinct().count() <= 1;
        Map<Long, String> names = ofOne ? Map.of() : accounts.names(practice);
        List<LessonWeek.Day> days = IntStream.range(0, TrainersWeek.DAYS).mapToObj(from::plusDays).map(day -> new LessonWeek.Day(day.toString(), Dates.day(day), day.equals(today),
                others.stream().map(b -> part(b.startsAt(), b.endsAt(), day, zone)).filter(p -> p.to() > p.from()).toList(),
                lessons.stream().filter(l -> l.startsAt().atZone(zone).toLocalDate().equals(day))
                        .map(l -> visit(l, Objects.requireNonNull(homes.get(l.householdId())), runInto.getOrDefault(l.id(), List.of()), l.trainer() == null ? "" : names.getOrDefault(l.trainer(), ""), day, today, zone)).toList(), ofOne)).toList();
        return new TrainersWeek(from, today, LessonWeek.of(days));
    }

    private static LessonWeek.Visit visit(Lesson l, Household home, List<Clashes.Clash> clashes, String by, LocalDate day, LocalDate today, ZoneId zone) {
        String says = Words.say("brief.TrainersWeeks.to", home.name(), Dates.moment(l.startsAt(), zone, today), Dates.there(l.startsAt(), zone, home.zone()), Dates.time(l.endsAt(), zone), l.state().word(), (by.isEmpty() ? "" : Words.say("brief.TrainersWeeks.given-by", by)), (l.travelMinutes() > 0 ? Words.say("brief.TrainersWeeks.min-to-get-there", l.travelMinutes()) : ""), (clashes.isEmpty() ? "" : ", " + Clashes.said(clashes, zone)));
        return new LessonWeek.Visit(l.id(), l.version(), part(l.startsAt(), l.endsAt(), day, zone), Dates.time(l.startsAt(), zone), l.travelMinutes(), home.name(), by, !clashes.isEmpty(), l.isOver(), says);
    }

    /** What lies on that day, by the clock on the wall. */
    private static DayPart part(Instant from, Instant to, LocalDate day, ZoneId zone) {
        return new DayPart(minute(from, day, zone), minute(to, day, zone));
    }

    private static int minute(Instant at, LocalDate day, ZoneId zone) {
        long minutes = Duration.between(day.atStartOfDay(), at.atZone(zone).toLocalDateTime()).toMinutes();
        return (int) Math.max(0, Math.min(MINUTES_A_DAY, minutes));
    }
}
