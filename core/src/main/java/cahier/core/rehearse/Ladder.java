package cahier.core.rehearse;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/** The steps of one made-up dog as they are now, and where it stands. */
final class Ladder {

    private static final double BELOW_THE_FIRST = 1;
    private static final double FULL_AID = 1;
    private static final int MOST = 60;

    private final List<Plan.Step> steps;
    private final Map<Plan.Step, Integer> left = new IdentityHashMap<>();
    private final Map<Plan.Step, Integer> reps = new IdentityHashMap<>();
    private final Map<Plan.Step, Integer> needless = new IdentityHashMap<>();
    private final List<Plan.Step> backOnce = new ArrayList<>();
    private int at;
    private int most;

    Ladder(Plan plan, int from) {
        steps = new ArrayList<>(plan.steps());
        at = from;
    }

    Plan.Step step() {
        return steps.get(at);
    }

    List<Plan.Step> steps() {
        return steps;
    }

    int at() {
        return at;
    }

    int count() {
        return steps.size();
    }

    boolean isFirst() {
        return at == 0;
    }

    boolean isLast() {
        return at == steps.size() - 1;
    }

    /** How hard what is one step easier is; on the first step the same with full aid. */
    double easier() {
        return at == 0 ? step().level() - FULL_AID : steps.get(at - 1).level();
    }

    boolean wasLeftByBack() {
        return backOnce.contains(step());
    }

    void practised() {
        reps.merge(step(), 1, Integer::sum);
    }

    /** A rep of what it could do already. */
    void needless() {
        needless.merge(step(), 1, Integer::sum);
    }

    int needless(Plan.Step of) {
        return needless.getOrDefault(of, 0);
    }

    int reps(Plan.Step of) {
        return reps.getOrDefault(of, 0);
    }

    void up() {
        at++;
    }

    void back() {
        leave();
        backOnce.add(step());
        at--;
    }

    /** A step half-way goes in below; before the first an easier one. */
    void split() {
        leave();
        backOnce.remove(step());
        if (steps.size() < MOST) {
            double below = at == 0 ? step().level() - BELOW_THE_FIRST : steps.get(at - 1).level();
            steps.add(at, new Plan.Step((below + step().level()) / 2, step().rule(), step().reps()));
        } else if (at > 0) {
            at--;
        }
    }

    private void leave() {
        most = Math.max(most, left.merge(step(), 1, Integer::sum));
    }

    /** How often the step that was left downwards most often was. */
    int mostLeft() {
        return most;
    }

    int timesLeft(Plan.Step of) {
        return left.getOrDefault(of, 0);
    }
}
