package cahier.app.judge;

import cahier.app.household.Facts;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.household.Place;
import cahier.app.language.Words;
import cahier.app.measure.Measured;
import cahier.app.scope.Ids;
import cahier.app.scope.PracticeId;
import cahier.app.stored.Shape;
import cahier.app.stored.Stored;
import cahier.app.track.Stay;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.core.decide.Case;
import cahier.core.decide.Cause;
import cahier.core.decide.Decision;
import cahier.core.decide.Judge;
import cahier.core.decide.Reason;
import cahier.core.decide.Replay;
import cahier.core.decide.Standing;
import cahier.core.decide.Suggestion;
import cahier.core.decide.Upkeep;
import cahier.core.rep.Evidence;
import cahier.core.rep.Gap;
import cahier.core.rep.Outcome;
import cahier.core.rep.Rep;
import cahier.core.rep.Session;
import cahier.core.rep.Sessions;
import cahier.core.rep.With;
import java.time.Instant;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which suggestion stands in the margin of each track. Computed when a session closes and when days pass (docs/rules.md 4), by {@link JudgingRound}, and when something it rests on changes, by {@link JudgeAtCommit}; pages only read it. */
@Service
@Transactional
public class Judgements {

    private final Tracks tracks;
    private final Households households;
    private final TrackCase cases;
    private final DecisionMapper decisions;
    private final ApplicationEventPublisher events;
    private final Stored stored;
    private final Measured measured;

    Judgements(Tracks tracks, Households households, TrackCase cases, DecisionMapper decisions, ApplicationEventPublisher events, Stored stored, Measured measured) {
        this.measured = measured;
        this.tracks = tracks;
        this.households = households;
        this.cases = cases;
        this.decisions = decisions;
        this.events = events;
        this.stored = stored;
    }

    /** Reps came in: the suggestion is looked at again once their session has closed. One that comes late may change what was said meanwhile. */
    void repsCame(PracticeId practice, Map<Long, Instant> lastRepOfTrack) {
        lastRepOfTrack.forEach((track, last) -> decisions.askAfterRep(practice, track, last, last.plus(Sessions.CLOSES_AFTER)));
    }

    /** The owner put a rep right or took it back: what was said of it is looked at again once the session has closed that may still go on. */
    void repChanged(PracticeId practice, long track, Instant now) {
        decisions.ask(practice, track, now.plus(Sessions.CLOSES_AFTER), true);
    }

    /** A rep was taken out or put back: the next look is as if it had never been there, or always. */
    void askAnew(PracticeId practice, long track, Instant now) {
        decisions.ask(practice, track, now, true);
    }

    /** The open suggestion of a track. */
    public Optional<Decided> open(PracticeId practice, long track) {
        return decisions.open(practice, track).map(this::decided);
    }

    /** The open suggestions of a household. */
    public List<Decided> openOf(PracticeId practice, long household) {
        return decisions.standing(practice, household).stream().map(this::decided).filter(Decided::isOpen).toList();
    }

    /** The open suggestions of some households, by household. */
    public Map<Long, List<Decided>> openOf(PracticeId practice, Collection<Long> households) {
        return decisions.openOfThese(practice, Ids.of(households)).stream().map(this::decided).collect(Collectors.groupingBy(Decided::householdId));
    }

    /** The trainer's last answer on a track. */
    public Optional<Decided> lastAnswered(PracticeId practice, long track) {
        return decisions.lastAnswered(practice, track).map(this::decided);
    }

    /** The trainer's last answer on each track of a household that has one. */
    public List<Decided> lastAnsweredOf(PracticeId practice, long household) {
        return decisions.standing(practice, household).stream().map(this::decided).filter(d -> !d.isOpen()).toList();
    }

    /** Everything that was suggested and answered on a track, newest first. */
    public List<Decided> history(PracticeId practice, long track) {
        return decisions.ofTrack(practice, track).stream().map(this::decided).toList();
    }

