package cahier.app.step;

import cahier.app.household.Place;
import cahier.app.language.Words;
import cahier.app.track.PayWords;
import cahier.app.track.StepPlan;
import cahier.app.track.TrackSteps;
import cahier.app.web.Check;
import cahier.core.climb.Between;
import cahier.core.climb.Between.Change;
import cahier.core.climb.Between.Criterion;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** A step written between two is easier than the one it is split from: what is not is refused beside its field (docs/rules.md 4, SPLIT). */
public final class Easier {

    private static final Map<Criterion, String> FIELDS = Map.of(Criterion.PLACE, "place", Criterion.FOOD, "food", Criterion.DISTANCE, "distance", Criterion.DURATION, "duration", Criterion.DISTRACTION, "distraction",
            Criterion.COMPANY, "who", Criterion.HELPER, "helper", Criterion.AID, "aid", Criterion.WORD, "word", Criterion.CHAIN, "events");

    private Easier() {
    }

    public static void check(Check check, StepPlan between, TrackSteps map, List<Place> places) {
        StepPlan upper = map.current().orElseThrow().plan();
        Map<Criterion, Change> changes = Between.compare(StepAsks.of(between, places), StepAsks.of(upper, places), StepAsks.distance(map));
        if (Between.isUnchanged(changes)) {
            check.refuse("title", Words.say("step.Easier.must-be-an-easier-step", upper.title()));
        }
        Between.harder(changes).forEach(c -> check.refuse(Objects.requireNonNull(FIELDS.get(c)), Words.say("step.Easier.must-not-ask-more-than", upper.title(), shown(c, upper))));
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
