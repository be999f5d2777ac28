package cahier.app.roadmap;

import cahier.app.method.Methods;
import cahier.app.scope.PracticeId;
import cahier.app.shelf.School;
import cahier.app.shelf.Template;
import cahier.app.shelf.Templates;
import cahier.app.track.Track;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.core.method.Method;
import java.time.Instant;
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
    private final Taken taken;
    private final Methods methods;
    private final Roadmaps roadmaps;

    SchoolChange(Tracks tracks, Templates templates, Taken taken, Methods methods, Roadmaps roadmaps) {
        this.tracks = tracks;
        this.templates = templates;
        this.taken = taken;
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
        Optional<Template> template = templates.taken(track);
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
                taken.take(practice, change, Taken.ALL, who, now);
            }
            tracks.settle(practice, change.track().id(), school);
        }
        roadmaps.refuseCycle(practice, household);
    }
}
