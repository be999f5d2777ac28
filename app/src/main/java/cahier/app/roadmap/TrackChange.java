package cahier.app.roadmap;

import cahier.app.shelf.Template;
import cahier.app.track.KeyedPlan;
import cahier.app.track.Step;
import cahier.app.track.StepDifferences;
import cahier.app.track.StepPlan;
import cahier.app.track.Track;
import cahier.app.web.StaleEdit.Difference;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * What another school makes of a track (docs/rules.md 35).
 *
 * @param goal what its goal will read, the same as now where it does not change
 * @param slots the steps in their new order
 * @param gone steps that go, as nobody has edited them
 * @param moved whether steps change places
 */
public record TrackChange(Track track, String goal, List<Slot> slots, List<Step> gone, boolean moved) {

    /**
     * One place in the track.
     *
     * @param step what stands there now; none for a step that comes
     * @param plan what will stand there
     */
    public record Slot(@Nullable Step step, KeyedPlan plan) {

        public boolean comes() {
            return step == null;
        }

        public boolean changes() {
            return step != null && !step.written().equals(plan.plan());
        }

        /** Field by field, what changes. */
        public List<Difference> differences() {
            return step == null ? List.of() : StepDifferences.between(step.written(), plan.plan()).stream().filter(d -> !d.saved().equals(d.yours())).toList();
        }
    }

    public boolean isNothing() {
        return gone.isEmpty() && !moved && goal.equals(track.goal()) && slots.stream().noneMatch(s -> s.comes() || s.changes());
    }

    /** Steps that change, come or go. */
    public long count() {
        return gone.size() + slots.stream().filter(s -> s.comes() || s.changes()).count();
    }

    /**
     * The change of one track.
     *
     * @param written the template in the school the track was written with
     * @param holds in the school that holds now
     */
    static TrackChange of(Track track, List<Step> now, Template.InSchool written, Template.InSchool holds) {
        List<KeyedPlan> before = written.steps();
        List<KeyedPlan> after = holds.steps();
        Map<String, StepPlan> old = byKey(before);
        Map<String, StepPlan> fresh = byKey(after);
        Map<String, Step> kept = new LinkedHashMap<>();
        List<Step> gone = new ArrayList<>();
        Map<@Nullable Step, List<Step>> own = new HashMap<>();
        Step last = null;
        for (Step step : now) {
            boolean templates = old.containsKey(step.templateKey());
            if (templates && fresh.containsKey(step.templateKey())) {
                kept.put(step.templateKey(), step);
                last = step;
            } else if (templates && step.written().equals(old.get(step.templateKey()))) {
                gone.add(step);
            } else {
                own.computeIfAbsent(last, k -> new ArrayList<>()).add(step);
            }
        }
        List<String> inTrack = List.copyOf(kept.keySet());
        List<String> order = inTrack.equals(before.stream().map(KeyedPlan::key).filter(kept::containsKey).toList())
                ? after.stream().map(KeyedPlan::key).filter(kept::containsKey).toList() : inTrack;
        List<Slot> slots = new ArrayList<>(slots(own.get(null)));
        for (String key : order) {
            Step step = Objects.requireNonNull(kept.get(key));
            slots.add(new Slot(step, new KeyedPlan(key, Merge.of(Objects.requireNonNull(old.get(key)), Objects.requireNonNull(fresh.get(key)), step.written()))));
            slots.addAll(slots(own.get(step)));
        }
        for (int i = 0; i < after.size(); i++) {
            if (!old.containsKey(after.get(i).key())) {
                slots.add(placeAfter(slots, after.subList(0, i)), new Slot(null, after.get(i)));
            }
        }
        return new TrackChange(track, track.goal().equals(written.goal()) ? holds.goal() : track.goal(), List.copyOf(slots), List.copyOf(gone), !order.equals(inTrack));
    }

    private static Map<String, StepPlan> byKey(List<KeyedPlan> plans) {
        Map<String, StepPlan> byKey = new LinkedHashMap<>();
        plans.forEach(p -> byKey.put(p.key(), p.plan()));
        return byKey;
    }

    private static List<Slot> slots(@Nullable List<Step> steps) {
        return steps == null ? List.of() : steps.stream().map(s -> new Slot(s, new KeyedPlan(s.templateKey(), s.written()))).toList();
    }

    /** Behind the nearest of the steps that the template has before it. */
    private static int placeAfter(List<Slot> slots, List<KeyedPlan> earlier) {
        for (int i = earlier.size() - 1; i >= 0; i--) {
            for (int at = 0; at < slots.size(); at++) {
                if (slots.get(at).plan().key().equals(earlier.get(i).key())) {
                    return at + 1;
                }
            }
        }
        return 0;
    }
}
