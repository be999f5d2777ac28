package cahier.core.rehearse;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import cahier.core.decide.TrackKind;
import cahier.core.pass.Block;
import cahier.core.pass.Odds;
import cahier.core.pass.PassRule;
import cahier.core.pass.Run;
import cahier.core.pass.Spread;
import cahier.core.rep.Outcome;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class RehearsalTest {

    private static final PassRule ODDS = Odds.usual(Spread.NONE);
    private static final Plan SIX = Plan.even(TrackKind.SKILL, 6, ODDS, 8);
    private static final Owners OFTEN = Owners.one(0.7);

    private static Rehearsal walk(Plan plan, Owners owners, Answering answering) {
        return Rehearsal.of(plan, 0, owners, answering, Rules.TODAY, List.of(), 7);
    }

    /** Four sessions of eight on the first step, of which so many are clean. */
    private static List<Past> past(int clean) {
        List<Past> past = new ArrayList<>();
        for (int day = 4; day > 0; day--) {
            List<Outcome> outcomes = new ArrayList<>(Collections.nCopies(clean, Outcome.CLEAN));
            outcomes.addAll(Collections.nCopies(8 - clean, Outcome.MISSED));
            past.add(new Past(day, 0, "home", 0, outcomes));
        }
        return past;
    }

    @Test
    void theSameSeedTheSameDogs() {
        assertThat(walk(SIX, OFTEN, Answering.AT_ONCE)).isEqualTo(walk(SIX, OFTEN, Answering.AT_ONCE));
        assertThat(walk(SIX, OFTEN, Answering.AT_ONCE)).isNotEqualTo(Rehearsal.of(SIX, 0, OFTEN, Answering.AT_ONCE, Rules.TODAY, List.of(), 8));
    }

    @Test
    void moreSessionsAPromptAnswerAndFewerStepsAreSooner() {
        double usual = walk(SIX, OFTEN, Answering.AT_ONCE).weeks(0.5).orElseThrow();
        assertThat(walk(SIX, Owners.one(0.3), Answering.AT_ONCE).weeks(0.5).orElse(99)).isGreaterThan(usual);
        assertThat(walk(SIX, OFTEN, Answering.WEEKLY).weeks(0.5).orElse(99)).isGreaterThan(usual);
        assertThat(walk(SIX.without(5), OFTEN, Answering.AT_ONCE).weeks(0.5).orElse(99)).isLessThan(usual);
        assertThat(Rehearsal.of(SIX, 4, OFTEN, Answering.AT_ONCE, Rules.TODAY, List.of(), 7).weeks(0.1)).as("a usual dog put on the fifth step finds it hard").isNotEqualTo(walk(SIX, OFTEN, Answering.AT_ONCE).weeks(0.1));
        assertThat(walk(SIX, OFTEN, Answering.AT_ONCE).weeks(1)).as("there by then are as many as were there ever").matches(w -> w.isEmpty() || w.getAsDouble() <= 26.0);
    }

    @Test
    void aRuleOfLuckLetsMoreOnTooEarly() {
        assertThat(walk(SIX.passedBy(Block.usual(Spread.NONE)), OFTEN, Answering.AT_ONCE).tooEarly()).isGreaterThan(3 * walk(SIX, OFTEN, Answering.AT_ONCE).tooEarly());
        assertThat(walk(SIX.passedBy(new Run(5, Spread.NONE)), OFTEN, Answering.WEEKLY).needless()).isGreaterThan(1.5 * walk(SIX.passedBy(new Run(5, Spread.NONE)), OFTEN, Answering.AT_ONCE).needless());
    }

    @Test
    void dogsLikeOneThatDoesWellDoWell() {
        double well = Rehearsal.of(SIX, 0, OFTEN, Answering.AT_ONCE, Rules.TODAY, past(8), 7).weeks(0.5).orElseThrow();
        double badly = Rehearsal.of(SIX, 0, OFTEN, Answering.AT_ONCE, Rules.TODAY, past(3), 7).weeks(0.5).orElse(99);
        assertThat(well).isLessThan(badly);
        assertThat(well).isLessThan(walk(SIX, OFTEN, Answering.AT_ONCE).weeks(0.5).orElseThrow());
    }

    @Test
    void whereTheyGetStuckIsWhereTheStepIsTooHigh() {
        List<Plan.Step> steps = new ArrayList<>(Plan.even(TrackKind.SKILL, 4, ODDS, 8).steps());
        steps.add(new Plan.Step(6, ODDS, 8));
        Plan leap = new Plan(TrackKind.SKILL, steps);
        List<Integer> stuck = walk(leap, OFTEN, Answering.AT_ONCE).stuck();
        assertThat(stuck).hasSize(5);
        assertThat(stuck.get(4)).isEqualTo(Collections.max(stuck)).isGreaterThan(2 * stuck.get(0));
        assertThat(walk(leap.splitAt(4), OFTEN, Answering.AT_ONCE).stuck().get(5)).as("with a step between fewer").isLessThan(stuck.get(4));
    }

    @Test
    void fearWithAHandlerWhoPutsItOffMeetsMore() {
        Plan fear = Plan.even(TrackKind.COMFORT, 5, Odds.usual(Spread.COMFORT), 8);
        double alone = walk(fear, OFTEN, Answering.AT_ONCE).tooMuch();
        assertThat(alone).isGreaterThan(2 * walk(SIX, OFTEN, Answering.AT_ONCE).tooMuch());
        assertThat(walk(fear, Owners.two(0.7, 2), Answering.AT_ONCE).tooMuch() / alone).isGreaterThan(1);
    }

    @Test
    void everyNightCosts() {
        Traits traits = new Traits(0, 0.05, 0, 1.3, List.of(), 0, 0);
        Dog dog = new Dog(traits);
        dog.begin("home", 0, 0);
        double before = dog.rate(0, 0);
        for (int i = 0; i < 10; i++) {
            dog.learn(dog.chance(0), Outcome.CLEAN);
        }
        double evening = dog.rate(0, 0);
        dog.night(true);
        double morning = dog.rate(0, 0);
        dog.night(false);
        assertThat(before).isEqualTo(0.5);
        assertThat(evening).isGreaterThan(morning);
        assertThat(morning).isGreaterThan(dog.rate(0, 0));
        assertThat(dog.rate(0, 0)).isGreaterThan(before);
        assertThat(dog.rate(1, 0)).isLessThan(dog.rate(0, 0));
        assertThat(dog.rate(0, 1)).isLessThan(dog.rate(0, 0));
    }

    @Test
    void nonsenseIsRefused() {
        assertThatThrownBy(() -> new Owners(0, false, 1, List.of(), List.of(), 0)).hasMessageContaining("were 0.0, 1, 0, 0");
        assertThatThrownBy(() -> new Plan(TrackKind.SKILL, List.of())).hasMessageContaining("at least one step");
        assertThatThrownBy(() -> new Past(-1, 0, "", 0, List.of())).hasMessage("daysBefore must be 0 or more, was -1");
        assertThatThrownBy(() -> new Plan.Step(0, ODDS, 0)).hasMessageContaining("were 0.0 and 0");
    }
}
