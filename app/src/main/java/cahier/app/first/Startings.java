package cahier.app.first;

import cahier.app.baseline.Baseline;
import cahier.app.baseline.Baselines;
import cahier.app.scope.PracticeId;
import cahier.app.shelf.Template;
import cahier.app.track.KeyedPlan;
import cahier.app.track.Step;
import cahier.app.track.StepPlan;
import cahier.app.track.Track;
import cahier.app.track.TrackSteps;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;

/** The steps that the baselines of a household propose, for a track that is there and for one that would come from the shelf. */
public final class Startings {

    private Startings() {
    }

    /**
     * Where a track may start; empty once it was practised or the dog was put on a step, and where it stands there already.
     *
     * @param practised whether a rep of it was logged
     */
    public static Optional<Start> proposed(TrackSteps map, List<Baseline> baselines, boolean practised) {
        boolean untouched = !practised && map.visit().filter(v -> v.enteredBy() == null).isPresent();
        return untouched ? of(map, baselines) : Optional.empty();
    }

    /** Where it may start whatever was done since; empty where it stands there already, or further. */
    static Optional<Start> of(TrackSteps map, List<Baseline> baselines) {
        List<StepPlan> plans = map.steps().stream().map(Step::plan).toList();
        return baselines.stream().filter(b -> !b.isOpen() && b.concerns(map.track(), plans)).findFirst()
                .flatMap(b -> Baselines.start(map, b).filter(at -> at > map.currentIndex().orElse(0)).map(at -> new Start(at, by(b))));
    }

    /** The same of a template, for one dog. */
    static Optional<Start> of(Template template, List<KeyedPlan> plans, PracticeId practice, long dog, List<Baseline> baselines) {
        Track track = Track.fresh(practice, 0, dog, template.title(), template.goal(), "", template.kind(), template.topic(), "", "");
        List<Step> steps = IntStream.range(0, plans.size()).mapToObj(i -> new Step(i, 0, i, 0, plans.get(i).plan(), plans.get(i).key())).toList();
        return of(new TrackSteps(track, steps, Optional.empty()), baselines);
    }

    private static String by(Baseline baseline) {
        String about = baseline.about().isEmpty() ? "" : ", " + baseline.about().toLowerCase(Locale.ROOT);
        return baseline.kind().words().toLowerCase(Locale.ROOT) + about + ": " + baseline.result();
    }
}
