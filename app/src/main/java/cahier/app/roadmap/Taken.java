package cahier.app.roadmap;

import cahier.app.scope.PracticeId;
import cahier.app.track.Step;
import cahier.app.track.Track;
import cahier.app.track.Tracks;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Carries a change that was shown into a track: all of it, or what was ticked. */
@Service
@Transactional
class Taken {

    /** Everything. */
    static final Choice ALL = new Choice(Optional.empty(), true, true);

    private final Tracks tracks;

    Taken(Tracks tracks) {
        this.tracks = tracks;
    }

    /**
     * What of a change is taken.
     *
     * @param keys of its steps; all of them where there is none
     * @param order whether the steps change places
     * @param goal whether the goal changes
     */
    record Choice(Optional<Set<String>> keys, boolean order, boolean goal) {

        boolean takes(String key) {
            return keys.map(some -> some.contains(key)).orElse(true);
        }
    }

    /** Of a step that goes while the dog is on it, the dog goes to what stands in its place then: the step after the last one before it that stays. */
    void take(PracticeId practice, TrackChange change, Choice choice, String who, Instant now) {
        long track = change.track().id();
        List<Step> before = tracks.get(practice, track).steps();
        List<Long> order = new ArrayList<>();
        for (TrackChange.Slot slot : change.slots()) {
            Step step = slot.step();
            if (step == null) {
                if (choice.takes(slot.plan().key())) {
                    order.add(tracks.addStep(practice, track, slot.plan(), Integer.MAX_VALUE, now));
                }
            } else {
                if (slot.changes() && choice.takes(slot.plan().key())) {
                    tracks.saveStep(practice, step.id(), step.version(), slot.plan().plan(), now);
                }
                order.add(step.id());
            }
        }
        List<Step> gone = change.gone().stream().filter(s -> choice.takes(s.templateKey())).toList();
        List<Long> stay = before.stream().map(Step::id).filter(id -> gone.stream().noneMatch(g -> g.id() == id)).toList();
        if (!choice.order()) {
            inTheirOldPlaces(order, stay);
        }
        stay.stream().filter(id -> !order.contains(id)).forEach(id -> order.add(1 + lastBefore(order, stay.subList(0, stay.indexOf(id))), id));
        List<Long> were = before.stream().map(Step::id).toList();
        for (Step step : gone) {
            if (tracks.get(practice, track).current().filter(s -> s.id() == step.id()).isPresent() && !order.isEmpty()) {
                int place = 1 + lastBefore(order, were.subList(0, were.indexOf(step.id())));
                tracks.move(practice, track, order.get(Math.min(place, order.size() - 1)), null, null, who, now);
            }
            tracks.removeStep(practice, step.id(), now);
        }
        tracks.order(practice, track, order, now);
        Track t = change.track();
        if (choice.goal() && !change.goal().equals(t.goal())) {
            tracks.save(practice, t.edited(t.title(), change.goal(), t.plan(), t.kind(), t.topic(), t.version()), now);
        }
    }

    /** Those that were there keep their order; what comes keeps its place among them. */
    private static void inTheirOldPlaces(List<Long> order, List<Long> before) {
        Iterator<Long> old = before.stream().filter(order::contains).toList().iterator();
        order.replaceAll(id -> before.contains(id) ? old.next() : id);
    }

    private static int lastBefore(List<Long> order, List<Long> earlier) {
        return earlier.stream().mapToInt(order::indexOf).max().orElse(-1);
    }
}
