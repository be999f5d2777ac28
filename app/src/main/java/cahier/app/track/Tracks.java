package cahier.app.track;

import cahier.app.scope.PracticeId;
import cahier.app.web.NotFound;
import cahier.app.web.StaleEdit;
import cahier.core.decide.Cause;
import cahier.core.decide.Decision;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tracks and the dog's way along them. */
@Service
@Transactional
public class Tracks {

    private final TrackMapper tracks;
    private final StepMapper steps;
    private final VisitMapper visits;

    private final ApplicationEventPublisher events;

    Tracks(TrackMapper tracks, StepMapper steps, VisitMapper visits, ApplicationEventPublisher events) {
        this.events = events;
        this.tracks = tracks;
        this.steps = steps;
        this.visits = visits;
    }

    /** Every track of a household with its steps; done ones last. */
    public List<TrackSteps> ofHousehold(PracticeId practice, long household) {
        Map<Long, List<Step>> byTrack = steps.ofHousehold(practice, household).stream().map(StepRow::toStep).collect(Collectors.groupingBy(Step::trackId));
        Map<Long, Stay> open = visits.ofHousehold(practice, household).stream().filter(Stay::isOpen).collect(Collectors.toMap(Stay::trackId, Function.identity()));
        return tracks.ofHousehold(practice, household).stream()
                .map(t -> new TrackSteps(t, byTrack.getOrDefault(t.id(), List.of()), Optional.ofNullable(open.get(t.id())))).toList();
    }

    /** One track with its steps, or the page for what does not exist. */
    public TrackSteps get(PracticeId practice, long id) {
        return roadmap(tracks.find(practice, id).orElseThrow(() -> new NotFound("track " + id)));
    }

    /** Those of these tracks that are skills whose owner may move on, rested ones left out. */
    public List<TrackSteps> goingOn(PracticeId practice, Collection<Long> ids) {
        return ids.isEmpty() ? List.of() : tracks.goingOn(practice, ids).stream().map(id -> get(practice, id)).toList();
    }

    /** As {@link #get}, and nobody else changes the track until the transaction ends. */
    public TrackSteps locked(PracticeId practice, long id) {
        return tracks.lock(practice, id).map(locked -> get(practice, locked)).orElseThrow(() -> new NotFound("track " + id));
    }

    /** The stays on the track's steps, oldest first, undone ones left out. */
    public List<Stay> visits(Track track) {
        return visits.ofHousehold(track.practiceId(), track.householdId()).stream().filter(v -> v.trackId() == track.id()).toList();
    }

    /** Whether the step was left by BACK since it was made or split. */
    public boolean wasLeftByBack(PracticeId practice, long step) {
        return visits.wasLeftByBack(practice, step);
    }

    /** Keeps a new track; the dog starts on the first of its steps. Returns its id. */
    public long add(PracticeId practice, Track track, List<KeyedPlan> plans, Instant now) {
        long id = tracks.insert(practice, track);
        plans.forEach(plan -> addStep(practice, id, plan, Integer.MAX_VALUE, now));
        changed(practice, id, now);
        return id;
    }

    /** Puts new steps at the end of a track, all of them or none. */
    public void addSteps(PracticeId practice, long track, List<StepPlan> plans, Instant now) {
        addSteps(practice, track, plans, get(practice, track).steps().size(), now);
    }

    /** Puts new steps, in their order, at this 0-based place; all of them or none. */
    public void addSteps(PracticeId practice, long track, List<StepPlan> plans, int place, Instant now) {
        for (int i = 0; i < plans.size(); i++) {
            addStep(practice, track, KeyedPlan.own(plans.get(i)), place + i, now);
        }
    }

