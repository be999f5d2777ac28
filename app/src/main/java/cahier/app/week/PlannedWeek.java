package cahier.app.week;

import cahier.app.draw.DayPart;
import cahier.app.draw.Drawing;
import cahier.app.draw.WeekSheet;
import cahier.app.household.Dog;
import cahier.app.household.Facts;
import cahier.app.household.Person;
import cahier.app.language.Words;
import cahier.app.web.Dates;
import cahier.core.week.Span;
import cahier.core.week.Week;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * A household's week as it is planned.
 *
 * @param sessions earliest first
 * @param unmet a sentence for each track that found no time for all its sessions
 * @param weather what to say of the weather; empty when it was known
 * @param hot hot hours as they are kept, see {@link PlanMapper.Head}
 * @param sheetId the sheet it was planned for; 0 when none was out
 * @param pending whether a new plan is being made
 */
public record PlannedWeek(Facts facts, LocalDate first, Instant plannedAt, List<Slot> sessions, List<String> unmet, String weather, String hot, long sheetId, boolean pending) {

    /** What lies under the sessions in the drawing, in minutes from the first midnight: when somebody is free, when it is hot, when a lesson is. */
    record Ground(List<Span> free, List<Span> hot, List<Span> lessons) {
    }

    /**
     * One track of a session.
     *
     * @param done whether it was practised on its day
     */
    public record Part(long stepId, String title, int minutes, boolean done) {
    }

    /**
     * What one dog practises in one go.
     *
     * @param broken why a pinned one does not fit, in words
     */
    public record Slot(Instant startsAt, ZoneId zone, Dog dog, Person person, List<Part> parts, boolean pinned, List<String> broken) {

        public LocalDate day() {
            return startsAt.atZone(zone).toLocalDate();
        }

        /** "18:30" */
        public String time() {
            return Dates.time(startsAt, zone);
        }

        /** "2026-06-18T18:30": how it is named in a form. */
        public String at() {
            return Dates.input(startsAt, zone);
        }

        /** Minute of its day. */
        int minute() {
            return startsAt.atZone(zone).toLocalTime().toSecondOfDay() / 60;
        }

        /** "18:30, Marit with Pim: Door manners, 5 min, pinned." */
        public String says() {
            return Words.say("week.PlannedWeek.with-min", time(), person.name(), dog.name(), titles(), minutes(), (isDone() ? Words.say("week.PlannedWeek.done") : ""), (pinned ? Words.say("week.PlannedWeek.pinned") : ""));
        }

        public int minutes() {
            return parts.stream().mapToInt(Part::minutes).sum();
        }

        public Instant endsAt() {
            return startsAt.plusSeconds(60L * minutes());
        }

        public boolean isDone() {
            return parts.stream().allMatch(Part::done);
        }

        /** "Door manners and Leave it" */
        public String titles() {
            List<String> titles = parts.stream().map(Part::title).toList();
            return titles.size() == 1 ? titles.get(0) : Words.say("week.PlannedWeek.and", String.join(", ", titles.subList(0, titles.size() - 1)), titles.get(titles.size() - 1));
        }
    }

    /** A day of the week with its sessions. */
    public record Day(LocalDate date, List<Slot> sessions) {
    }

    public List<Day> days() {
        return IntStream.range(0, Week.DAYS).mapToObj(first::plusDays).map(d -> new Day(d, sessions.stream().filter(s -> s.day().equals(d)).toList())).toList();
    }

    public List<Slot> today() {
        return days().get(0).sessions();
    }

    /** The week as it is drawn. */
    Drawing drawing(Ground ground) {
        List<Dog> dogs = facts.dogs();
        List<WeekSheet.Day> columns = IntStream.range(0, Week.DAYS).mapToObj(i -> {
            LocalDate date = first.plusDays(i);
            List<WeekSheet.Block> blocks = days().get(i).sessions().stream().map(s -> new WeekSheet.Block(new DayPart(s.minute(), Math.min(Span.DAY, s.minute() + s.minutes())), Math.max(0, dogs.indexOf(s.dog())),
                    dogs.size() > 1 ? s.time() : s.time() + " " + s.person().name(), Dates.longDate(date) + ", " + s.says(), s.isDone(), s.pinned())).toList();
            return new WeekSheet.Day(Dates.day(date), i == 0, on(i, ground.free()), on(i, ground.hot()), on(i, ground.lessons()), blocks);
        }).toList();
        return WeekSheet.of(columns, dogs.stream().map(Dog::name).toList());
    }

    private static List<DayPart> on(int day, List<Span> spans) {
        int midnight = day * Span.DAY;
        return spans.stream().filter(s -> s.overlaps(new Span(midnight, midnight + Span.DAY)))
                .map(s -> new DayPart(Math.max(0, s.startInclusive() - midnight), Math.min(Span.DAY, s.endExclusive() - midnight))).toList();
    }

    /** "Everything fits", what is in the way, or that it is being planned. */
    public String headline() {
        if (pending) {
            return Words.say("week.PlannedWeek.being-planned");
        }
        if (!unmet.isEmpty()) {
            return Words.say("week.PlannedWeek.not-everything-fits");
        }
        return sessions.isEmpty() ? Words.say("week.PlannedWeek.nothing-to-practise") : Words.say("week.PlannedWeek.everything-fits");
    }

    public boolean hasMoreDogs() {
        return facts.dogs().size() > 1;
    }

    /** Words for the names of broken rules, as they are kept. */
    static List<String> broken(List<Planned> parts) {
        return parts.stream().flatMap(p -> Arrays.stream(p.broken().split(","))).filter(n -> !n.isEmpty()).distinct().map(WeekWords::broken).collect(Collectors.toList());
    }
}
