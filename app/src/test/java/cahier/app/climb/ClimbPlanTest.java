package cahier.app.climb;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import cahier.app.support.Home;
import cahier.app.track.StepPlan;
import cahier.app.web.Measures;
import cahier.core.climb.Unit;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ClimbPlanTest {

    private final StepPlan stay = Home.step("Stay");

    @ParameterizedTest
    @CsvSource({"1.5 times, true, 1.5", "x 2, true, 2", "2x, true, 2", "by 1 m, false, 1", "0.5 m, false, 0.5", "by 3 ft, false, 0.9144", "2 m, false, 2"})
    void growthIsReadAsItIsSaid(String typed, boolean times, double amount) {
        Growth growth = Growth.read(typed, Measures::metres);
        assertThat(growth.times()).isEqualTo(times);
        assertThat(growth.amount()).isCloseTo(amount, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "a bit times", "x", "by far"})
    void whatIsNoGrowthIsNamed(String typed) {
        assertThatThrownBy(() -> Growth.read(typed, Measures::metres)).hasMessageContaining("was “");
    }

    @Test
    void oneCriterionClimbsAndEachStepIsTitledByItsValue() {
        List<StepPlan> steps = ClimbPlan.steps(stay, List.of(ClimbPlan.duration(new Growth(true, 2).climb(Unit.SECONDS, 5, 30))));
        assertThat(steps).extracting(StepPlan::title).containsExactly("Stay, 5\u00a0s", "Stay, 10\u00a0s", "Stay, 15\u00a0s", "Stay, 30\u00a0s");
        assertThat(steps).extracting(StepPlan::durationS).containsExactly(5.0, 10.0, 15.0, 30.0);
        assertThat(steps).allSatisfy(p -> assertThat(p.how()).isEqualTo(stay.how()));
    }

    @Test
    void twoCriteriaMakeAStaircaseThatRelaxesTheFirstWhileTheSecondIsRaised() {
        List<StepPlan> steps = ClimbPlan.steps(stay, List.of(ClimbPlan.duration(List.of(5.0, 10.0, 20.0)), ClimbPlan.support(List.of("lead held", "no lead"))));
        assertThat(steps).extracting(p -> Math.round(p.durationS()) + " " + p.who())
                .containsExactly("5 lead held", "10 lead held", "20 lead held", "10 no lead", "20 no lead");
    }

    @Test
    void moreStepsThanAnyonePractisesAreRefusedWithTheirNumber() {
        assertThatThrownBy(() -> ClimbPlan.steps(stay, List.of(ClimbPlan.distance(new Growth(false, 0.5).climb(Unit.METRES, 50, 1)))))
                .hasMessageStartingWith("makes 99 steps, must be at most 60");
    }

    @Test
    void aSplitStandsHalfWayWhereThereIsAHandyValue() {
        StepPlan below = stay.withDistance(1.0).withDuration(5.0);
        StepPlan here = stay.withDistance(4.0).withDuration(20.0);
        StepPlan between = here.halfWayTo(below);
        assertThat(between.distanceM()).isEqualTo(2.0);
        assertThat(between.durationS()).isEqualTo(10.0);
        assertThat(stay.withDuration(5.0).halfWayTo(stay.withDuration(3.0)).durationS()).isEqualTo(5.0);
        assertThat(here.halfWayTo(stay.withDistance(null).withDuration(20.0))).isEqualTo(here);
    }
}