    /** "2 more clean reps in a row, 1 more day": what the current step still lacks; empty when its pass rule and spread hold, or there is no step. */
    public String missing(PracticeId practice, long track, Instant now) {
        TrackSteps roadmap = tracks.get(practice, track);
        return roadmap.current().isEmpty() ? "" : missing(given(practice, roadmap, now));
    }

    /**
     * How a step stands before anything is suggested.
     *
     * @param missing "2 more clean reps in a row"; empty when its pass rule and spread hold
     * @param odds that it is clean {@code bar} of the time or more, 0 to 1
     * @param clean of the last {@code of}, up to 20
     */
    public record Stands(String missing, double odds, double bar, int clean, int of) {
    }

    /** The same with the odds; the dog must stand on a step. */
    public Stands stands(PracticeId practice, long track, Instant now) {
        Case given = given(practice, tracks.get(practice, track), now);
        Evidence evidence = Evidence.of(given.visit());
        return new Stands(missing(given), evidence.odds(Evidence.ODDS_BAR, Evidence.ODDS_REPS), Evidence.ODDS_BAR, evidence.count(Outcome.CLEAN, Evidence.ODDS_REPS), Math.min(Evidence.ODDS_REPS, evidence.reps()));
    }

    private Case given(PracticeId practice, TrackSteps roadmap, Instant now) {
        return cases.of(households.get(practice, roadmap.track().householdId()), roadmap, roadmap.visit().orElseThrow(), now);
    }

    private static String missing(Case given) {
        return SuggestionWords.missing(given.rule().check(given.visit().counted(given.staleDays())).missing());
    }

    /** Whether the track was called or taken down because of too much since a trainer last moved it up (docs/rules.md 4). */
    public boolean isAfterTooMuch(PracticeId practice, long track) {
        return Standing.isAfterTooMuch(history(practice, track).stream().filter(d -> d.isAnswered() && d.answer() != null)
                .map(d -> new Standing.Past(d.cause(), d.answer(), d.state() != Decided.State.APPLIED)).toList());
    }

    Optional<Decided> find(PracticeId practice, long id) {
        return decisions.find(practice, id).map(this::decided);
    }

    /** Judges one track now and lets the suggestion stand that must. */
    void judge(PracticeId practice, long track, Instant now) {
        TrackSteps roadmap = tracks.locked(practice, track);
        Household household = households.get(practice, roadmap.track().householdId());
        boolean anew = decisions.isDueAnew(practice, track);
        measured.settle(practice, roadmap, now);
        decisions.looked(practice, track, nextLook(household, now));
        Optional<Decided> open = open(practice, track);
        if (roadmap.current().isEmpty() || roadmap.track().isOver()) {
            open.ifPresent(d -> decisions.replace(practice, d.id()));
            upkeep(household, roadmap, now);
            return;
        }
        Stay visit = roadmap.visit().orElseThrow();
        Case given = cases.of(household, roadmap, visit, now);
        if (anew) {
            open = lookAnew(household, roadmap, visit, open, given, now);
        }
        Suggestion fresh = Judge.decide(given);
        if (isAnswered(practice, track, visit, given, fresh)) {
            open.ifPresent(d -> decisions.replace(practice, d.id()));
            return;
        }
        stand(household, roadmap, visit, open, given, fresh, now);
        events.publishEvent(new Suggested(practice, track, now));
    }

    /** Lets an UP stand that the reps so far have earned, though their session goes on; nothing else is said before it closes. */
    void goesOn(PracticeId practice, long track, Instant now) {
        TrackSteps roadmap = tracks.locked(practice, track);
        if (roadmap.current().isEmpty() || roadmap.track().isOver()) {
            return;
        }
        Household household = households.get(practice, roadmap.track().householdId());
        Stay visit = roadmap.visit().orElseThrow();
        Case given = cases.of(household, roadmap, visit, now);
        Suggestion fresh = Judge.decide(given);
        if (fresh.decision() == Decision.UP && !isAnswered(practice, track, visit, given, fresh)) {
            stand(household, roadmap, visit, open(practice, track), given, fresh, now);
            events.publishEvent(new Suggested(practice, track, now));
        }
    }

