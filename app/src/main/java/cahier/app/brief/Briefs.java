package cahier.app.brief;

import cahier.app.alarm.Alarms;
import cahier.app.book.Book;
import cahier.app.book.Books;
import cahier.app.book.TrackRow;
import cahier.app.draw.MinutesRuler;
import cahier.app.first.Readiness;
import cahier.app.food.FoodLines;
import cahier.app.household.Facts;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.household.Person;
import cahier.app.incident.Incidents;
import cahier.app.judge.Answers;
import cahier.app.judge.Decided;
import cahier.app.judge.Judgements;
import cahier.app.judge.Note;
import cahier.app.judge.SuggestionWords;
import cahier.app.language.Words;
import cahier.app.lesson.AgendaLine;
import cahier.app.lesson.Clashes;
import cahier.app.lesson.Lessons;
import cahier.app.log.KeptRep;
import cahier.app.log.RepLog;
import cahier.app.log.RepWords;
import cahier.app.outbox.Outbox;
import cahier.app.outbox.Sending;
import cahier.app.rest.Taps;
import cahier.app.roadmap.RoadmapTrack;
import cahier.app.scope.AskedTogether;
import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;
import cahier.app.sheet.Homework;
import cahier.app.sheet.Homeworks;
import cahier.app.track.SlipWords;
import cahier.app.track.Step;
import cahier.app.track.Teaching;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.app.web.Dates;
import cahier.core.decide.Cause;
import cahier.core.decide.Decision;
import cahier.core.lesson.Agenda;
import cahier.core.lesson.Hour;
import cahier.core.rep.Outcome;
import cahier.core.roadmap.Lacking;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Prepares a lesson, and closes it. */
@Service
@Transactional
class Briefs {

    private static final Duration FIRST_LOOK = Duration.ofDays(14);
    private static final int NOTES = 5;

    private final Books books;
    private final Lessons lessons;
    private final Tracks tracks;
    private final RepLog log;
    private final Homeworks homeworks;
    private final Sending sending;
    private final Answers answers;
    private final Incidents incidents;
    private final FoodLines food;
    private final Clashes clashes;
    private final Alarms alarms;
    private final Taps taps;
    private final AskedTogether together;
    private final Households households;
    private final HourMapper hours;
    private final Judgements judgements;
    private final Readiness readiness;

    Briefs(Books books, Lessons lessons, Tracks tracks, RepLog log, Homeworks homeworks, Sending sending, Answers answers, Incidents incidents, FoodLines food, Clashes clashes, Alarms alarms, Taps taps, AskedTogether together, Households households, HourMapper hours, Judgements judgements, Readiness readiness) {
        this.readiness = readiness;
        this.judgements = judgements;
        this.hours = hours;
        this.together = together;
        this.households = households;
        this.alarms = alarms;
        this.taps = taps;
        this.books = books;
        this.lessons = lessons;
        this.tracks = tracks;
        this.log = log;
        this.homeworks = homeworks;
        this.sending = sending;
        this.answers = answers;
        this.incidents = incidents;
        this.food = food;
        this.clashes = clashes;
    }

    Brief of(PracticeId practice, long id, Instant now) {
        Lesson lesson = lessons.get(practice, id);
        HourMapper.Running running = hours.running(practice, id).orElseThrow();
        Facts facts = households.facts(practice, lesson.householdId());
        ZoneId zone = facts.household().zone();
        Instant since = facts.lessons().stream().filter(l -> l.startsAt().isBefore(lesson.startsAt()) && l.state() != Lesson.State.MISSED).map(Lesson::startsAt).findFirst()
                .orElse(lesson.startsAt().minus(FIRST_LOOK));
        together.ask(() -> books.askFor(practice, lesson.householdId(), now), () -> askFor(practice, lesson, since));
        Book book = books.open(practice, lesson.householdId(), now);
        List<KeptRep> reps = log.ofHousehold(practice, lesson.householdId(), since);
        List<Brief.Line> lines = book.active().stream().filter(r -> r.step().isPresent()).map(r -> line(r, facts, reps, since)).toList();
        Agenda suggested = Agenda.of(Math.max(Agenda.SHORTEST, lesson.minutes()), wishes(book));
        Optional<List<AgendaLine>> own = lessons.agenda(practice, lesson);
        List<AgendaLine> agenda = own.orElseGet(() -> written(suggested));
        List<TrackRow> waiting = book.active().stream().filter(r -> r.note().filter(Note::asksForAnAnswer).isPresent()).toList();
        List<RoadmapTrack> next = homeworks.next(practice, book.rows().stream().map(TrackRow::way).toList());
        return new Brief(facts, lesson, lessons.number(practice, lesson), since.atZone(zone).toLocalDate(), book.today(), lines, blocks(agenda, lesson, zone), own.isPresent(),
                MinutesRuler.of(agenda.stream().map(AgendaLine::minutes).toList(), lesson.minutes()), waiting, sends(book, next, waiting), bring(book),
                own.isPresent() ? List.of() : suggested.carriedOver(), book.questions(), log.notes(practice, lesson.householdId(), since, NOTES),
                incidents.since(practice, lesson.householdId(), since), lessons.pack(practice, lesson.householdId()),
                food.of(practice, facts, pieces(next), book.today()), lessons.shown(practice, lesson), lessons.notYet(practice, lesson),
                Clashes.overlapping(clashes.of(practice, lesson)), Outbox.readers(facts).stream().map(Person::name).toList(),
                alarms.history(practice, lesson.householdId()).stream().filter(a -> a.isOpen() || a.happenedAt().isAfter(since)).toList(), taps.since(practice, lesson.householdId(), since),
                book.rows().stream().map(TrackRow::way).filter(w -> w.roadmap().current().isPresent() && w.permit().restsForGood()).map(w -> new Brief.Send(w.track().title(), w.why(), "")).toList(),
                running.beganAt() != null, running.notes());
    }

