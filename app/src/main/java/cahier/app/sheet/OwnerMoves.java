package cahier.app.sheet;

import cahier.app.household.Households;
import cahier.app.judge.Answers;
import cahier.app.judge.Decided;
import cahier.app.judge.Judgements;
import cahier.app.judge.MayGoOn;
import cahier.app.judge.Suggested;
import cahier.app.log.RepVoided;
import cahier.app.log.RepsCame;
import cahier.app.roadmap.RoadmapTrack;
import cahier.app.roadmap.Roadmaps;
import cahier.app.scope.PracticeId;
import cahier.app.track.MovesOn;
import cahier.app.track.StepPlan;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.core.decide.Decision;
import cahier.core.decide.Standing;
import cahier.core.decide.Suggestion;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Where the owner may move on, a step up, back or between is carried out as soon as it is suggested, on SKILL up with the rep that earned it, and the sheet follows (docs/rules.md 4). */
@Component
class OwnerMoves {

    private final Tracks tracks;
    private final Judgements judgements;
    private final Answers answers;
    private final Homeworks homeworks;
    private final Roadmaps roadmaps;
    private final Households households;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    OwnerMoves(Tracks tracks, Judgements judgements, Answers answers, Homeworks homeworks, Roadmaps roadmaps, Households households, ApplicationEventPublisher events, Clock clock) {
        this.events = events;
        this.clock = clock;
        this.tracks = tracks;
        this.judgements = judgements;
        this.answers = answers;
        this.homeworks = homeworks;
        this.roadmaps = roadmaps;
        this.households = households;
    }

    @EventListener
    void on(Suggested event) {
        TrackSteps map = tracks.get(event.practice(), event.track());
        if (map.track().movesOn() != MovesOn.OWNER || map.track().isRested()) {
            return;
        }
        long household = map.track().householdId();
        String by = households.get(event.practice(), household).name();
        judgements.open(event.practice(), event.track()).ifPresent(d -> move(map, d, by, event));
        homeworks.follow(event.practice(), household, event.track(), true, by, event.at());
    }

    /** Reps of a skill whose owner may move on: no session has to close before it goes up. */
    @EventListener
    void on(RepsCame event) {
        Instant now = Instant.now(clock);
        tracks.goingOn(event.practice(), event.lastOfTrack().keySet()).stream().filter(map -> goesOnWithin(map, now))
                .forEach(map -> events.publishEvent(new MayGoOn(event.practice(), map.track().id(), now)));
    }

    /** The rep that earned it was tapped wrong. */
    @EventListener
    void on(RepVoided event) {
        for (TrackSteps map : event.byTrainer() ? List.<TrackSteps>of() : tracks.goingOn(event.practice(), List.of(event.track()))) {
            answers.takeBackUp(event.practice(), event.track(), households.get(event.practice(), map.track().householdId()).name(), event.at());
        }
    }

    private boolean goesOnWithin(TrackSteps map, Instant now) {
        return map.above().isPresent() && map.current().filter(s -> s.measure().isEmpty()).isPresent()
                && !judgements.isAfterTooMuch(map.track().practiceId(), map.track().id()) && !nextWaits(map.track().practiceId(), map, now);
    }

    private void move(TrackSteps map, Decided open, String by, Suggested event) {
        if (open.visitId() != map.visit().orElseThrow().id() || isTakenBack(open, event)) {
            return;
        }
        Suggestion stands = open.grounds().suggestion();
        Optional<StepPlan> between = Standing.splitsByItself(stands, map.track().kind()) ? map.between() : Optional.empty();
        boolean goes = stands.decision() == Decision.BACK || stands.decision() == Decision.UP && !nextWaits(event.practice(), map, event.at());
        if (between.isPresent()) {
            answers.applySplit(event.practice(), open, between.get(), by, event.at());
        } else if (goes && Standing.appliesByItself(stands, judgements.isAfterTooMuch(event.practice(), event.track()))) {
            answers.apply(event.practice(), open, by, event.at());
        }
    }

    /** What the trainer took back is not carried out again on the same reps. */
    private boolean isTakenBack(Decided open, Suggested event) {
        return judgements.history(event.practice(), event.track()).stream().anyMatch(d -> d.state() == Decided.State.UNDONE && d.visitId() == open.visitId()
                && d.suggested() == open.suggested() && d.grounds().reps() == open.grounds().reps());
    }

    /** A step that waits, for another track or by itself, is the trainer's to open. */
    private boolean nextWaits(PracticeId practice, TrackSteps map, Instant now) {
        return roadmaps.of(practice, map.track().householdId(), now).stream().filter(w -> w.track().id() == map.track().id()).anyMatch(RoadmapTrack::nextWaits);
    }
}
