package cahier.app.roadmap;

import cahier.app.household.Dog;
import cahier.app.method.Methods;
import cahier.app.scope.PracticeId;
import cahier.app.shelf.School;
import cahier.app.shelf.Template;
import cahier.app.shelf.Template.Needed;
import cahier.app.shelf.TemplateFile;
import cahier.app.shelf.Templates;
import cahier.app.track.MovesOn;
import cahier.app.track.Step;
import cahier.app.track.Track;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.core.method.Method;
import cahier.core.method.Question;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Starts tracks from templates, in the household's method, and ties them to the dog's other tracks. */
@Service
@Transactional
public class Starts {

    private final Tracks tracks;
    private final Templates templates;
    private final Methods methods;
    private final NeedMapper needs;
    private final Roadmaps roadmaps;

    Starts(Tracks tracks, Templates templates, Methods methods, NeedMapper needs, Roadmaps roadmaps) {
        this.tracks = tracks;
        this.templates = templates;
        this.methods = methods;
        this.needs = needs;
        this.roadmaps = roadmaps;
    }

    /**
     * A track of this dog from a template; the dog starts on its first step. Returns its id.
     *
     * @param name what the track keeps as its template
     */
    public long start(PracticeId practice, long household, Dog dog, String name, Template template, Instant now) {
        Method method = methods.ofHousehold(practice, household);
        Template.InSchool ready = template.in(method, dog.name());
        Track track = Track.fresh(practice, household, dog.id(), template.title(), ready.goal(), ready.plan(), template.kind(), template.topic(), name, School.write(method))
                .movedOnBy(MovesOn.of(method.of(Question.WHO_MOVES_ON)));
        long id = tracks.add(practice, track, ready.steps(), now);
        tracks.keepTemplate(practice, id, TemplateFile.digest(template), TemplateFile.write(template));
        tie(practice, household, id);
        return id;
    }

    /** Writes what the templates of a dog's tracks say about each other: what comes first, what is kept apart. */
    void tie(PracticeId practice, long household, long track) {
        List<TrackSteps> maps = tracks.ofHousehold(practice, household);
        TrackSteps fresh = maps.stream().filter(m -> m.track().id() == track).findFirst().orElseThrow();
        for (TrackSteps other : maps) {
            if (other.track().id() != track && other.track().dogId() == fresh.track().dogId()) {
                tie(practice, fresh, other);
                tie(practice, other, fresh);
            }
        }
    }

    private void tie(PracticeId practice, TrackSteps waiting, TrackSteps first) {
        Optional<Template> mine = templates.find(practice, waiting.track().template());
        Optional<Template> theirs = templates.find(practice, first.track().template());
        if (mine.isEmpty() || theirs.isEmpty()) {
            return;
        }
        long household = waiting.track().householdId();
        if (mine.get().apart().contains(theirs.get().id())) {
            needs.addApart(practice, household, waiting.track().id(), first.track().id());
        }
        for (Needed needed : mine.get().needs()) {
            Optional<Step> from = from(waiting, needed);
            Optional<Step> until = first.steps().stream().filter(s -> s.templateKey().equals(needed.step())).findFirst();
            if (needed.template().equals(theirs.get().id()) && from.isPresent() && until.isPresent() && isAhead(waiting, from.get())) {
                roadmaps.addIfSound(practice, household, new NeedMapper.NeedRow(0, waiting.track().id(), from.get().id(), first.track().id(), until.get().id()));
            }
        }
    }

    private static Optional<Step> from(TrackSteps map, Needed needed) {
        return needed.from() == null ? map.steps().stream().findFirst() : map.steps().stream().filter(s -> s.templateKey().equals(needed.from())).findFirst();
    }

    /** What a dog works already does not begin to wait because another track was added; a track that only just began does. */
    private static boolean isAhead(TrackSteps map, Step from) {
        int at = map.currentIndex().orElse(0);
        int index = map.indexOf(from.id()).orElse(0);
        return !map.track().isDone() && (index > at || at == 0);
    }

    /**
     * A track that a template wants first and that the dog does not have.
     *
     * @param wants the title of the track that wants it
     * @param number the step, from 1, from which on it does
     */
    public record Missing(long dogId, String wants, int number, String template, String title, String why) {
    }

    /** What the templates of the open tracks want first and nobody has started. */
    public List<Missing> missing(PracticeId practice, List<RoadmapTrack> ways) {
        List<Missing> missing = new ArrayList<>();
        for (RoadmapTrack way : ways) {
            Track track = way.track();
            if (track.isDone()) {
                continue;
            }
            for (Needed needed : templates.find(practice, track.template()).map(Template::needs).orElse(List.of())) {
                boolean has = ways.stream().filter(w -> w.track().dogId() == track.dogId())
                        .anyMatch(w -> templates.find(practice, w.track().template()).filter(t -> t.id().equals(needed.template())).isPresent());
                Optional<Step> from = from(way.roadmap(), needed).filter(s -> isAhead(way.roadmap(), s));
                if (!has && from.isPresent()) {
                    int number = way.roadmap().indexOf(from.get().id()).orElse(0) + 1;
                    templates.find(practice, needed.template()).ifPresent(t -> missing.add(
                            new Missing(track.dogId(), track.title(), number, t.id(), t.title(), needed.why() == null ? "" : needed.why())));
                }
            }
        }
        return missing;
    }
}
