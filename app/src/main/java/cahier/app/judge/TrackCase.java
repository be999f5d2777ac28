package cahier.app.judge;

import cahier.app.alarm.Alarms;
import cahier.app.household.Household;
import cahier.app.log.KeptRep;
import cahier.app.log.RepLog;
import cahier.app.track.Stay;
import cahier.app.track.Step;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.core.decide.Case;
import cahier.core.decide.Judge;
import cahier.core.decide.PersonGap;
import cahier.core.decide.Refresh;
import cahier.core.decide.Replay;
import cahier.core.decide.TrackKind;
import cahier.core.pass.PassRule;
import cahier.core.rep.LoggedRep;
import cahier.core.rep.Session;
import cahier.core.rep.Sessions;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Gathers what the core needs to judge a track from the tables. */
@Component
class TrackCase {

    /** Reps before the visit that may belong to its first session, or take a cold start away. */
    private static final Duration BEFORE_THE_VISIT = Duration.ofDays(1);

    private final RepLog log;
    private final Tracks tracks;
    private final DecisionMapper decisions;
    private final Alarms alarms;

    TrackCase(RepLog log, Tracks tracks, DecisionMapper decisions, Alarms alarms) {
        this.log = log;
        this.tracks = tracks;
        this.decisions = decisions;
        this.alarms = alarms;
    }

    /** The pass rule a step has on a track of this kind. */
    static PassRule ruleOf(Step step, TrackKind kind) {
        return step.plan().rule(kind);
    }

    Case of(Household household, TrackSteps roadmap, Stay visit, Instant now) {
        int index = roadmap.currentIndex().orElseThrow();
        LocalDate today = now.atZone(household.zone()).toLocalDate();
        Case alone = new Case(roadmap.track().kind(), ruleOf(roadmap.steps().get(index), roadmap.track().kind()), roadmap.track().staleDays(),
                new cahier.core.rep.Visit(sessions(household, roadmap, visit)),
                new Case.Step(index, roadmap.steps().size(), visit.enteredAfterTooMuch(),
                        tracks.wasLeftByBack(household.practiceId(), visit.stepId()),
                        Math.max(0, ChronoUnit.DAYS.between(visit.enteredAt().atZone(household.zone()).toLocalDate(), today))),
                history(household, roadmap, today));
        return alone.after(Replay.gapBeforeLast(alone));
    }

    /** Every session of a track since its goal was reached, as a case on its last step. */
    Case sinceDone(Household household, TrackSteps roadmap, Instant done, Instant now) {
        int last = roadmap.steps().size() - 1;
        List<LoggedRep> logged = log.ofDog(household.practiceId(), roadmap.track().dogId(), done.minus(BEFORE_THE_VISIT)).stream().map(KeptRep::toLogged).toList();
        List<Session> sessions = Sessions.ofTrack(logged, roadmap.track().id(), r -> r.rep().at().isAfter(done), household.zone());
        return new Case(roadmap.track().kind(), ruleOf(roadmap.steps().get(last), roadmap.track().kind()), roadmap.track().staleDays(), new cahier.core.rep.Visit(sessions),
                new Case.Step(last, roadmap.steps().size(), false, false, 0), history(household, roadmap, now.atZone(household.zone()).toLocalDate()));
    }

    private List<Session> sessions(Household household, TrackSteps roadmap, Stay visit) {
        List<KeptRep> reps = log.ofDog(household.practiceId(), roadmap.track().dogId(), visit.enteredAt().minus(BEFORE_THE_VISIT));
        Set<UUID> inVisit = reps.stream().filter(r -> Objects.equals(r.visitId(), visit.id())).map(KeptRep::id).collect(Collectors.toSet());
        List<LoggedRep> logged = reps.stream().map(KeptRep::toLogged).toList();
        return Sessions.ofTrack(logged, roadmap.track().id(), r -> inVisit.contains(r.rep().id()), household.zone());
    }

    private Case.History history(Household household, TrackSteps roadmap, LocalDate today) {
        long track = roadmap.track().id();
        Optional<Instant> callAnswered = Optional.ofNullable(decisions.lastCallAnswered(household.practiceId(), track));
        OptionalLong sinceRep = log.latestOfTrack(household.practiceId(), track, 1).stream()
                .mapToLong(r -> ChronoUnit.DAYS.between(r.happenedAt().atZone(household.zone()).toLocalDate(), today)).findFirst();
        Instant before = callAnswered.orElse(Instant.EPOCH);
        Instant since = roadmap.current().filter(s -> s.measure().isPresent()).flatMap(s -> roadmap.visit()).map(Stay::enteredAt).filter(before::isBefore).orElse(before); // what was logged before it measured is history
        return new Case.History(alarms.open(household.practiceId(), household.id()).stream().anyMatch(a -> a.dogId() == roadmap.track().dogId()), sinceRep,
                log.tooMuchInLast(household.practiceId(), track, Judge.TOO_OFTEN_REPS, since), callAnswered,
                PersonGap.Before.NONE, Refresh.wasLatest(log.daysOfTrack(household.practiceId(), track), roadmap.track().staleDays()));
    }
}
