package cahier.app.roadmap;

import cahier.app.method.Methods;
import cahier.app.scope.PracticeId;
import cahier.app.shelf.School;
import cahier.app.shelf.Template;
import cahier.app.shelf.Templates;
import cahier.app.track.Step;
import cahier.app.track.Track;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.core.method.Method;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Carries a change of a household's method into the steps that its templates wrote, after it has been shown. */
@Service
@Transactional
public class SchoolChange {

    private final Tracks tracks;
    private final Templates templates;
    private final Methods methods;
    private final Roadmaps roadmaps;

    SchoolChange(Tracks tracks, Templates templates, Methods methods, Roadmaps roadmaps) {
        this.tracks = tracks;
        this.templates = templates;
        this.methods = methods;
        this.roadmaps = roadmaps;
    }

    /** The tracks that are still written in another school than the one that holds, with what would change. */
    public List<TrackChange> pending(PracticeId practice, long household) {
        Method method = methods.ofHousehold(practice, household);
        return tracks.ofHousehold(practice, household).stream().filter(m -> !m.track().isDone()).flatMap(m -> change(m, method).stream()).toList();
    }

    private Optional<TrackChange> change(TrackSteps map, Method method) {
        Track track = map.track();
        Optional<Template> template = templates.find(track.practiceId(), track.template());
        if (template.isEmpty() || track.school().equals(School.write(method))) {
            return Optional.empty();
        }
        TrackChange change = TrackChange.of(track, map.steps(), template.get().in(School.read(track.school()), track.dogName()),
                template.get().in(method, track.dogName()));
        return Optional.of(change).filter(c -> !c.isNothing());
    }

    /** Changes the chosen tracks; the others stay as they are and are not asked about again. */
    public void answer(PracticeId practice, long household, Set<Long> chosen, String who, Instant now) {
        String school = School.write(methods.ofHousehold(practice, household));
        for (TrackChange change : pending(practice, household)) {
            if (chosen.contains(change.track().id())) {
                apply(practice, change, who, now);
            }
            tracks.settle(practice, change.track().id(), school);
        }
        roadmaps.refuseCycle(practice, household);
    }

    private void apply(PracticeId practice, TrackChange change, String who, Instant now) {
        long track = change.track().id();
        List<Long> order = new ArrayList<>();
        Optional<Long> came = Optional.empty();
        for (TrackChange.Slot slot : change.slots()) {
            Step step = slot.step();
            if (step == null) {
                long id = tracks.addStep(practice, track, slot.plan(), Integer.MAX_VALUE, now);
                came = came.or(() -> Optional.of(id));
                order.add(id);
            } else {
                if (slot.changes()) {
                    tracks.saveStep(practice, step.id(), step.version(), slot.plan().plan(), now);
                }
                order.add(step.id());
            }
        }
        long inItsPlace = came.orElse(order.isEmpty() ? 0 : order.get(0));
        for (Step step : change.gone()) {
            if (tracks.get(practice, track).current().filter(s -> s.id() == step.id()).isPresent() && inItsPlace != 0) {
                tracks.move(practice, track, inItsPlace, null, null, who, now);
            }
            tracks.removeStep(practice, step.id(), now);
        }
        tracks.order(practice, track, order, now);
        Track t = change.track();
        if (!change.goal().equals(t.goal())) {
            tracks.save(practice, t.edited(t.title(), change.goal(), t.plan(), t.kind(), t.topic(), t.version()), now);
        }
    }
}
