package cahier.app.food;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;

import cahier.app.sheet.Homeworks;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import cahier.core.food.FoodBudget;
import cahier.core.food.Stage;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** The food line of a sheet. */
class FoodLinesTest extends AppTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 6, 18);

    @Autowired
    private Homeworks homeworks;

    private static FoodLine line(double kg, int pieces) {
        return new FoodLine("Pim", new FoodBudget(new FoodBudget.Dog(kg, Stage.ADULT_NEUTERED),
                FoodBudget.Treats.usual(pieces), FoodBudget.USUAL_FOOD_KCAL_PER_G, FoodBudget.USUAL_SHARE));
    }

    @Test
    void whatFitsSaysWhatToCutAndWhatComesOffTheMeals() {
        assertThat(line(8.4, 28).treats()).isEqualTo("28 treats of 0.5\u00a0g a day: 49 of 55\u00a0kcal for treats.");
        assertThat(line(8.4, 28).todo()).isEqualTo("Cut 7 biscuits, and give 14\u00a0g less at meals.");
        assertThat(line(30, 1).treats()).startsWith("1 treat of");
    }

    @Test
    void whatDoesNotFitSaysTheSizeThatWouldOrThatTheRationPays() {
        assertThat(line(8.4, 60).todo()).isEqualTo("Too many treats: cut them to 0.26\u00a0g, and give 29\u00a0g less at meals.");
        assertThat(line(2, 300).todo()).isEqualTo("Too many treats: pay with its ordinary food.");
    }

    @Test
    void theSheetAndTheBriefCarryIt() throws Exception {
        Home home = homes.make(edda(), TrackKind.SKILL, 2);
        long sheet = asEdda(() -> homeworks.latest(edda().practice(), home.id)).orElseThrow().id();
        open("/sheets/" + sheet).andExpect(content().string(allOf(containsString("16 treats of 0.5\u00a0g a day: 28 of 55\u00a0kcal for treats."), containsString("Cut 4 biscuits, and give"))));
    }
}
