package cahier.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import cahier.core.Vectors;
import cahier.core.measure.Measure;
import cahier.core.pass.Block;
import cahier.core.pass.Calm;
import cahier.core.pass.Odds;
import cahier.core.pass.Rate;
import cahier.core.pass.Reach;
import cahier.core.pass.Run;
import cahier.core.pass.Spread;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class EffortTest {

    static Stream<JsonNode> efforts() {
        return Vectors.cases("effort.json");
    }

    @ParameterizedTest
    @MethodSource("efforts")
    void workedCasesHold(JsonNode given) {
        double p = given.get("p").asDouble();
        int k = given.get("k").asInt();
        assertThat(Effort.expectedReps(p, k)).isEqualTo(given.get("expected").asDouble(), within(Vectors.TOLERANCE));
        assertThat(Effort.doneWithin(p, k, given.get("n").asInt())).isEqualTo(given.get("withinN").asDouble(), within(Vectors.TOLERANCE));
    }

    @Test
    void moreRepsNeverMakeItLessLikelyAndFewerThanKNeverDoIt() {
        for (int n = 1; n < 60; n++) {
            assertThat(Effort.doneWithin(0.7, 5, n)).isGreaterThanOrEqualTo(Effort.doneWithin(0.7, 5, n - 1)).isBetween(0.0, 1.0);
        }
        assertThat(Effort.doneWithin(0.9, 5, 4)).isZero();
        assertThat(Effort.doneWithin(0.9, 5, 5)).isEqualTo(Math.pow(0.9, 5), within(1e-12));
        assertThat(Effort.expectedReps(1, 7)).isEqualTo(7);
        assertThat(Effort.least(5, 50)).isEqualTo(250);
    }

    @Test
    void beforeAnythingIsKnownAStepCostsWhatItsRuleUsuallyTakes() {
        assertThat(Effort.baseline(new Run(5, Spread.NONE), 8)).isEqualTo(Effort.expectedReps(0.75, 5));
        assertThat(Effort.baseline(new Rate(0.8, 10, Spread.NONE), 8)).isEqualTo(15);
        assertThat(Effort.baseline(Odds.usual(Spread.NONE), 8)).isEqualTo(20);
        assertThat(Effort.baseline(new Block(5, 4, 2, Spread.NONE), 8)).isEqualTo(10);
        assertThat(Effort.baseline(new Calm(2, 5, Spread.NONE), 8)).isEqualTo(20.8, within(1e-12));
        Reach sitting = new Reach(new Measure(Measure.Kind.SITTING, "", 20, false), Spread.NONE);
        assertThat(Effort.baseline(sitting, 8)).as("sittings count by the session").isEqualTo(8.0 * sitting.least());
        Reach nearer = new Reach(new Measure(Measure.Kind.DISTANCE, "DOG", 5, false), Spread.NONE);
        assertThat(Effort.baseline(nearer, 8)).as("looks do not").isEqualTo(Effort.expectedReps(0.75, nearer.least()));
    }

    @Test
    void figuresOutOfRangeAreRefused() {
        assertThatThrownBy(() -> Effort.expectedReps(0, 5)).hasMessage("p must be more than 0 and at most 1, was 0.0, for example 0.8");
        assertThatThrownBy(() -> Effort.expectedReps(0.5, 0)).hasMessage("k must be 1 or more, was 0, for example 5");
        assertThatThrownBy(() -> Effort.doneWithin(0.5, 5, -1)).hasMessage("n must be 0 or more, was -1");
        assertThatThrownBy(() -> Effort.doneWithin(0, 5, 3)).hasMessageStartingWith("p must be more than 0");
        assertThatThrownBy(() -> Effort.doneWithin(0.5, 0, 3)).hasMessageStartingWith("k must be 1 or more");
    }
}
