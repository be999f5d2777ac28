package cahier.app.step;

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
            return steps + " steps. " + least + " reps at the least; " + (isRun ? "at 80% clean about " : "usually about ") + likely + ".";
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
            return (k + " in a row: at the least " + k + (k == 1 ? " rep" : " reps") + ", at 80% clean about " + said(Effort.expectedReps(GOOD, k)) + ", at 60% about "
                    + said(Effort.expectedReps(FAIR, k)) + ". " + (k == Run.DEFAULT ? choice.get().cost() : "")).strip();
        }
        if (!choice.get().fits(dose)) {
            return "Calm sessions need " + PassChoice.CALM_REPS + " reps or more.";
        }
        PassRule rule = choice.get().usual();
        return "At the least " + rule.least() + " reps, usually about " + said(Effort.baseline(rule, dose)) + ". " + choice.get().cost();
    }

    private static int number(@Nullable String typed, int most) {
        String text = typed == null ? "" : typed.strip();
        int value = text.matches("\\d{1,3}") ? Integer.parseInt(text) : 0;
        return value > most ? 0 : value;
    }

    private static String said(double reps) {
        return reps > 9999 ? "more than 10000" : Long.toString(Math.round(reps));
    }
}
