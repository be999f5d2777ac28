package cahier.app.forecast;

import cahier.app.scope.PracticeId;
import cahier.core.forecast.Effort;
import cahier.core.forecast.Prior;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** What the tracks that ended in a practice say of the next one (docs/rules.md 8). */
@Component
class Priors {

    private static final int MOST = 50;

    private final KeptForecastMapper kept;

    Priors(KeptForecastMapper kept) {
        this.kept = kept;
    }

    Prior of(PracticeId practice) {
        Map<Long, List<KeptForecastMapper.Ended>> tracks = new LinkedHashMap<>();
        kept.endedSteps(practice, MOST).forEach(s -> tracks.computeIfAbsent(s.trackId(), id -> new ArrayList<>()).add(s));
        return Prior.of(tracks.values().stream().map(Priors::needed).toList());
    }

    /** Reps of a step put in between count for the one above it. */
    private static List<Double> needed(Collection<KeptForecastMapper.Ended> steps) {
        List<Double> needed = new ArrayList<>();
        int spent = 0;
        for (KeptForecastMapper.Ended step : steps) {
            spent += step.spent();
            if (!step.putBetween() && spent > 0) {
                needed.add(Math.log(spent / Effort.baseline(step.pass().rule(step.run(), step.durationS(), step.kind(), null, step.often()), Math.max(1, step.reps()))));
                spent = 0;
            }
        }
        return needed;
    }
}
