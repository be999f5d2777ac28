package cahier.core.food;

import static cahier.core.Vectors.TOLERANCE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import cahier.core.Vectors;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class FoodBudgetTest {

    static Stream<JsonNode> food() {
        return Vectors.cases("food.json");
    }

    private static FoodBudget budget(JsonNode given, int pieces) {
        return new FoodBudget(new FoodBudget.Dog(given.get("kg").asDouble(), Stage.valueOf(given.get("stage").asText())),
                new FoodBudget.Treats(pieces, given.get("pieceGrams").asDouble(), given.get("treatKcalPerGram").asDouble(), given.get("piecesPerBiscuit").asInt()),
                given.get("foodKcalPerGram").asDouble(), FoodBudget.USUAL_SHARE);
    }

    @ParameterizedTest
    @MethodSource("food")
    void workedCasesHold(JsonNode given) {
        FoodBudget budget = budget(given, given.get("pieces").asInt());
        JsonNode expect = given.get("expect");
        assertThat(budget.resting()).isCloseTo(expect.get("rer").asDouble(), within(TOLERANCE));
        assertThat(budget.need()).isCloseTo(expect.get("need").asDouble(), within(TOLERANCE));
        assertThat(budget.allowance()).isCloseTo(expect.get("allowance").asDouble(), within(TOLERANCE));
        assertThat(budget.treatKcal()).isCloseTo(expect.get("treatKcal").asDouble(), within(TOLERANCE));
        assertThat(budget.shareOfAllowance()).isCloseTo(expect.get("shareOfAllowance").asDouble(), within(TOLERANCE));
        assertThat(budget.biscuits()).isEqualTo(expect.get("biscuits").asInt());
        assertThat(budget.mealGramsOff()).isCloseTo(expect.get("mealGramsOff").asDouble(), within(TOLERANCE));
        assertThat(budget.isOver()).isEqualTo(expect.get("over").asBoolean());
        assertThat(budget.largestPieceGrams().orElseThrow()).isCloseTo(expect.get("largestPieceGrams").asDouble(), within(TOLERANCE));
        assertThat(budget.isImpossible()).isEqualTo(expect.get("impossible").asBoolean());
        assertThat(budget.payFromRation()).isEqualTo(expect.get("payFromRation").asBoolean());
    }

    @ParameterizedTest
    @MethodSource("food")
    void piecesOfTheLargestSizeFillTheAllowanceExactly(JsonNode given) {
        FoodBudget budget = budget(given, given.get("pieces").asInt());
        assertThat(budget.largestPieceGrams().orElseThrow() * given.get("pieces").asInt() * given.get("treatKcalPerGram").asDouble()).isCloseTo(budget.allowance(), within(1e-9));
    }

    @ParameterizedTest
    @MethodSource("food")
    void withoutPiecesNothingIsCutAndNothingComesOffTheMeals(JsonNode given) {
        FoodBudget none = budget(given, 0);
        assertThat(none.biscuits()).isZero();
        assertThat(none.mealGramsOff()).isZero();
        assertThat(none.largestPieceGrams()).isEmpty();
        assertThat(none.isOver() || none.isImpossible() || none.payFromRation()).isFalse();
    }

    @Test
    void whatCannotBeIsRefusedByName() {
        assertThatIllegalArgumentException().isThrownBy(() -> new FoodBudget.Dog(0, Stage.PUPPY)).withMessage("kg must be more than 0, was 0.0");
        assertThatIllegalArgumentException().isThrownBy(() -> new FoodBudget.Dog(Double.NaN, Stage.PUPPY)).withMessage("kg must be more than 0, was NaN");
        assertThatIllegalArgumentException().isThrownBy(() -> new FoodBudget.Treats(-1, 1, 1, 1)).withMessage("pieces must be 0 or more, was -1");
        assertThatIllegalArgumentException().isThrownBy(() -> new FoodBudget.Treats(1, 1, 1, 0)).withMessage("perBiscuit must be 1 or more, was 0");
        FoodBudget.Dog dog = new FoodBudget.Dog(8, Stage.PUPPY);
        FoodBudget.Treats treats = new FoodBudget.Treats(10, 1, 3, 4);
        assertThatIllegalArgumentException().isThrownBy(() -> new FoodBudget(dog, treats, 0, 0.1)).withMessage("foodKcalPerGram must be more than 0, was 0.0");
        assertThatIllegalArgumentException().isThrownBy(() -> new FoodBudget(dog, treats, 3, 1.5)).withMessage("share must be more than 0 and at most 1, was 1.5, for example 0.1");
    }

    @ParameterizedTest
    @CsvSource({"2026-04-01, , PUPPY_UNDER_4_MONTHS", "2025-12-01, true, PUPPY", "2025-06-19, , PUPPY", "2025-06-18, , ADULT_NEUTERED", "2025-06-18, false, ADULT_ENTIRE",
        "2017-06-18, false, SENIOR", "2017-06-19, true, ADULT_NEUTERED", ", , ADULT_NEUTERED", ", false, ADULT_ENTIRE"})
    void theStageGoesByAge(LocalDate born, Boolean neutered, Stage stage) {
        assertThat(Stage.of(Optional.ofNullable(born), Optional.ofNullable(neutered), LocalDate.parse("2026-06-18"))).isEqualTo(stage);
    }
}
