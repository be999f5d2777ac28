package cahier.core.method;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.core.method.TemplateOrder.Bar;
import cahier.core.method.TemplateOrder.Part;
import cahier.core.method.TemplateOrder.Placed;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class TemplateOrderTest {

    private static final Part STEP = new Part(Optional.empty(), false);
    private static final Part NAMING = new Part(Optional.empty(), true);
    private static final Method USUAL = new Method(Map.of());
    private static final Method EARLY = new Method(Map.of(Question.NAMING, Choice.NAMED_EARLY));

    @Test
    void theWordComesWhereTheTemplateHasItOnceTheStepBeforeHolds() {
        assertThat(TemplateOrder.of(USUAL, List.of(STEP, STEP, NAMING, STEP))).containsExactly(
                new Placed(0, 0, false, Bar.OWN), new Placed(1, 1, false, Bar.EIGHT_OF_TEN), new Placed(2, 2, true, Bar.NINE_OF_TEN), new Placed(3, 3, true, Bar.OWN));
        assertThat(TemplateOrder.of(new Method(Map.of(Question.NAMING, Choice.NAMED_AT_90)), List.of(STEP, NAMING)).get(0).bar()).isEqualTo(Bar.NINE_OF_TEN);
    }

    @Test
    void addedEarlyItComesAfterTheFirstStepAndHasItsSetting() {
        List<Placed> placed = TemplateOrder.of(EARLY, List.of(STEP, STEP, NAMING, STEP));
        assertThat(placed).containsExactly(new Placed(0, 0, false, Bar.OWN), new Placed(2, 0, true, Bar.OWN), new Placed(1, 1, true, Bar.OWN), new Placed(3, 3, true, Bar.OWN));
        assertThat(placed).extracting(Placed::isEarly).containsExactly(false, true, false, false);
    }

    @Test
    void aTemplateThatBeginsWithItsWordKeepsItInEverySchool() {
        assertThat(TemplateOrder.of(EARLY, List.of(NAMING, STEP))).containsExactly(new Placed(0, 0, true, Bar.OWN), new Placed(1, 1, true, Bar.OWN));
        assertThat(TemplateOrder.of(USUAL, List.of(NAMING, STEP))).containsExactly(new Placed(0, 0, true, Bar.NINE_OF_TEN), new Placed(1, 1, true, Bar.OWN));
    }

    @ParameterizedTest
    @EnumSource(value = Choice.class, names = {"NAMED_AT_80", "NAMED_AT_90", "NAMED_EARLY"})
    void whereNothingIsNamedTheWordIsSpokenAllAlong(Choice naming) {
        assertThat(TemplateOrder.of(new Method(Map.of(Question.NAMING, naming)), List.of(STEP, STEP))).containsExactly(new Placed(0, 0, true, Bar.OWN), new Placed(1, 1, true, Bar.OWN));
    }

    @Test
    void aStepForAnotherSchoolIsLeftOut() {
        Part backOff = new Part(Optional.of(Choice.LEAVE_IT_BACK_OFF), false);
        Part lookAtMe = new Part(Optional.of(Choice.LEAVE_IT_LOOK_AT_ME), false);
        assertThat(TemplateOrder.of(USUAL, List.of(backOff, lookAtMe))).extracting(Placed::part).containsExactly(1);
        assertThat(TemplateOrder.of(USUAL, List.of(backOff))).isEmpty();
    }
}
