package cahier.app.book;

import cahier.app.track.StepPlan;
import cahier.core.decide.TrackKind;
import cahier.core.forecast.Effort;
import cahier.core.pass.PassRule;
import cahier.core.pass.Run;
import java.util.OptionalLong;

/** What a pass rule will take, in words (docs/rules.md 7). */
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
     * @param likely reps at 80% clean, empty where the rule is not a run
     */
    public record Sum(int steps, long least, OptionalLong likely) {

        static Sum of(StepPlan plan, TrackKind kind, int steps) {
            PassRule rule = plan.pass().rule(plan.run(), kind);
            OptionalLong likely = rule instanceof Run run ? OptionalLong.of(Math.round(steps * Effort.expectedReps(GOOD, run.k()))) : OptionalLong.empty();
            return new Sum(steps, Effort.least(rule.least(), steps), likely);
        }

        /** "12 steps. 60 reps at the least; at 80% clean about 123." */
        public String words() {
            return steps + " steps. " + least + " reps at the least" + (likely.isPresent() ? "; at 80% clean about " + likely.getAsLong() : "") + ".";
        }
    }

    /** "5 in a row: at 80% clean about 10 reps, at 60% about 30." Empty for what is no pass rule. */
    public static String of(String typed) {
        if (!typed.strip().matches("\\d{1,3}")) {
            return "";
        }
        int k = Integer.parseInt(typed.strip());
        if (k < 1 || k > Run.MOST) {
            return "";
        }
        return k + " in a row: at 80% clean about " + said(Effort.expectedReps(GOOD, k)) + (k == 1 ? " rep" : " reps") + ", at 60% about " + said(Effort.expectedReps(FAIR, k)) + ".";
    }

    private static String said(double reps) {
        return reps > 9999 ? "more than 10000" : Long.toString(Math.round(reps));
    }
}
