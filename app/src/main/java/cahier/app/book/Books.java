package cahier.app.book;

import cahier.app.alarm.Alarms;
import cahier.app.ask.Questions;
import cahier.app.draw.RepStrip;
import cahier.app.food.FoodLines;
import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.incident.Incidents;
import cahier.app.intake.Intakes;
import cahier.app.judge.Answers;
import cahier.app.judge.Decided;
import cahier.app.judge.Judgements;
import cahier.app.judge.Note;
import cahier.app.log.Detail;
import cahier.app.log.KeptRep;
import cahier.app.log.PracticeDay;
import cahier.app.log.PractisedBeside;
import cahier.app.log.RepLog;
import cahier.app.progress.Stairs;
import cahier.app.rest.Taps;
import cahier.app.roadmap.RoadmapTrack;
import cahier.app.roadmap.Roadmaps;
import cahier.app.scope.AskedTogether;
import cahier.app.scope.PracticeId;
import cahier.app.sheet.Homeworks;
import cahier.app.sheet.OwnerLinks;
import cahier.app.track.Stay;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.app.web.Dates;
import cahier.core.decide.Cause;
import cahier.core.slip.Remedy;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Opens books: gathers what the pages of one household show. */
@Service
@Transactional
public class Books {

    private static final int STRIP = 20;
    private static final int NOTES = 3;
    private static final Duration NOTES_SINCE = Duration.ofDays(7);
    private static final Duration MARKS_SINCE = Duration.ofDays(14);
    private static final Duration ALARMS_SINCE = Duration.ofDays(60);
    private static final Duration BESIDE_SINCE = Duration.ofDays(60);

    private final Households households;
    private final Tracks tracks;
    private final RepLog log;
    private final Judgements judgements;
    private final Answers answers;
    private final Homeworks homeworks;
    private final OwnerLinks links;
    private final Roadmaps roadmaps;
    private final Intakes intakes;
    private final Alarms alarms;
    private final Questions questions;
    private final Incidents incidents;
    private final Stairs stairs;
    private final FoodLines food;
    private final Taps taps;
    private final AskedTogether together;
    private final PractisedBeside beside;

    Books(Households households, Tracks tracks, RepLog log, Judgements judgements, Answers answers, Homeworks homeworks, OwnerLinks links,
          Roadmaps roadmaps, Intakes intakes, Alarms alarms, Questions questions,
          Incidents incidents, Stairs stairs, FoodLines food, Taps taps, AskedTogether together, PractisedBeside beside) {
        this.beside = beside;
        this.together = together;
        this.taps = taps;
        this.households = households;
        this.tracks = tracks;
        this.log = log;
        this.judgements = judgements;
        this.answers = answers;
        this.homeworks = homeworks;
        this.links = links;
        this.roadmaps = roadmaps;
        this.intakes = intakes;
        this.alarms = alarms;
        this.questions = questions;
        this.incidents = incidents;
        this.stairs = stairs;
        this.food = food;
    }

    public Book open(PracticeId practice, long id, Instant now) {
        Facts facts = households.facts(practice, id);
        together.ask(() -> askFor(practice, id, now));
        List<PracticeDay> days = log.days(practice, id);
        List<RoadmapTrack> ways = roadmaps.of(practice, id, now);
        Logged logged = logged(practice, id, days);
        List<TrackRow> rows = ways.stream().map(w -> row(facts, w, logged, now)).toList();
        return new Book(facts, rows, homeworks.latest(practice, id), links.madeAt(practice, id), log.latestOfHousehold(practice, id), beside.latestOf(practice, id, now.minus(BESIDE_SINCE)),
                log.notes(practice, id, now.minus(NOTES_SINCE), NOTES), alarms.open(practice, id),
                questions.open(practice, id), incidents.lately(practice, id, now), homeworks.behind(practice, ways),
                taps.since(practice, id, now.minus(MARKS_SINCE)), alarms.history(practice, id).stream().filter(a -> !a.isOpen() && a.happenedAt().isAfter(now.minus(ALARMS_SINCE))).toList(),
                Load.of(homeworks.next(practice, ways), ways, intakes.get(practice, id).dailyMinutes(), pieces -> food.of(practice, facts, pieces, now.atZone(facts.household().zone()).toLocalDate())),
                now.atZone(facts.household().zone()).toLocalDate(), now);
    }

