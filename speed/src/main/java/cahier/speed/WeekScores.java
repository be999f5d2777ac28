package cahier.speed;

import cahier.core.week.Week;
import cahier.core.week.WeekPlan;
import cahier.core.week.WeekPlanner;
import java.time.Duration;
import java.util.Map;

/** What more time is worth to a week: the application's plan beside one that was searched for a minute. Scores are hard, medium and soft, 0 the best. */
public final class WeekScores {

    private static final Duration LONG = Duration.ofSeconds(60);
    private static final int NO_LIMIT = 10_000_000;

    private WeekScores() {
    }

    public static void main(String[] args) {
        WeekPlanner usual = new WeekPlanner();
        WeekPlanner patient = new WeekPlanner(NO_LIMIT, LONG);
        MadeUp.households().values().forEach(w -> usual.plan(w)); // the first plan of a process also loads the solver
        for (Map.Entry<String, Week> household : MadeUp.households().entrySet()) {
            long began = System.nanoTime();
            WeekPlan plan = usual.plan(household.getValue());
            long ms = (System.nanoTime() - began) / 1_000_000;
            WeekPlan better = patient.plan(household.getValue());
            System.out.printf("%s: %s in %d ms, %s in %d s%n", household.getKey(), plan.score(), ms, better.score(), LONG.toSeconds());
        }
    }
}
