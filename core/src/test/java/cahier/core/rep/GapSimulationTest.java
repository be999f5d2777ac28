package cahier.core.rep;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.core.Rehearsed;
import cahier.core.Vectors;
import cahier.core.pass.Run;
import cahier.core.pass.Spread;
import java.io.IOException;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/**
 * Made-up dogs that learn, practised by two people in turn as it falls: going on a step, 1.3 logits harder, at five in a row: of how many it is said within forty sessions, at any close, that the people differ. The rows are the table of
 * docs/rules.md 2.
 */
class GapSimulationTest {

    private static final int DOGS = 600;
    private static final int SESSIONS = 40;
    private static final int REPS = 8;
    private static final Run RULE = new Run(5, Spread.NONE);
    private static final double LEARNS = 0.03;
    private static final double STEP = 1.3;
    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);

    /** @param apart logits by which the second person has it harder */
    private static int reported(double apart, double doubt) {
        int reported = 0;
        for (long seed = 0; seed < DOGS; seed++) {
            SplittableRandom random = new SplittableRandom(seed);
            List<Session> visit = new ArrayList<>();
            double ahead = 0.5; // logits by which the dog is above the step
            boolean said = false;
            for (int n = 0; n < SESSIONS && !said; n++) {
                boolean second = random.nextDouble() < 0.4;
                List<Outcome> outcomes = new ArrayList<>();
                for (int i = 0; i < REPS; i++) {
                    double rate = 1 / (1 + Math.exp(-(ahead - (second ? apart : 0))));
                    outcomes.add(random.nextDouble() < rate ? Outcome.CLEAN : Outcome.MISSED);
                    ahead += LEARNS * 4 * rate * (1 - rate);
                }
                visit.add(Vectors.session(second ? "Ben" : "Ada", "hall", DAY.plusDays(n), DAY.plusDays(n).atStartOfDay().toInstant(ZoneOffset.UTC), outcomes));
                said = !Gap.among(new Visit(visit), Session::person, Session::place, doubt).isEmpty();
                if (RULE.missing(new Visit(visit)).isEmpty()) {
                    visit.clear(); // the next step, so much harder
                    ahead -= STEP;
                }
            }
            reported += said ? 1 : 0;
        }
        return reported;
    }

    @Test
    void equalPeopleAreSeldomTakenForUnequal() throws IOException {
        List<String> table = new ArrayList<>();
        for (double doubt : new double[] {0.05, Gap.DOUBT}) {
            table.add("| " + doubt + " | " + reported(0, doubt) + " | " + reported(0.7, doubt) + " | " + reported(2, doubt) + " |");
        }
        assertThat(reported(0, Gap.DOUBT)).isLessThanOrEqualTo(DOGS * 8 / 100);
        Rehearsed.rows("gap", table);
    }
}