    /** Asks for all that {@link #open} needs beside the facts. */
    public void askFor(PracticeId practice, long household, Instant now) {
        askForRows(practice, household, now);
        homeworks.latest(practice, household);
        links.madeAt(practice, household);
        log.notes(practice, household, now.minus(NOTES_SINCE), NOTES);
        questions.open(practice, household);
        beside.latestOf(practice, household, now.minus(BESIDE_SINCE));
        incidents.lately(practice, household, now);
        taps.since(practice, household, now.minus(MARKS_SINCE));
        intakes.get(practice, household);
        intakes.care(practice, household);
    }

    /** Asks for all that {@link #row} needs beside the facts. */
    void askForRows(PracticeId practice, long household, Instant now) {
        roadmaps.of(practice, household, now);
        logged(practice, household, log.days(practice, household));
    }

    /** One track as its row in the book shows it. */
    TrackRow row(PracticeId practice, long track, Instant now) {
        long household = tracks.get(practice, track).track().householdId();
        RoadmapTrack way = roadmaps.of(practice, household, now).stream().filter(w -> w.track().id() == track).findFirst().orElseThrow();
        return row(households.facts(practice, household), way, logged(practice, household, log.days(practice, household)), now);
    }

    /** What was suggested, answered and logged of every track of a household, by track or by stay. */
    private record Logged(Map<Long, Decided> open, Map<Long, Decided> answered, Map<Long, List<KeptRep>> latest, Map<Long, List<Detail>> details, List<PracticeDay> days) {
    }

    private Logged logged(PracticeId practice, long household, List<PracticeDay> days) {
        return new Logged(byTrack(judgements.openOf(practice, household)), byTrack(judgements.lastAnsweredOf(practice, household)),
                log.latestOfTracks(practice, household), log.details(practice, household), days);
    }

    private static Map<Long, Decided> byTrack(List<Decided> decided) {
        return decided.stream().collect(Collectors.toMap(Decided::trackId, Function.identity()));
    }

    private TrackRow row(Facts facts, RoadmapTrack way, Logged logged, Instant now) {
        TrackSteps roadmap = way.roadmap();
        PracticeId practice = facts.household().practiceId();
        long track = roadmap.track().id();
        Optional<Decided> open = Optional.ofNullable(logged.open().get(track));
        Optional<Decided> answered = Optional.ofNullable(logged.answered().get(track)).filter(d -> isNews(d, roadmap, open));
        Optional<Decided> shown = answered.isPresent() ? answered : open;
        List<KeptRep> last = logged.latest().getOrDefault(track, List.of()).stream().limit(STRIP).collect(Collectors.toCollection(ArrayList::new));
        last.removeIf(r -> roadmap.visit().map(Stay::stepId).filter(s -> s == r.stepId()).isEmpty());
        Collections.reverse(last);
        return new TrackRow(way, shown.map(d -> Note.of(d, d.isAnswered() && answers.canUndo(practice, d))), answered,
                RepStrip.of(sessions(last, facts)), last.size(),
                stairs.of(facts, roadmap, logged.days(), now),
                roadmap.visit().flatMap(v -> remedy(logged.details().getOrDefault(v.id(), List.of()))), facts.household().zone(), now.atZone(facts.household().zone()).toLocalDate());
    }

    private static Optional<Remedy> remedy(List<Detail> details) {
        return Remedy.of(details.stream().flatMap(d -> Stream.ofNullable(d.slip()).map(s -> new Remedy.Coded(s, d.event()))).toList());
    }

    /** An answer is news until reps have been logged on what it led to, or something new asks for one. */
    private boolean isNews(Decided answered, TrackSteps roadmap, Optional<Decided> open) {
        boolean somethingNew = open.filter(d -> d.cause() != Cause.NOT_YET || d.grounds().reps() > 0)
                .filter(d -> !d.madeAt().isBefore(answered.answeredAt())).isPresent();
        return !somethingNew && (roadmap.track().isDone() || answers.canUndo(roadmap.track().practiceId(), answered));
    }

    private static List<RepStrip.Part> sessions(List<KeptRep> reps, Facts facts) {
        ZoneId zone = facts.household().zone();
        Map<List<Object>, List<KeptRep>> bySitting = reps.stream().collect(Collectors.groupingBy(
                r -> List.of(r.happenedAt().atZone(zone).toLocalDate(), r.personId() == null ? 0L : r.personId()),
                LinkedHashMap::new, Collectors.toList()));
        return bySitting.values().stream().map(s -> new RepStrip.Part(
                Dates.day(s.get(0).happenedAt().atZone(zone).toLocalDate()), s.stream().map(KeptRep::outcome).toList())).toList();
    }
}
