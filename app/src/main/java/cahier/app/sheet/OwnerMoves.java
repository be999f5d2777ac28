package cahier.app.sheet;

import cahier.app.household.Households;
import cahier.app.judge.Answers;
import cahier.app.judge.Decided;
import cahier.app.judge.Judgements;
import cahier.app.judge.Suggested;
import cahier.app.roadmap.Roadmaps;
import cahier.app.track.MovesOn;
import cahier.app.track.Roadmap;
import cahier.app.track.Tracks;
import cahier.core.decide.Decision;
import cahier.core.decide.Standing;
import java.util.Optional;
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
        Roadmap map = tracks.get(event.practice(), event.track());
        if (map.track().movesOn() != MovesOn.OWNER) {
            return;
        }
        Optional<Decided> open = judgements.open(event.practice(), event.track()).filter(d -> moves(map, d, event));
        if (open.isPresent()) {
            String by = households.get(event.practice(), map.track().householdId()).name();
            if (answers.apply(event.practice(), open.get(), by, event.at()) == Answers.Result.DONE) {
                homeworks.moveOn(event.practice(), map.track().householdId(), event.track(), by, event.at());
            }
        }
    }

    private boolean moves(Roadmap map, Decided open, Suggested event) {
        boolean afterTooMuch = map.visit().orElseThrow().enteredAfterTooMuch();
        boolean goes = open.suggested() == Decision.BACK || open.suggested() == Decision.UP && !nextWaits(map, event);
        return goes && open.visitId() == map.visit().orElseThrow().id() && Standing.appliesByItself(open.grounds().suggestion(), afterTooMuch);
    }

    /** A step that waits for another track is the trainer's to open. */
    private boolean nextWaits(Roadmap map, Suggested event) {
        return roadmaps.of(event.practice(), map.track().householdId(), event.at()).stream().filter(w -> w.track().id() == map.track().id())
                .flatMap(w -> w.later().stream()).anyMatch(wait -> wait.number() <= map.number() + 1);
    }
}
