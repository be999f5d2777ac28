package cahier.app.progress;

import cahier.app.alarm.Alarm;
import cahier.app.draw.Drawing;
import cahier.app.draw.RepStrip;
import cahier.app.draw.WideStair;
import cahier.app.forecast.Outlook;
import cahier.app.household.Facts;
import cahier.app.household.Place;
import cahier.app.incident.Incident;
import cahier.app.language.Words;
import cahier.app.log.KeptRep;
import cahier.app.log.RepWords;
import cahier.app.track.Step;
import cahier.app.track.TrackSteps;
import cahier.app.web.Dates;
import cahier.core.rep.Outcome;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A track's staircase at full width, and the same as a table.
 *
 * @param days what stands in the table, newest first
 */
public record WideStairs(Drawing drawing, List<WideStair.Day> days) {

    private static final int SHOWN_DAYS = 120;

    /** None without a rep. */
    public static WideStairs of(Facts facts, TrackSteps map, List<KeptRep> reps, List<Incident> incidents, List<Alarm> alarms, Optional<Outlook> outlook, Instant now) {
        ZoneId zone = facts.household().zone();
        LocalDate today = now.atZone(zone).toLocalDate();
        List<WideStair.Day> days = days(facts, map, reps.stream().filter(r -> r.happenedAt().atZone(zone).toLocalDate().isAfter(today.minusDays(SHOWN_DAYS))).toList());
        LocalDate start = days.isEmpty() ? today : days.get(0).date();
        int current = map.track().isDone() ? map.steps().size() + 1 : Math.max(1, map.number());
        List<WideStair.Mark> lessons = facts.lessons().stream().map(l -> new WideStair.Mark(l.startsAt().atZone(zone).toLocalDate(), "Lesson")).toList();
        List<WideStair.Mark> marks = Stream.concat(incidents.stream().map(i -> mark(i.happenedAt(), zone, Words.say("progress.WideStairs.for-real", i.said()))),
                alarms.stream().map(a -> mark(a.happenedAt(), zone, Words.say("progress.WideStairs.stop-and-call", a.words(), (a.isOpen() ? Words.say("progress.WideStairs.not-answered-yet") : " " + a.agreed()))))).toList();
        Drawing drawing = WideStair.of(new WideStair.Course(days, map.steps().stream().map(Step::title).toList(), current, start, today, lessons, marks, outlook.flatMap(Outlook::fan)),
                Words.say("progress.WideStairs.of-practice-the-same-stands", map.track().title(), days.size()));
        List<WideStair.Day> newest = new ArrayList<>(days);
        Collections.reverse(newest);
        return new WideStairs(drawing, newest);
    }

    private static WideStair.Mark mark(Instant at, ZoneId zone, String says) {
        return new WideStair.Mark(at.atZone(zone).toLocalDate(), Dates.day(at.atZone(zone).toLocalDate()) + ", " + says);
    }

    private static List<WideStair.Day> days(Facts facts, TrackSteps map, List<KeptRep> reps) {
        ZoneId zone = facts.household().zone();
        Map<LocalDate, Map<Integer, List<KeptRep>>> byDay = new TreeMap<>();
        reps.forEach(r -> map.indexOf(r.stepId()).ifPresent(i -> byDay.computeIfAbsent(r.happenedAt().atZone(zone).toLocalDate(), d -> new TreeMap<>())
                .computeIfAbsent(i + 1, s -> new ArrayList<>()).add(r)));
        List<WideStair.Day> days = new ArrayList<>();
        byDay.forEach((date, steps) -> steps.forEach((step, done) -> days.add(day(facts, date, step, done))));
        return days;
    }

    private static WideStair.Day day(Facts facts, LocalDate date, int step, List<KeptRep> reps) {
        Map<Outcome, Integer> counts = new EnumMap<>(Outcome.class);
        reps.forEach(r -> counts.merge(r.outcome(), 1, Integer::sum));
        String place = most(reps.stream().map(r -> facts.places().stream().filter(p -> r.placeId() != null && p.id() == r.placeId()).map(Place::name).findFirst().orElse("")).toList());
        String people = reps.stream().map(r -> RepWords.person(r, facts)).filter(p -> !p.isEmpty()).distinct().collect(Collectors.joining(" and "));
        String says = Words.say("progress.WideStairs.step", Dates.day(date), step, RepStrip.counts(reps.stream().map(KeptRep::outcome).toList()), (people.isEmpty() ? "" : ". " + people), (place.isEmpty() ? "" : ", " + place));
        return new WideStair.Day(date, step, counts, place, says);
    }

    private static String most(List<String> names) {
        Map<String, Long> counts = names.stream().filter(n -> !n.isEmpty()).collect(Collectors.groupingBy(n -> n, TreeMap::new, Collectors.counting()));
        return counts.entrySet().stream().max(Map.Entry.comparingByValue()).map(Map.Entry::getKey).orElse("");
    }
}
