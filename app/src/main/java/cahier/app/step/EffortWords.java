package cahier.app.step;

import cahier.app.language.Words;
import cahier.app.track.PassChoice;
import cahier.app.track.StepPlan;
import cahier.core.decide.TrackKind;
import cahier.core.forecast.Effort;
import cahier.core.pass.PassRule;
import cahier.core.pass.Run;
import java.util.Arrays;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What a pass rule will take, in words (docs/rules.md 7 and 8). */
public final class EffortWords {

    private static final double GOOD = 0.8;
    private static final double FAIR = 0.6;

    private EffortWords() {
    }

    /**
     * What a run of steps will take.
     *
     * @param steps how many
     * @param least reps, if every one is clean
     * @param likely reps at 80% clean; for rules other than a run, what they usually take
     */
    public record Sum(int steps, long least, long likely, boolean isRun) {

        public static Sum of(StepPlan plan, TrackKind kind, int steps) {
            PassRule rule = plan.rule(kind);
            boolean inARow = plan.pass().isRun();
            double each = inARow ? Effort.expectedReps(GOOD, rule.least()) : Effort.baseline(rule, plan.reps());
            return new Sum(steps, Effort.least(rule.least(), steps), Math.round(steps * each), inARow);
        }

        /** "12 steps. 60 reps at the least; at 80% clean about 123." */
        public String words() {
            return Words.say("step.EffortWords.steps-reps-at-the-least", steps, least, (isRun ? Words.say("step.EffortWords.at-80-clean-about") : Words.say("step.EffortWords.usually-about")), likely);
        }
    }

    /** "5 in a row: at the least 5 reps, at 80% clean about 10, at 60% about 30." Empty for what is no pass rule. */
    public static String of(@Nullable String pass, @Nullable String run, @Nullable String reps) {
        Optional<PassChoice> choice = Arrays.stream(PassChoice.values()).filter(c -> c.name().equals(pass)).findFirst();
        int k = number(run, Run.MOST);
        int dose = number(reps, Run.MOST);
        if (choice.isEmpty() || (choice.get().isRun() ? k : dose) == 0) {
            return "";
        }
        if (choice.get().isRun()) {
            return (Words.say("step.EffortWords.in-a-row-at-the", k, k, said(Effort.expectedReps(GOOD, k)), said(Effort.expectedReps(FAIR, k)), (k == Run.DEFAULT ? choice.get().cost() : ""))).strip();
        }
        if (!choice.get().fits(dose)) {
            return Words.say("step.EffortWords.calm-sessions-need-reps-or", PassChoice.CALM_REPS);
        }
        PassRule rule = choice.get().usual();
        return Words.say("step.EffortWords.at-the-least-reps-usually", rule.least(), said(Effort.baseline(rule, dose)), choice.get().cost());
    }

    private static int number(@Nullable String typed, int most) {
        String text = typed == null ? "" : typed.strip();
        int value = text.matches("\\d{1,3}") ? Integer.parseInt(text) : 0;
        return value > most ? 0 : value;
    }

    private static String said(double reps) {
        return reps > 9999 ? Words.say("step.EffortWords.more-than-10000") : Long.toString(Math.round(reps));
    }
}