    /** The agenda that is suggested for a lesson. */
    List<AgendaLine> agenda(PracticeId practice, Lesson lesson, Instant now) {
        return written(Agenda.of(Math.max(Agenda.SHORTEST, lesson.minutes()), wishes(books.open(practice, lesson.householdId(), now))));
    }

    private void askFor(PracticeId practice, Lesson lesson, Instant since) {
        long household = lesson.householdId();
        log.ofHousehold(practice, household, since);
        lessons.agenda(practice, lesson);
        log.notes(practice, household, since, NOTES);
        incidents.since(practice, household, since);
        lessons.shown(practice, lesson);
        lessons.notYet(practice, lesson);
        taps.since(practice, household, since);
        clashes.of(practice, lesson);
        lessons.pack(practice, household);
    }

    private Brief.Line line(TrackRow row, Facts facts, List<KeptRep> all, Instant since) {
        TrackSteps map = row.roadmap();
        List<KeptRep> reps = all.stream().filter(r -> r.trackId() == map.track().id()).toList();
        Map<Outcome, Long> counts = reps.stream().collect(Collectors.groupingBy(KeptRep::outcome, Collectors.counting()));
        Map<String, Long> people = reps.stream().collect(Collectors.groupingBy(r -> RepWords.person(r, facts).isEmpty() ? "someone" : RepWords.person(r, facts), TreeMap::new, Collectors.counting()));
        String who = people.entrySet().stream().map(e -> e.getKey() + " " + e.getValue()).collect(Collectors.joining(", "));
        return new Brief.Line(map.track().id(), map.track().title(), steps(map, since), count(counts, Outcome.CLEAN), count(counts, Outcome.HELPED), count(counts, Outcome.MISSED),
                count(counts, Outcome.TOO_MUCH), who, note(row, reps));
    }

    private static int count(Map<Outcome, Long> counts, Outcome outcome) {
        return counts.getOrDefault(outcome, 0L).intValue();
    }

    /** "step 4 to 5": where the dog stood at the lesson before, and now. */
    private String steps(TrackSteps map, Instant since) {
        Optional<Integer> then = tracks.visits(map.track()).stream().filter(v -> !v.undone() && !v.enteredAt().isAfter(since)).reduce((a, b) -> b)
                .flatMap(v -> map.indexOf(v.stepId())).map(i -> i + 1);
        int now = map.number();
        return then.isEmpty() || then.get() == now ? Words.say("brief.Briefs.step", now) : Words.say("brief.Briefs.step-to", then.get(), now);
    }

    private static String note(TrackRow row, List<KeptRep> reps) {
        if (reps.isEmpty()) {
            return Words.say("brief.Briefs.not-practised");
        }
        if (row.remedy().isPresent()) {
            return SlipWords.say(row.remedy().get());
        }
        return row.note().map(n -> SuggestionWords.headline(n.decided().grounds())).orElse("");
    }

    private static List<Agenda.Wish> wishes(Book book) {
        return book.active().stream().filter(r -> r.way().isOpen() && r.step().isPresent()).map(r -> {
            Optional<Note> open = r.note().filter(Note::isOpen);
            boolean gap = open.filter(n -> n.decided().cause() == Cause.PERSON_GAP || !n.decided().grounds().gaps().isEmpty()).isPresent();
            return new Agenda.Wish(r.track().title(), open.map(n -> n.decided().suggested()).orElse(Decision.STAY), gap);
        }).toList();
    }

    private static List<AgendaLine> written(Agenda agenda) {
        List<AgendaLine> lines = new ArrayList<>();
        lines.add(new AgendaLine(Words.say("brief.Briefs.arrive-watch-the-greeting"), Agenda.ARRIVE));
        lines.add(new AgendaLine(Words.say("brief.Briefs.talk-through-the-log"), Agenda.LOG));
        agenda.blocks().forEach(b -> lines.add(new AgendaLine(b.track(), b.minutes())));
        if (agenda.ownPractice() > 0) {
            lines.add(new AgendaLine(Hour.OWN, agenda.ownPractice()));
        }
        lines.add(new AgendaLine(Words.say("brief.Briefs.homework-and-next-date"), Agenda.CLOSE));
        return lines;
    }

