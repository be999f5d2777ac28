package cahier.core.climb;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import cahier.core.Vectors;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class ClimbTest {

    static Stream<JsonNode> climbs() {
        return Vectors.cases("climbs.json", "climbs");
    }

    static Stream<JsonNode> staircases() {
        return Vectors.cases("climbs.json", "staircases");
    }

    @ParameterizedTest
    @MethodSource("climbs")
    void workedClimbsHold(JsonNode given) {
        double start = given.get("start").asDouble();
        double goal = given.get("goal").asDouble();
        List<Double> climb = given.has("by") ? Climb.by(start, goal, given.get("by").asDouble())
                : Climb.times(Unit.valueOf(given.get("unit").asText()), start, goal, given.get("times").asDouble());
        List<Double> expected = new ArrayList<>();
        given.get("expect").forEach(v -> expected.add(v.asDouble()));
        assertThat(climb).usingElementComparator((a, b) -> Math.abs(a - b) < Vectors.TOLERANCE ? 0 : Double.compare(a, b)).isEqualTo(expected);
    }

    @ParameterizedTest
    @MethodSource("staircases")
    void workedStaircasesHold(JsonNode given) {
        List<Integer> tops = new ArrayList<>();
        given.get("tops").forEach(t -> tops.add(t.asInt()));
        List<List<Integer>> expected = new ArrayList<>();
        given.get("expect").forEach(s -> {
            List<Integer> setting = new ArrayList<>();
            s.forEach(i -> setting.add(i.asInt()));
            expected.add(setting);
        });
        assertThat(Staircase.of(tops, given.get("relax").asDouble())).isEqualTo(expected);
    }

    @Test
    void aScaleHasTheHandyValuesBetweenAndALittleBeyondAndWhatIsUsed() {
        assertThat(Unit.METRES.around(List.of(2.0, 3.048), 2)).containsExactly(1.0, 1.5, 2.0, 3.0, 3.048, 4.0, 5.0);
        assertThat(Unit.SECONDS.around(List.of(1.0), 2)).as("nothing below the first").containsExactly(1.0, 2.0, 3.0);
        assertThat(Unit.SECONDS.around(List.of(14_400.0), 1)).containsExactly(10_800.0, 14_400.0);
    }

    @Test
    void valuesAreAsTheyAreSaid() {
        assertThat(Climb.by(0.3, 1.5, 0.1)).containsExactly(0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1.0, 1.1, 1.2, 1.3, 1.4, 1.5);
    }

    @Test
    void everyClimbIsStrictlyMonotoneFromStartToGoal() {
        Random random = new Random(7);
        for (int n = 0; n < 2000; n++) {
            double start = 0.3 + random.nextInt(4000) / 10.0;
            double goal = 0.3 + random.nextInt(4000) / 10.0;
            if (start == goal) {
                continue;
            }
            List<List<Double>> both = List.of(Climb.by(start, goal, 0.5 + random.nextInt(100) / 4.0),
                    Climb.times(Unit.values()[n % 3], start, goal, 1.1 + random.nextInt(30) / 10.0));
            for (List<Double> climb : both) {
                assertThat(climb.get(0)).isEqualTo(start);
                assertThat(climb.get(climb.size() - 1)).isEqualTo(goal);
                for (int i = 1; i < climb.size(); i++) {
                    assertThat(Double.compare(climb.get(i), climb.get(i - 1))).isEqualTo(goal > start ? 1 : -1);
                }
            }
        }
    }

    @Test
    void noStepOfAStaircaseRaisesMoreThanOneCriterionAndTheLastHasAllAtTheTop() {
        Random random = new Random(11);
        for (int n = 0; n < 500; n++) {
            List<Integer> tops = random.ints(1 + random.nextInt(4), 1, 7).boxed().toList();
            List<List<Integer>> settings = Staircase.of(tops, random.nextInt(5) / 4.0);
            assertThat(settings.get(settings.size() - 1)).isEqualTo(tops);
            assertThat(new HashSet<>(settings)).hasSameSizeAs(settings);
            for (int i = 1; i < settings.size(); i++) {
                int raised = 0;
                for (int c = 0; c < tops.size(); c++) {
                    raised += settings.get(i).get(c) > settings.get(i - 1).get(c) ? 1 : 0;
                }
                assertThat(raised).as(settings.get(i - 1) + " to " + settings.get(i)).isLessThanOrEqualTo(1);
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"SECONDS, 5, 30, 10", "SECONDS, 3, 5, NaN", "SECONDS, 0, 5, 2", "METRES, 30, 10, 18", "METRES, 1, 2, 1.5", "COUNT, 1, 2, NaN", "METRES, 0.3, 0.5, NaN",
        "SECONDS, 1, 3, 2"})
    void halfWayIsAHandyValueStrictlyBetween(Unit unit, double below, double above, double expected) {
        OptionalDouble found = unit.halfWay(below, above);
        assertThat(found.isPresent()).isEqualTo(!Double.isNaN(expected));
        found.ifPresent(v -> assertThat(v).isEqualTo(expected, within(1e-9)));
    }

    @Test
    void aNewPlaceIsEnteredLowerByItsDifficultyAndByOneAtLeast() {
        assertThat(Staircase.entryInNewPlace(5, 1, 3)).isEqualTo(3);
        assertThat(Staircase.entryInNewPlace(5, 3, 1)).isEqualTo(4);
        assertThat(Staircase.entryInNewPlace(1, 0, 5)).isZero();
        assertThatThrownBy(() -> Staircase.entryInNewPlace(1, 0, 6)).hasMessage("difficulty must be from 0 to 5, was 6");
    }

    @Test
    void whatCannotBeClimbedIsRefused() {
        assertThatThrownBy(() -> Climb.by(1, 1, 1)).hasMessage("start and goal must differ, were 1.0 and 1.0");
        assertThatThrownBy(() -> Climb.by(1, 5, 0)).hasMessage("growth must be more than 0, was 0.0, for example 1");
        assertThatThrownBy(() -> Climb.times(Unit.SECONDS, 1, 5, 1)).hasMessage("growth must be more than 1, was 1.0, for example 1.5");
        assertThatThrownBy(() -> Climb.times(Unit.SECONDS, 0, 5, 2)).hasMessage("start and goal must be more than 0, were 0.0 and 5.0");
        assertThatThrownBy(() -> Climb.list(List.of("lead on"))).hasMessage("a list must have at least two entries, was [lead on]");
        assertThatThrownBy(() -> Climb.list(List.of("a", "a"))).hasMessage("a list must not repeat an entry, was [a, a]");
        assertThatThrownBy(() -> Staircase.of(List.of(2, 0), 0.5)).hasMessage("tops must each be 1 or more, were [2, 0]");
        assertThatThrownBy(() -> Staircase.of(List.of(2), 1.5)).hasMessage("relax must be from 0 to 1, was 1.5, for example 0.5");
    }
}
