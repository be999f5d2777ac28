package cahier.core.place;

import static cahier.core.Vectors.TOLERANCE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import cahier.core.Vectors;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class PlacesTest {

    private static final Places.Cell KITCHEN = new Places.Cell("kitchen", 19, 20);
    private static final Places.Cell HALL = new Places.Cell("hall", 5, 10);
    private static final Places.Cell STREET = new Places.Cell("street", 9, 10);

    static Stream<JsonNode> places() {
        return Vectors.cases("places.json");
    }

    private static List<Places.Cell> cells(JsonNode given) {
        return StreamSupport.stream(given.get("cells").spliterator(), false)
                .map(c -> new Places.Cell(c.get("place").asText(), c.get("clean").asInt(), c.get("reps").asInt())).toList();
    }

    @ParameterizedTest
    @MethodSource("places")
    void workedCasesHold(JsonNode given) {
        List<Places.Observed> observed = Places.observed(cells(given));
        assertThat(observed).hasSize(given.get("expect").size());
        for (int i = 0; i < observed.size(); i++) {
            assertThat(observed.get(i).place()).isEqualTo(given.get("expect").get(i).get("place").asText());
            assertThat(observed.get(i).difficulty()).isCloseTo(given.get("expect").get(i).get("difficulty").asDouble(), within(TOLERANCE));
        }
    }

    @ParameterizedTest
    @MethodSource("places")
    void difficultyLiesFromZeroToOneAndOneMoreCleanNeverMakesAPlaceHarder(JsonNode given) {
        List<Places.Cell> cells = cells(given);
        List<Places.Observed> before = Places.observed(cells);
        assertThat(before).allMatch(o -> o.difficulty() >= 0 && o.difficulty() <= 1);
        for (int i = 0; i < cells.size(); i++) {
            Places.Cell c = cells.get(i);
            List<Places.Cell> more = new ArrayList<>(cells);
            more.set(i, new Places.Cell(c.place(), c.clean() + 1, c.reps() + 1));
            assertThat(Places.observed(more).get(i).difficulty()).isLessThanOrEqualTo(before.get(i).difficulty() + TOLERANCE);
        }
    }

    @Test
    void theEasiestPlaceThatDoesNotCountYetIsNext() {
        assertThat(Places.next(List.of(KITCHEN, HALL, STREET)).orElseThrow().place()).isEqualTo("hall");
        assertThat(Places.next(List.of(KITCHEN, new Places.Cell("lane", 0, 0), HALL)).orElseThrow().place()).isEqualTo("lane");
        assertThat(Places.next(List.of(new Places.Cell("a", 0, 0), new Places.Cell("b", 0, 0))).orElseThrow().place()).isEqualTo("a");
        assertThat(Places.next(List.of(KITCHEN, STREET))).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"2, 2, false", "3, 3, true", "4, 5, true", "3, 4, false", "8, 10, true", "7, 10, false", "0, 0, false"})
    void aPlaceCountsFromThreeRepsAndEightOfTenOn(int clean, int reps, boolean counts) {
        assertThat(new Places.Cell("x", clean, reps).counts()).isEqualTo(counts);
    }

    @Test
    void neighboursThatTheRepsPutTheOtherWayRoundAreNamed() {
        assertThat(Places.swapped(List.of(KITCHEN, HALL, STREET))).singleElement().satisfies(s -> {
            assertThat(s.thoughtEasier().place()).isEqualTo("hall");
            assertThat(s.thoughtHarder().place()).isEqualTo("street");
        });
        assertThat(Places.swapped(List.of(KITCHEN, STREET, HALL))).isEmpty();
        assertThat(Places.swapped(List.of(HALL, new Places.Cell("lane", 2, 2), KITCHEN))).as("two reps say nothing, so hall and kitchen are neighbours")
                .singleElement().satisfies(s -> assertThat(s.thoughtHarder().place()).isEqualTo("kitchen"));
        assertThat(Places.swapped(List.of(new Places.Cell("a", 6, 10), new Places.Cell("b", 7, 10)))).as("0.07 apart").isEmpty();
    }

    @Test
    void whatIsNoCellIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> new Places.Cell("hall", 3, 2)).withMessage("clean must be from 0 to reps 2, was 3");
        assertThatIllegalArgumentException().isThrownBy(() -> Places.observed(List.of(HALL, HALL))).withMessage("places must differ, were [hall, hall]");
    }
}