    private static List<Brief.Block> blocks(List<AgendaLine> agenda, Lesson lesson, ZoneId zone) {
        List<Brief.Block> blocks = new ArrayList<>();
        Instant at = lesson.startsAt();
        for (AgendaLine line : agenda) {
            blocks.add(new Brief.Block(Dates.time(at, zone), line.title(), line.minutes()));
            at = at.plusSeconds(60L * line.minutes());
        }
        return blocks;
    }

    private static Map<String, Integer> pieces(List<RoadmapTrack> next) {
        return next.stream().filter(w -> w.roadmap().current().isPresent())
                .collect(Collectors.toMap(w -> w.track().dogName(), w -> w.roadmap().current().orElseThrow().plan().piecesADay(), Integer::sum));
    }

    private List<Brief.Send> sends(Book book, List<RoadmapTrack> next, List<TrackRow> waiting) {
        Stream<Brief.Send> upkeep = homeworks.upkeepNext(book.rows().stream().map(TrackRow::way).toList()).stream().map(i -> new Brief.Send(i.trackTitle(), "upkeep. " + i.upkeepWords(), ""));
        Lacking.Home home = readiness.home(book.household().practiceId(), book.household().id());
        return Stream.concat(next.stream().map(w -> send(w, waiting, home)), upkeep).toList();
    }

    private static Brief.Send send(RoadmapTrack way, List<TrackRow> waiting, Lacking.Home home) {
        TrackSteps map = way.roadmap();
        Decision decision = waiting.stream().filter(r -> r.track().id() == map.track().id()).flatMap(r -> r.note().stream()).map(n -> n.decided().suggested()).findFirst().orElse(Decision.STAY);
        Optional<String> halfWay = decision == Decision.SPLIT ? map.between().map(b -> Words.say("brief.Briefs.step-2", map.number(), b.title())) : Optional.empty();
        Optional<Step> moved = switch (decision) {
            case UP -> map.above();
            case BACK -> map.below();
            default -> way.permit().step().stream().mapToObj(map.steps()::get).findFirst();
        };
        return new Brief.Send(map.track().title(), decision == Decision.DONE ? Words.say("brief.Briefs.goal-reached-a-cold-rep")
                : halfWay.isPresent() ? halfWay.get() : moved.map(s -> Words.say("brief.Briefs.step-2", (map.indexOf(s.id()).orElse(0) + 1), s.title())).orElse(""),
                decision == Decision.DONE ? "" : moved.map(s -> Readiness.needs(s.plan(), home)).orElse(""));
    }

    /** Food and equipment of the steps that are worked, each once. */
    private static List<String> bring(Book book) {
        return book.active().stream().filter(r -> r.way().isOpen()).flatMap(r -> r.step().stream()).map(s -> s.plan().teaching()).map(Teaching::equipment)
                .flatMap(e -> Arrays.stream(e.split(","))).map(String::strip).filter(e -> !e.isEmpty()).map(e -> Character.toUpperCase(e.charAt(0)) + e.substring(1)).distinct().toList();
    }

    /** Thrown when a suggestion is not what was seen any more: then nothing of the closing was done. */
    static final class Changed extends RuntimeException {
        private static final long serialVersionUID = 1L;
    }

    /** A suggestion as it was seen. */
    record Seen(long decision, int version) {
    }

    /** Accepts what was ticked, issues the homework, plans the next lesson and marks this one given, all or nothing. */
    Optional<Homework> close(TrainerUser me, Lesson lesson, List<Seen> accepted, Optional<Lesson> next, String site, Instant now) {
        if (!lessons.give(me, lesson)) {
            throw new Over();
        }
        accepted.forEach(seen -> accept(me, seen, now));
        next.ifPresent(n -> households.put(me.practice(), n));
        return sending.issue(me, lesson.householdId(), Sending.Wish.USUAL, site, now);
    }

    /** A split that was ticked puts in the step half-way. */
    private void accept(TrainerUser me, Seen seen, Instant now) {
        TrackSteps map = tracks.get(me.practice(), answers.trackOf(me.practice(), seen.decision()));
        Optional<Decided> open = judgements.open(me.practice(), map.track().id()).filter(d -> d.id() == seen.decision() && d.version() == seen.version());
        boolean split = open.filter(d -> d.suggested() == Decision.SPLIT).isPresent();
        Answers.Result result = split ? map.between().map(b -> answers.split(me, seen.decision(), b, "", now)).orElse(Answers.Result.ASKS) : answers.accept(me, seen.decision(), seen.version(), now);
        if (result != Answers.Result.DONE) {
            throw new Changed();
        }
    }

    /** The lesson was closed before, in another window perhaps. */
    static class Over extends RuntimeException {

        private static final long serialVersionUID = 1L;
    }

    /**
     * A lesson in a list.
     *
     * @param gapMinutes since the lesson before on that day ended; -1 for the first
     * @param clash what it runs into, in one line; empty where it is free
     */
    record Listed(Household household, Lesson lesson, String when, int gapMinutes, String clash) {

        /** Whether there is less time before it than the way takes. */
        public boolean isTight() {
            return gapMinutes >= 0 && gapMinutes < lesson.travelMinutes();
        }
    }
}
