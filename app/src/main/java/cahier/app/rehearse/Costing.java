package cahier.app.rehearse;

import cahier.app.cost.Cost;
import cahier.app.language.Words;
import cahier.app.shelf.Template;
import cahier.app.track.KeyedPlan;
import cahier.app.track.StepPlan;
import cahier.core.method.Choice;
import cahier.core.method.Method;
import cahier.core.method.Question;
import cahier.core.rehearse.Answering;
import cahier.core.rehearse.Owners;
import cahier.core.rehearse.Plan;
import cahier.core.rehearse.Rehearsal;
import cahier.core.rehearse.Rules;
import cahier.core.rehearse.Walked;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.util.DigestUtils;

/** What a template costs: usual made-up dogs of one person, by the method a new practice has, at two and at five sessions a week (docs/rules.md 40). */
final class Costing {

    private static final Method USUAL = new Method(Map.of(Question.PASS, Choice.PASS_BY_RHYTHM));
    private static final double DAYS_A_WEEK = 7;
    private static final int EVERY = 5;
    private static final int FEWEST_STUCK = 10;
    private static final int MOST_STUCK = 2;

    private Costing() {
    }

    /** Empty where every step measures. */
    static Optional<Cost> of(Template template) {
        List<StepPlan> steps = steps(template);
        if (steps.isEmpty()) {
            return Optional.empty();
        }
        Rehearsal two = walk(Known.plan(template.kind(), steps, false), 2);
        Rehearsal five = walk(Known.plan(template.kind(), steps, true), 5);
        int reps = steps.stream().mapToInt(p -> p.rule(template.kind(), true).least()).sum();
        return Optional.of(new Cost(planned(template), steps.size(), reps, weeks(two), weeks(five), stuck(five, steps), strands(five)));
    }

    /** Tells what would be walked from what would be with other steps. */
    static String planned(Template template) {
        List<StepPlan> steps = steps(template);
        String plans = Known.plan(template.kind(), steps, false).toString() + Known.plan(template.kind(), steps, true) + steps.stream().map(StepPlan::title).toList();
        return DigestUtils.md5DigestAsHex(plans.getBytes(StandardCharsets.UTF_8));
    }

    private static List<StepPlan> steps(Template template) {
        return template.in(USUAL, Words.say("rehearse.Costing.the-dog")).steps().stream().map(KeyedPlan::plan).filter(p -> p.teaching().measure() == null).toList();
    }

    private static Rehearsal walk(Plan plan, int sessions) {
        return Rehearsal.of(plan, 0, Owners.one(sessions / DAYS_A_WEEK), Answering.OWNER_MOVES_ON, Rules.TODAY, List.of(), Rehearsals.TEMPLATE_SEED, Cost.MOST_WEEKS * (int) DAYS_A_WEEK);
    }

    private static Cost.Weeks weeks(Rehearsal walked) {
        double apart = Known.apart(walked.plan().steps().size());
        double[] ends = walked.walks().stream().mapToDouble(w -> w.points().isEmpty() ? 0 : w.points().get(w.points().size() - 1).level() / apart).sorted().toArray();
        Integer half = whole(walked.weeks(0.5));
        return new Cost.Weeks(half, whole(walked.weeks(0.9)), half != null ? null : 1 + (int) Math.max(0, Math.floor(ends[ends.length / 2])));
    }

    private static @Nullable Integer whole(OptionalDouble weeks) {
        return weeks.isEmpty() ? null : (int) Math.max(1, Math.round(weeks.getAsDouble()));
    }

    private static List<Cost.Stuck> stuck(Rehearsal walked, List<StepPlan> steps) {
        List<Integer> dogs = walked.stuck();
        return IntStream.range(0, dogs.size()).boxed().filter(i -> dogs.get(i) >= FEWEST_STUCK).sorted(Comparator.comparingInt((Integer i) -> -dogs.get(i))).limit(MOST_STUCK)
                .map(i -> new Cost.Stuck(steps.get(i).title(), dogs.get(i))).toList();
    }

    private static List<List<Integer>> strands(Rehearsal walked) {
        double apart = Known.apart(walked.plan().steps().size());
        int goal = walked.plan().steps().size() * Cost.TENTHS;
        List<List<Integer>> strands = new ArrayList<>();
        for (int i = 0; i < walked.walks().size(); i += EVERY) {
            Walked walk = walked.walks().get(i);
            List<Integer> strand = new ArrayList<>(List.of(0, 0));
            walk.points().forEach(p -> strand.addAll(List.of(p.day() + 1, Math.min(goal - Cost.TENTHS, (int) Math.round(p.level() / apart * Cost.TENTHS)))));
            if (walk.done()) {
                strand.addAll(List.of(walk.days(), goal));
            }
            strands.add(strand);
        }
        return strands;
    }
}