    /** Saves an edit, unless someone saved another meanwhile. */
    public void save(PracticeId practice, Track edited, Instant now) {
        if (tracks.update(practice, edited) == 0) {
            Track saved = get(practice, edited.id()).track();
            throw new StaleEdit(saved.title(), "/tracks/" + saved.id() + "/edit", List.of(
                    new StaleEdit.Difference("Title", saved.title(), edited.title()),
                    new StaleEdit.Difference("Goal", saved.goal(), edited.goal()),
                    new StaleEdit.Difference("Plan", saved.plan(), edited.plan()),
                    new StaleEdit.Difference("Kind", saved.kind().name(), edited.kind().name()),
                    new StaleEdit.Difference("About", saved.topic().name(), edited.topic().name())));
        }
        changed(practice, edited.id(), now);
    }

    /** From now on the owner moves the dog on in these, by the rules (docs/rules.md 4). */
    public void letMoveOn(PracticeId practice, List<Track> which, Instant now) {
        which.forEach(t -> save(practice, t.edited(t.title(), t.goal(), t.plan(), t.kind(), t.topic(), t.staleDays(), MovesOn.OWNER, t.version()), now));
    }

    /** Moves a track one place up ({@code by} -1) or down (+1) in the trainer's order, past the tracks that are not done. */
    public void moveTrack(PracticeId practice, long id, int by) {
        List<Track> open = new ArrayList<>(tracks.ofHousehold(practice, get(practice, id).track().householdId()).stream().filter(t -> !t.isDone()).toList());
        int from = open.stream().map(Track::id).toList().indexOf(id);
        int to = from + Integer.signum(by);
        if (from >= 0 && to >= 0 && to < open.size()) {
            open.add(to, open.remove(from));
            for (int i = 0; i < open.size(); i++) {
                tracks.place(practice, open.get(i).id(), i + 1);
            }
        }
    }

    /** Rests a track until a day, or no longer. */
    public void park(PracticeId practice, long id, @Nullable LocalDate until) {
        tracks.park(practice, get(practice, id).track().id(), until);
    }

    /** A step that has not been removed, with its track. */
    public Step step(PracticeId practice, long id) {
        return steps.find(practice, id).map(StepRow::toStep).orElseThrow(() -> new NotFound("step " + id));
    }

    /** Puts a new step at this 0-based place, or at the end. The first step of a track gets the dog. Returns its id. */
    public long addStep(PracticeId practice, long track, KeyedPlan plan, int place, Instant now) {
        long id = insert(practice, track, plan, place, now);
        changed(practice, track, now);
        return id;
    }

    /** Puts an easier step below the current one, which counts as split from now. Returns its id. */
    public long splitStep(PracticeId practice, long track, StepPlan easier, Instant now) {
        TrackSteps roadmap = locked(practice, track);
        long id = insert(practice, track, KeyedPlan.own(easier), roadmap.currentIndex().orElseThrow(), now);
        steps.markSplit(practice, roadmap.current().orElseThrow().id(), now);
        return id;
    }

    private long insert(PracticeId practice, long track, KeyedPlan plan, int place, Instant now) {
        TrackSteps roadmap = locked(practice, track);
        int at = Math.min(place, roadmap.steps().size());
        long id = steps.insert(practice, roadmap.track().householdId(), track, at, plan.plan(), plan.key(), now);
        List<Step> after = roadmap.steps().subList(at, roadmap.steps().size());
        for (int i = 0; i < after.size(); i++) {
            steps.place(practice, after.get(i).id(), at + 1 + i);
        }
        if (roadmap.visit().isEmpty() && !roadmap.track().isDone()) {
            enter(practice, track, id, now, null, null);
        }
        return id;
    }

    /** The dog comes to a step: what it is passed by, where that goes by how often it is practised, stays for as long as the dog does. */
    private long enter(PracticeId practice, long track, long step, Instant now, @Nullable String by, @Nullable String cause) {
        long visit = visits.enter(practice, track, step, now, by, cause);
        tracks.settleRhythm(practice, track, now);
        return visit;
    }

    /** Saves an edit, unless someone saved another meanwhile. */
    public void saveStep(PracticeId practice, long id, int version, StepPlan plan, Instant now) {
        Step saved = step(practice, id);
        if (steps.update(practice, id, version, plan) == 0) {
            StepPlan newer = step(practice, id).written();
            throw new StaleEdit(newer.title(), "/steps/" + id, StepDifferences.between(newer, plan));
        }
        changed(practice, saved.trackId(), now);
    }