    /** A goal that was reached and does not hold: the track is worked again at its last step, and the trainer is told why. */
    private void upkeep(Household household, TrackSteps roadmap, Instant now) {
        Instant done = roadmap.track().doneAt();
        if (done == null || roadmap.track().isOver() || roadmap.steps().isEmpty()) {
            return;
        }
        Case given = cases.sinceDone(household, roadmap, done, now);
        Upkeep.reopens(given.visit().sessions()).ifPresent(why -> {
            long visit = tracks.reopen(household.practiceId(), roadmap.track().id(), now);
            Stay stay = new Stay(visit, roadmap.track().id(), roadmap.steps().get(roadmap.steps().size() - 1).id(), now, null, null, null, null, false);
            decisions.insert(household.practiceId(), row(household, roadmap, stay, given, why, 0, now));
            events.publishEvent(new Suggested(household.practiceId(), roadmap.track().id(), now));
        });
    }

    private static Instant nextLook(Household household, Instant now) {
        return now.atZone(household.zone()).toLocalDate().plusDays(1).atStartOfDay(household.zone()).toInstant();
    }

    /** Withdraws what the reps, as they are now, would not have said, and lets stand what they would have. An alarm is not of the reps, and what reopened a track is not of this visit's. */
    private Optional<Decided> lookAnew(Household household, TrackSteps roadmap, Stay visit, Optional<Decided> open, Case given, Instant now) {
        PracticeId practice = household.practiceId();
        if (open.filter(d -> d.cause() == Cause.ALARM || d.cause() == Cause.REOPENED).isPresent()) {
            return open;
        }
        Optional<Replay.Close> stands = Replay.of(given, given.rule()).standing(answered(practice, roadmap.track().id(), visit));
        Optional<Decided> same = open.filter(d -> stands.filter(c -> c.said().decision() == d.suggested() && c.said().cause() == d.cause()).isPresent());
        if (same.isEmpty()) {
            open.ifPresent(d -> decisions.replace(practice, d.id()));
        }
        stands.map(c -> row(household, roadmap, visit, c.given(), c.said(), same.map(Decided::id).orElse(0L), now))
                .ifPresent(same.isPresent() ? row -> decisions.refresh(practice, row) : row -> decisions.insert(practice, row));
        return open(practice, roadmap.track().id());
    }

    private Optional<Standing.Answer> answered(PracticeId practice, long track, Stay visit) {
        return lastAnswered(practice, track).filter(d -> d.visitId() == visit.id()).map(d -> new Standing.Answer(d.cause(), Objects.requireNonNull(d.answeredAt())));
    }

    private boolean isAnswered(PracticeId practice, long track, Stay visit, Case given, Suggestion fresh) {
        List<Session> sessions = given.visit().sessions();
        Optional<Instant> closed = sessions.isEmpty() ? Optional.empty() : Optional.of(sessions.get(sessions.size() - 1).end());
        return Standing.isAnswered(fresh, answered(practice, track, visit), closed);
    }

    private void stand(Household household, TrackSteps roadmap, Stay visit, Optional<Decided> open, Case given, Suggestion fresh, Instant now) {
        PracticeId practice = household.practiceId();
        Optional<Suggestion> held = open.filter(d -> d.visitId() == visit.id()).map(d -> d.grounds().suggestion());
        if (!Standing.merge(held, fresh).equals(fresh)) {
            return;
        }
        DecisionRow row = row(household, roadmap, visit, given, fresh, open.map(Decided::id).orElse(0L), now);
        boolean sameOrFleeting = held.isPresent()
                && (!held.get().staysOpen() || held.get().decision() == fresh.decision() && held.get().cause() == fresh.cause());
        if (sameOrFleeting) {
            decisions.refresh(practice, row);
        } else {
            open.ifPresent(d -> decisions.replace(practice, d.id()));
            decisions.insert(practice, row);
        }
    }

