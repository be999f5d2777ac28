package cahier.app.sheet;

import cahier.app.household.Households;
import cahier.app.judge.Answers;
import cahier.app.judge.Decided;
import cahier.app.judge.Judgements;
import cahier.app.judge.Suggested;
import cahier.app.roadmap.RoadmapTrack;
import cahier.app.roadmap.Roadmaps;
import cahier.app.track.MovesOn;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.core.decide.Decision;
import cahier.core.decide.Standing;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Where the owner may move on, a step up or back is carried out as soon as it is suggested, and the sheet follows (docs/rules.md 4). */
@Component
class OwnerMoves {

    private final Tracks tracks;
    private final Judgements judgements;
    private final Answers answers;
    private final Homeworks homeworks;
    private final Roadmaps roadmaps;
    private final Households households;

    OwnerMoves(Tracks tracks, Judgements judgements, Answers answers, Homeworks homeworks, Roadmaps roadmaps, Households households) {
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
        judgements.open(event.practice(), event.track()).filter(d -> moves(map, d, event)).ifPresent(d -> answers.apply(event.practice(), d, by, event.at()));
        homeworks.follow(event.practice(), household, event.track(), true, by, event.at());
    }

    private boolean moves(TrackSteps map, Decided open, Suggested event) {
        boolean afterTooMuch = judgements.isAfterTooMuch(event.practice(), event.track());
        boolean goes = open.suggested() == Decision.BACK || open.suggested() == Decision.UP && !nextWaits(map, event);
        return goes && open.visitId() == map.visit().orElseThrow().id() && !isTakenBack(open, event) && Standing.appliesByItself(open.grounds().suggestion(), afterTooMuch);
    }

    /** What the trainer took back is not carried out again on the same reps. */
    private boolean isTakenBack(Decided open, Suggested event) {
        return judgements.history(event.practice(), event.track()).stream().anyMatch(d -> d.state() == Decided.State.UNDONE && d.visitId() == open.visitId()
                && d.suggested() == open.suggested() && d.grounds().reps() == open.grounds().reps());
    }

    /** A step that waits, for another track or by itself, is the trainer's to open. */
    private boolean nextWaits(TrackSteps map, Suggested event) {
        return roadmaps.of(event.practice(), map.track().householdId(), event.at()).stream().filter(w -> w.track().id() == map.track().id()).anyMatch(RoadmapTrack::nextWaits);
    }
}
