package cahier.core.exposure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

class SightChangeTest {

    private static final List<SightLine.Screen> HEDGES = List.of(new SightLine.Screen(-40, 10, -2, 10), new SightLine.Screen(2, 10, 40, 10));

    @Test
    void fewerPiecesFitWhereAllOfThemDoNot() {
        // The gap of 4 m at 10 m shows 8 m of a path 20 m away: 5.7 s at a walk, two pieces and no third.
        SightLine now = SightLine.of(20, HEDGES, SightLine.WALKING, 3, 30);
        assertThat(now.verdict()).isEqualTo(SightLine.Verdict.TOO_SHORT);
        assertThat(SightChange.of(20, HEDGES, SightLine.WALKING, 3, 30).pieces()).hasValue(2);
    }

    @Test
    void theLeastMoveSidewaysThatShowsEnoughIsProposed() {
        List<SightLine.Screen> oneHedge = List.of(new SightLine.Screen(-3, 10, 30, 10));
        SightChange change = SightChange.of(20, oneHedge, SightLine.CYCLING, 3, 30);
        assertThat(change.sideways()).isPresent();
        double by = change.sideways().getAsDouble();
        List<SightLine.Screen> moved = List.of(new SightLine.Screen(-3 - by, 10, 30 - by, 10));
        assertThat(SightLine.of(20, moved, SightLine.CYCLING, 3, 30).verdict()).isNotEqualTo(SightLine.Verdict.TOO_SHORT);
        assertThat(by).as("to the left, where the hedge ends").isNegative();
    }

    @Test
    void whatFitsOrIsHiddenNeedsNoChange() {
        assertThat(SightChange.of(20, HEDGES, SightLine.WALKING, 1, 30).pieces()).isEmpty();
        assertThat(SightChange.of(20, List.of(new SightLine.Screen(-40, 10, 40, 10)), SightLine.WALKING, 3, 30)).isEqualTo(new SightChange(OptionalInt.empty(), OptionalDouble.empty()));
    }

    @Test
    void aScreenBeyondThePathIsRefused() {
        assertThatThrownBy(() -> SightLine.of(10, List.of(new SightLine.Screen(0, 10, 1, 5)), 1, 1, 60)).hasMessage("a screen must stand between 0 and 10.0 m, was at 10.0 and 5.0");
        assertThatThrownBy(() -> SightLine.of(0, List.of(), 1, 1, 60)).hasMessageStartingWith("pathMetres, speed and reach must be above 0");
        assertThatThrownBy(() -> Triangle.of(0, 1, 1)).hasMessageStartingWith("caller must be above 0");
        assertThatThrownBy(() -> NextDistance.of(0, List.of(), Closer.usual(), 1, List::of)).hasMessageStartingWith("now and nearest must be above 0 m");
        assertThatThrownBy(() -> new Exposure(0, Response.STARED)).hasMessage("metres must be above 0, was 0.0");
        assertThat(SightLine.leadCircle(2)).isEqualTo(3);
    }

    @Test
    void passesOfTheTriangleComeNearerUntilTheDishStandsOnTheLine() {
        double side = 3;
        int passes = 0;
        while (side > 0) {
            Triangle t = Triangle.of(8, side, 4);
            assertThat(t.nextSideMetres()).isLessThan(side);
            assertThat(t.pull()).isLessThan(Triangle.of(8, 0, 4).pull());
            side = t.nextSideMetres();
            passes++;
        }
        assertThat(passes).isBetween(3, 15);
    }
}
