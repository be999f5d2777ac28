package cahier.core.coach;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import cahier.core.coach.SessionPlan.Exercise;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/** The order inside a session, and what is cut when time is short. */
class SessionPlanTest {

    private static final Exercise ATTENTION = new Exercise(1, true, 0.9, 4, 5);
    private static final Exercise HARD = new Exercise(2, false, 0.4, 8, 5);
    private static final Exercise MIDDLE = new Exercise(3, false, 0.7, 8, 5);
    private static final Exercise BETTER = new Exercise(4, false, 0.8, 8, 5);
    private static final Exercise SURE = new Exercise(5, false, 0.95, 8, 5);

    private static List<Long> ids(SessionPlan plan) {
        return plan.parts().stream().map(p -> p.exercise().id()).toList();
    }

    @Test
    void attentionThenTheHardestThenFallingSuccessThenTheSurest() {
        SessionPlan plan = SessionPlan.of(List.of(SURE, MIDDLE, HARD, BETTER, ATTENTION), 3600);
        assertThat(ids(plan)).containsExactly(1L, 2L, 4L, 3L, 5L);
        assertThat(plan.parts()).extracting(SessionPlan.Part::reps).containsExactly(4, 8, 8, 8, 8);
        assertThat(plan.seconds()).isEqualTo(36 * 15);
    }

    @Test
    void twoAreTheHarderThenTheSurer() {
        assertThat(ids(SessionPlan.of(List.of(SURE, HARD), 3600))).containsExactly(2L, 5L);
        assertThat(ids(SessionPlan.of(List.of(SURE), 3600))).containsExactly(5L);
        assertThat(ids(SessionPlan.of(List.of(ATTENTION), 3600))).containsExactly(1L);
        assertThat(SessionPlan.of(List.of(), 60).parts()).isEmpty();
    }

    @Test
    void repsAreCutButNeverTheLastWin() {
        SessionPlan five = SessionPlan.of(List.of(ATTENTION, HARD, MIDDLE, SURE), 300);
        assertThat(ids(five)).containsExactly(1L, 2L, 3L, 5L);
        assertThat(five.parts().get(3).reps()).isEqualTo(8);
        assertThat(five.parts().get(1).reps()).isBetween(1, 7);
        assertThat(five.seconds()).isLessThanOrEqualTo(300);
        SessionPlan two = SessionPlan.of(List.of(ATTENTION, HARD, SURE), 120);
        assertThat(ids(two)).containsExactly(5L);
        assertThat(two.parts().get(0).reps()).isEqualTo(8);
        assertThat(SessionPlan.of(List.of(new Exercise(9, false, 1, 5, 600)), 60).parts()).singleElement().satisfies(p -> assertThat(p.reps()).isEqualTo(1));
    }

    @Test
    void attentionTakesAMinuteAtMost() {
        SessionPlan plan = SessionPlan.of(List.of(new Exercise(1, true, 0.9, 30, 5), SURE), 3600);
        assertThat(plan.parts().get(0).reps()).isEqualTo(4);
    }

    @Test
    void attentionThatTakesLongerIsOneRep() {
        SessionPlan plan = SessionPlan.of(List.of(new Exercise(1, true, 0.9, 4, 55), SURE), 3600);
        assertThat(ids(plan)).containsExactly(1L, 5L);
        assertThat(plan.parts().get(0).reps()).isEqualTo(1);
    }

    @Test
    void itAlwaysFitsAndNeverAsksForMoreThanTheSheet() {
        SplittableRandom random = new SplittableRandom(7);
        for (int run = 0; run < 500; run++) {
            List<Exercise> exercises = new ArrayList<>();
            for (int i = 0; i < 1 + random.nextInt(6); i++) {
                exercises.add(new Exercise(i, i == 0 && random.nextBoolean(), random.nextDouble(), 1 + random.nextInt(20), 1 + random.nextInt(60)));
            }
            double seconds = 120 + random.nextInt(1200);
            SessionPlan plan = SessionPlan.of(exercises, seconds);
            assertThat(plan.seconds()).isLessThanOrEqualTo(seconds + 1e-6);
            assertThat(plan.parts()).isNotEmpty().allSatisfy(p -> assertThat(p.reps()).isBetween(1, p.exercise().reps()));
        }
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> SessionPlan.of(List.of(SURE), 0)).withMessageContaining("0");
        assertThatIllegalArgumentException().isThrownBy(() -> new Exercise(1, false, 1.5, 8, 5)).withMessageContaining("1.5");
        assertThatIllegalArgumentException().isThrownBy(() -> new Exercise(1, false, 0.5, 0, 5));
    }
}