    private DecisionRow row(Household household, TrackSteps roadmap, Stay visit, Case given, Suggestion fresh, long id, Instant now) {
        Grounds grounds = grounds(household, given, fresh);
        return new DecisionRow(id, household.id(), roadmap.track().id(), visit.stepId(), visit.id(), now, fresh.decision(), fresh.cause(),
                stored.write(Shape.DECISION, grounds), Decided.State.OPEN, null, null, null, "", null, 0);
    }

    private Grounds grounds(Household household, Case given, Suggestion fresh) {
        Evidence evidence = Evidence.of(given.visit());
        Facts facts = households.facts(household.practiceId(), household.id());
        Map<String, String> people = facts.personNames().entrySet().stream().collect(Collectors.toMap(p -> Long.toString(p.getKey()), Map.Entry::getValue));
        Map<String, String> places = facts.places().stream().collect(Collectors.toMap(p -> Long.toString(p.id()), Place::name));
        int of = Math.min(Evidence.ODDS_REPS, evidence.reps());
        return new Grounds(named(fresh, people), evidence.reps(), evidence.count(Outcome.CLEAN, Evidence.ODDS_REPS), of,
                evidence.odds(Evidence.ODDS_BAR, Evidence.ODDS_REPS), Evidence.ODDS_BAR, cells(given, Session::person, people), cells(given, Session::place, places),
                gaps(given, people, places),
                given.visit().sessions().stream().map(Session::day).reduce((a, b) -> b).orElse(null));
    }

    private static List<Gap> gaps(Case given, Map<String, String> people, Map<String, String> places) {
        Stream<Gap> known = Stream.concat(Gap.among(given.visit(), Session::person, Session::place).stream().map(g -> named(g, id -> people.getOrDefault(id, "someone"))),
                Gap.among(given.visit(), Session::place, Session::person).stream().map(g -> named(g, id -> places.getOrDefault(id, "someone"))));
        Stream<Gap> with = Stream.concat(Gap.amongWith(given.visit(), With::hand).stream().map(g -> named(g, hand -> Words.say("judge.Judgements.hand", hand.toLowerCase(Locale.UK)))), Gap.amongWith(given.visit(), With::item).stream());
        return Stream.concat(known, with).toList();
    }

    private static Gap named(Gap gap, UnaryOperator<String> name) {
        return new Gap(named(gap.better(), name), named(gap.worse(), name), gap.probability());
    }

    private static Gap.Share named(Gap.Share share, UnaryOperator<String> name) {
        return new Gap.Share(name.apply(share.name()), share.clean(), share.reps());
    }

    /** The core knows people by number; what is kept for good carries the name they had. */
    private static Suggestion named(Suggestion fresh, Map<String, String> people) {
        List<Reason> reasons = fresh.reasons().stream()
                .map(r -> new Reason(r.code(), r.value(), r.of(), people.getOrDefault(r.who(), r.who()))).toList();
        return new Suggestion(fresh.decision(), fresh.cause(), reasons, fresh.missing(), fresh.gap());
    }

    private static List<Grounds.Cell> cells(Case given, Function<Session, String> key, Map<String, String> names) {
        Map<String, List<Rep>> byKey = given.visit().sessions().stream().filter(s -> !key.apply(s).isEmpty())
                .collect(Collectors.groupingBy(key, Collectors.flatMapping(s -> s.work().stream(), Collectors.toList())));
        return byKey.entrySet().stream().filter(e -> !e.getValue().isEmpty())
                .map(e -> new Grounds.Cell(names.getOrDefault(e.getKey(), "someone"),
                        (int) e.getValue().stream().filter(Rep::isClean).count(), e.getValue().size()))
                .sorted(Comparator.comparing(Grounds.Cell::name)).toList();
    }

    private Decided decided(DecisionRow row) {
        return row.with(stored.read(Shape.DECISION, row.suggestion(), Grounds.class));
    }
}
