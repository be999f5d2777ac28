package cahier.app.step;

import cahier.app.household.Place;
import cahier.app.track.PayWords;
import cahier.app.track.Step;
import cahier.app.track.StepPlan;
import cahier.app.track.Track;
import cahier.app.track.TrackSteps;
import cahier.app.web.Check;
import cahier.core.climb.Between;
import cahier.core.climb.Between.Asks;
import cahier.core.climb.Between.Change;
import cahier.core.climb.Between.Criterion;
import cahier.core.climb.Between.Harder;
import cahier.core.decide.TrackKind;
import cahier.core.gate.Topic;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalInt;

/** A step written between two is easier than the one it is split from: what is not is refused beside its field (docs/rules.md 4, SPLIT). */
public final class Easier {

    private static final Map<Criterion, String> FIELDS = Map.of(Criterion.PLACE, "place", Criterion.FOOD, "food", Criterion.DISTANCE, "distance", Criterion.DURATION, "duration", Criterion.DISTRACTION, "distraction",
            Criterion.COMPANY, "who", Criterion.HELPER, "helper", Criterion.AID, "aid", Criterion.WORD, "word", Criterion.CHAIN, "events");

    private Easier() {
    }

    public static void check(Check check, StepPlan between, TrackSteps map, List<Place> places) {
        StepPlan upper = map.current().orElseThrow().plan();
        Map<Criterion, Change> changes = Between.compare(asks(between, places), asks(upper, places), distance(map));
        if (Between.isUnchanged(changes)) {
            check.refuse("title", "must be an easier step: it asks the same as “" + upper.title() + "”. Make the distance, the time, the place, the help or another criterion easier");
        }
        Between.harder(changes).forEach(c -> check.refuse(Objects.requireNonNull(FIELDS.get(c)), "must not ask more than “" + upper.title() + "”, which has " + shown(c, upper)));
    }

    /** As the steps of the track say; a track that says nothing, and is about fear, gets harder nearer. */
    private static Harder distance(TrackSteps map) {
        Harder read = Between.direction(map.steps().stream().map(Step::plan).map(StepPlan::distanceM).filter(Objects::nonNull).toList());
        Track track = map.track();
        boolean fear = track.kind() == TrackKind.COMFORT && EnumSet.of(Topic.DOGS, Topic.PEOPLE, Topic.NOISE).contains(track.topic());
        return read == Harder.UNKNOWN && fear ? Harder.NEARER : read;
    }

    private static Asks asks(StepPlan plan, List<Place> places) {
        OptionalInt difficulty = places.stream().filter(p -> p.name().equalsIgnoreCase(plan.place().strip())).mapToInt(Place::difficulty).findFirst();
        return new Asks(plan.place(), difficulty, plan.distanceM(), plan.durationS(), plan.distraction(), plan.who(), plan.teaching().helper().ordinal(), plan.aid(), plan.word(), plan.teaching().events(), plan.teaching().fed().ordinal());
    }

    private static String shown(Criterion criterion, StepPlan upper) {
        String value = switch (criterion) {
            case PLACE -> upper.place();
            case DISTANCE -> upper.distance();
            case DURATION -> upper.duration();
            case DISTRACTION -> upper.distraction();
            case COMPANY -> upper.who();
            case HELPER -> upper.teaching().helper().words();
            case AID -> StepPlan.words(upper.aid());
            case WORD -> upper.word().isEmpty() ? "" : "“" + upper.word() + "”";
            case FOOD -> PayWords.of(upper.teaching().fed());
            case CHAIN -> String.join(", ", upper.teaching().events());
        };
        return value.isEmpty() ? "none" : value;
    }
}
