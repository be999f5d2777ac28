package cahier.app.roadmap;

import cahier.app.scope.PracticeId;
import cahier.app.shelf.School;
import cahier.app.shelf.Template;
import cahier.app.shelf.TemplateFile;
import cahier.app.shelf.Templates;
import cahier.app.track.KeyedPlan;
import cahier.app.track.Track;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.core.method.Method;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Holds a track against the newer version of its template, and takes of it what the trainer ticked (docs/rules.md 35). */
@Service
@Transactional
public class Newer {

    private final Tracks tracks;
    private final Templates templates;
    private final Roadmaps roadmaps;
    private final Taken taken;

    Newer(Tracks tracks, Templates templates, Roadmaps roadmaps, Taken taken) {
        this.tracks = tracks;
        this.templates = templates;
        this.roadmaps = roadmaps;
        this.taken = taken;
    }

    /** Tells the template as it is now from what it may be by the time an answer comes; empty where there is none. */
    @Transactional(readOnly = true)
    String now(Track track) {
        return templates.find(track.practiceId(), track.template()).map(TemplateFile::digest).orElse("");
    }

    /** What the template has newer than the track; empty where it has nothing, or its goal is reached. */
    @Transactional(readOnly = true)
    public Optional<TrackChange> pending(TrackSteps map) {
        Track track = map.track();
        if (track.template().isEmpty() || track.isDone()) {
            return Optional.empty();
        }
        return templates.find(track.practiceId(), track.template()).filter(now -> !TemplateFile.digest(now).equals(track.templateDigest()))
                .map(now -> change(map, now)).filter(c -> !c.isNothing());
    }

    private TrackChange change(TrackSteps map, Template now) {
        Track track = map.track();
        Method school = School.read(track.school());
        Template.InSchool before = templates.kept(track).map(t -> t.in(school, track.dogName())).orElseGet(() -> asItStands(map));
        return TrackChange.of(track, map.steps(), before, now.in(school, track.dogName()));
    }

    /** Where nobody kept the template, every step of its counts as written by it, so that all that differs is shown. */
    private static Template.InSchool asItStands(TrackSteps map) {
        return new Template.InSchool(map.track().goal(), map.track().plan(),
                map.steps().stream().filter(s -> !s.templateKey().isEmpty()).map(s -> new KeyedPlan(s.templateKey(), s.written())).toList(), List.of());
    }

    /** Takes what was ticked; the rest stays, and is not asked about again until the template changes once more. */
    void take(PracticeId practice, long id, Taken.Choice choice, String who, Instant now) {
        TrackSteps map = tracks.locked(practice, id);
        Track track = map.track();
        pending(map).ifPresent(change -> taken.take(practice, change, choice, who, now));
        templates.find(practice, track.template()).ifPresent(t -> tracks.keepTemplate(practice, id, TemplateFile.digest(t), TemplateFile.write(t)));
        roadmaps.refuseCycle(practice, track.householdId());
    }
}
