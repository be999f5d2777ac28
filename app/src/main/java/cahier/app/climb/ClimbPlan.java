package cahier.app.climb;

import cahier.app.language.Words;
import cahier.app.track.PayWords;
import cahier.app.track.StepPlan;
import cahier.app.web.Measures;
import cahier.core.climb.Staircase;
import cahier.core.pay.Feeding;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;

/** Steps made from one step by letting one or several of its criteria climb. */
public final class ClimbPlan {

    /** More steps than this nobody practises; a coarser growth is asked for. */
    public static final int MOST = 60;
    private static final int LONGEST_TITLE = 80;

    private ClimbPlan() {
    }

    /**
     * One criterion that climbs.
     *
     * @param values from start to goal
     * @param set puts a value into a plan
     * @param words says a value
     */
    public record Criterion<V>(List<V> values, BiFunction<StepPlan, V, StepPlan> set, Function<V, String> words) {

        private StepPlan put(StepPlan plan, int index) {
            return set.apply(plan, values.get(index));
        }

        private String say(int index) {
            return words.apply(values.get(index));
        }
    }

    public static Criterion<Double> distance(List<Double> metres) {
        return new Criterion<>(metres, (p, v) -> p.withDistance(v), v -> Measures.plain(v, 2) + "\u00a0m");
    }

    public static Criterion<Double> duration(List<Double> seconds) {
        return new Criterion<>(seconds, (p, v) -> p.withDuration(v), Measures::duration);
    }

    public static Criterion<String> distraction(List<String> words) {
        return new Criterion<>(words, StepPlan::withDistraction, v -> v);
    }

    public static Criterion<String> place(List<String> places) {
        return new Criterion<>(places, StepPlan::withPlace, v -> v);
    }

    /** Whatever else is used, a support taken away climbs too: "lead held", "lead on the floor", "no lead". */
    public static Criterion<String> support(List<String> supports) {
        return new Criterion<>(supports, StepPlan::withWho, v -> v);
    }

    /** The food fades. */
    public static Criterion<Feeding> food(List<Feeding> often) {
        return new Criterion<>(often, StepPlan::fed, f -> Words.say("climb.ClimbPlan.food", PayWords.of(f).split(",")[0]));
    }

    /** The steps, raising one criterion at a time in the order given; each is titled by its values. */
    public static List<StepPlan> steps(StepPlan base, List<Criterion<?>> criteria) {
        List<List<Integer>> settings = Staircase.of(criteria.stream().map(c -> c.values().size() - 1).toList(), Staircase.RELAX);
        if (settings.size() > MOST) {
            throw new IllegalArgumentException(Words.say("climb.ClimbPlan.makes-steps-must-be-at", settings.size(), MOST));
        }
        List<StepPlan> steps = new ArrayList<>(settings.size());
        for (List<Integer> setting : settings) {
            StepPlan plan = base;
            List<String> said = new ArrayList<>(List.of(base.title()));
            for (int i = 0; i < criteria.size(); i++) {
                plan = criteria.get(i).put(plan, setting.get(i));
                said.add(criteria.get(i).say(setting.get(i)));
            }
            String title = String.join(", ", said);
            steps.add(plan.withTitle(title.length() > LONGEST_TITLE ? title.substring(0, LONGEST_TITLE) : title));
        }
        return List.copyOf(steps);
    }
}