    /** Keeps where a step that measures stands now. No edit of anybody's: what is being edited meanwhile goes on. */
    public void adjust(PracticeId practice, long step, Adjusted now) {
        steps.adjust(practice, step, now);
    }

    /** Moves a step so many places towards the start ({@code by} below 0) or the goal; past an end it stays where it is. */
    public void moveStep(PracticeId practice, long id, int by, Instant now) {
        TrackSteps roadmap = locked(practice, step(practice, id).trackId());
        int from = roadmap.indexOf(id).orElseThrow(() -> new NotFound("step " + id));
        long to = (long) from + by;
        if (by != 0 && to >= 0 && to < roadmap.steps().size()) {
            List<Long> ids = new ArrayList<>(roadmap.steps().stream().map(Step::id).toList());
            ids.add((int) to, ids.remove(from));
            order(practice, roadmap.track().id(), ids, now);
        }
    }

    /** Puts the steps of a track into this order; those that are not named follow. */
    public void order(PracticeId practice, long track, List<Long> ids, Instant now) {
        locked(practice, track);
        for (int i = 0; i < ids.size(); i++) {
            steps.place(practice, ids.get(i), i - ids.size());
        }
        renumber(practice, track);
        changed(practice, track, now);
    }

    /** Remembers with which school the template's steps were written. */
    public void settle(PracticeId practice, long track, String school) {
        tracks.settle(practice, track, school);
    }

    /** Keeps the template as it was taken, or as it was looked at last. */
    public void keepTemplate(PracticeId practice, long track, String digest, String body) {
        tracks.settleTemplate(practice, track, digest);
        tracks.keepTemplate(practice, track, body);
    }

    /** The template as it was taken; empty where that is not known. */
    public Optional<String> keptTemplate(PracticeId practice, long track) {
        return tracks.keptTemplate(practice, track);
    }

    /** A track that was made from another version of a template. */
    public record Older(long id, String title, String dog, String household) {
    }

    /** Those that are worked and were made from another version of this template, or from one that is not known; 100 at the most. */
    public List<Older> older(PracticeId practice, String template, String digest) {
        return tracks.older(practice, template, digest);
    }

    /** Takes a step out; false when the dog is on it and other steps are left, because then the trainer must say where it goes. */
    public boolean removeStep(PracticeId practice, long id, Instant now) {
        TrackSteps roadmap = locked(practice, step(practice, id).trackId());
        boolean current = roadmap.current().filter(s -> s.id() == id).isPresent();
        if (current && roadmap.steps().size() > 1) {
            return false;
        }
        if (current) {
            visits.leave(practice, roadmap.track().id(), now, "MOVED");
        }
        steps.setRemoved(practice, id, now);
        renumber(practice, roadmap.track().id());
        changed(practice, roadmap.track().id(), now);
        return true;
    }

    /** Puts a removed step back where it was. */
    public void restoreStep(PracticeId practice, long id, Instant now) {
        Step step = step(practice, id);
        List<Long> ids = new ArrayList<>(locked(practice, step.trackId()).steps().stream().map(Step::id).filter(i -> i != id).toList());
        ids.add(Math.min(step.position(), ids.size()), id);
        steps.setRemoved(practice, id, null);
        order(practice, step.trackId(), ids, now);
        TrackSteps roadmap = get(practice, step.trackId());
        if (roadmap.visit().isEmpty() && !roadmap.track().isDone()) {
            enter(practice, step.trackId(), id, now, null, null);
            changed(practice, step.trackId(), now);
        }
    }

    private void renumber(PracticeId practice, long track) {
        List<StepRow> left = steps.ofTrack(practice, track);
        for (int i = 0; i < left.size(); i++) {
            steps.place(practice, left.get(i).id(), i);
        }
    }

