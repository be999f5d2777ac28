package cahier.app.shelf;

import cahier.app.track.Criterion;
import cahier.app.track.StepPlan;
import cahier.core.rep.Aid;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** How hard the steps of one track are, criterion by criterion (docs/rules.md 35): words rise in the order in which they are first used. */
final class Rising {

    private final List<Map<Criterion, Double>> heights = new ArrayList<>();
    private final List<StepPlan> steps;

    Rising(List<StepPlan> steps) {
        this.steps = steps;
        Map<Criterion, List<Object>> seen = new EnumMap<>(Criterion.class);
        List<Double> distances = steps.stream().map(StepPlan::distanceM).filter(Objects::nonNull).toList();
        boolean nearer = !distances.isEmpty() && distances.get(0) > distances.get(distances.size() - 1);
        for (StepPlan step : steps) {
            Map<Criterion, Double> height = new EnumMap<>(Criterion.class);
            for (Criterion criterion : Criterion.values()) {
                height.put(criterion, switch (criterion) {
                    case DISTANCE -> step.distanceM() == null ? Double.NEGATIVE_INFINITY : nearer ? -step.distanceM() : step.distanceM();
                    case DURATION -> step.durationS() == null ? 0 : step.durationS();
                    case AID -> (double) step.aid().ordinal() - Aid.NONE.ordinal();
                    case CHAIN -> (double) step.teaching().events().size();
                    default -> {
                        List<Object> order = seen.computeIfAbsent(criterion, c -> new ArrayList<>());
                        Object value = criterion.of(step);
                        if (!order.contains(value)) {
                            order.add(value);
                        }
                        yield (double) order.indexOf(value);
                    }
                });
            }
            heights.add(height);
        }
    }

    /** What a step asks more of than another one. */
    List<Criterion> raised(int before, int step) {
        return List.of(Criterion.values()).stream().filter(c -> heights.get(step).get(c) > heights.get(before).get(c)).toList();
    }

    /** A step that measures adjusts itself and is compared with none. */
    private boolean isMeasured(int step) {
        return steps.get(step).teaching().measure() != null;
    }

    /** What is wrong with the track; empty when each step raises one thing and none is idle. */
    List<String> faults() {
        List<String> faults = new ArrayList<>();
        for (int i = 1; i < heights.size(); i++) {
            if (!isMeasured(i - 1) && !isMeasured(i) && raised(i - 1, i).size() > 1) {
                faults.add("step " + (i + 1) + " raises " + raised(i - 1, i));
            }
            for (int j = 0; j < i; j++) {
                if (!isMeasured(j) && !isMeasured(i) && raised(j, i).isEmpty()) {
                    faults.add("step " + (i + 1) + " asks for nothing more than step " + (j + 1));
                }
            }
        }
        return faults;
    }
}