    /**
     * Ends the stay on the current step and begins one on another. Returns the new visit's id.
     *
     * @param who as decisions are signed
     */
    public long move(PracticeId practice, long track, long toStep, @Nullable Decision by, @Nullable Cause cause, String who, Instant now) {
        String word = by == null ? "MOVED" : by.name();
        visits.leave(practice, track, now, word);
        tracks.setDone(practice, track, null);
        long visit = enter(practice, track, toStep, now, word, cause == null ? null : cause.name());
        moved(practice, track, who, now);
        return visit;
    }

    /** Rests the track until the trainer takes it up again. */
    public void rest(PracticeId practice, long track, String why, String who, Instant now) {
        tracks.rest(practice, track, now, why);
        moved(practice, track, who, now);
    }

    /** The trainer takes a rested track up again, at the step the dog stands on. The sheet that is out does not follow by itself. */
    public void takeUp(PracticeId practice, long track, Instant now) {
        tracks.rest(practice, get(practice, track).track().id(), null, "");
        changed(practice, track, now);
    }

    /** A track begun by mistake or not wanted any more: off the roadmap, the sheet and the phone; what was logged stays. */
    public void takeOff(PracticeId practice, long track, String who, Instant now) {
        tracks.takeOff(practice, locked(practice, track).track().id(), now);
        over(practice, List.of(track), who, now);
    }

    /** What was taken off is worked on again, where it stood. The sheet that is out does not follow by itself. */
    public void putBack(PracticeId practice, long track, Instant now) {
        tracks.takeOff(practice, locked(practice, track).track().id(), null);
        changed(practice, track, now);
    }

    /** Those of a household that were taken off, the latest first. */
    public List<Track> takenOff(PracticeId practice, long household) {
        return tracks.takenOff(practice, household);
    }

    /** Its dog went or came back, or the household was closed or opened: to be called once that is kept. Dog 0 stands for every dog. */
    public void over(PracticeId practice, long household, long dog, String who, Instant now) {
        over(practice, tracks.ids(practice, household, dog), who, now);
    }

    private void over(PracticeId practice, List<Long> ids, String who, Instant now) {
        ids.forEach(id -> {
            changed(practice, id, now);
            moved(practice, id, who, now);
        });
    }

    /** By {@link TrackChanged}: not for a step up or back that answers a suggestion, after which the answer stands in the margin. */
    private void changed(PracticeId practice, long track, Instant now) {
        events.publishEvent(new TrackChanged(practice, track, now));
    }

    private void moved(PracticeId practice, long track, String who, Instant now) {
        events.publishEvent(new DogMoved(practice, get(practice, track).track().householdId(), track, who, now));
    }

    /** The goal is reached: the dog leaves the last step. */
    public void finish(PracticeId practice, long track, Instant now) {
        visits.leave(practice, track, now, Decision.DONE.name());
        tracks.setDone(practice, track, now);
    }

    /** What was reached does not hold: the dog is on the last step again. Returns the visit's id. The sheet does not follow upwards by itself. */
    public long reopen(PracticeId practice, long track, Instant now) {
        TrackSteps roadmap = locked(practice, track);
        tracks.setDone(practice, track, null);
        return enter(practice, track, roadmap.steps().get(roadmap.steps().size() - 1).id(), now, "REOPENED", null);
    }

    /** Takes a move or a finish back: the former stay goes on as if it had never ended. */
    public void unmove(PracticeId practice, long track, long formerVisit, @Nullable Long newVisit, String who, Instant now) {
        if (newVisit != null) {
            visits.undo(practice, newVisit, now);
        }
        tracks.setDone(practice, track, null);
        visits.reopen(practice, formerVisit);
        moved(practice, track, who, now);
    }

    private TrackSteps roadmap(Track track) {
        List<Step> list = steps.ofTrack(track.practiceId(), track.id()).stream().map(StepRow::toStep).toList();
        return new TrackSteps(track, list, visits.open(track.practiceId(), track.id()));
    }
}
