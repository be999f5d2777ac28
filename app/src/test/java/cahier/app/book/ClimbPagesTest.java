package cahier.app.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.matchesPattern;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.judge.Answers;
import cahier.app.step.EffortWords;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.track.PassChoice;
import cahier.app.track.Step;
import cahier.app.track.Tracks;
import cahier.core.decide.Decision;
import cahier.core.decide.TrackKind;
import java.time.Duration;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;

/** Several steps at once: seen first, then kept; and the step half-way that a split proposes. */
class ClimbPagesTest extends AppTest {

    @Autowired
    private Tracks tracks;

    private Home home;

    @BeforeEach
    void makeHome() {
        home = homes.make(edda(), TrackKind.SKILL, 1);
    }

    private ResultActions climb(String... fields) throws Exception {
        String[] all = new String[fields.length + 2];
        all[0] = "base";
        all[1] = Long.toString(home.stepNow());
        System.arraycopy(fields, 0, all, 2, fields.length);
        return send("/tracks/" + home.track + "/climb", all);
    }

    @Test
    void theStepsAreSeenBeforeTheyAreKept() throws Exception {
        String[] fields = {"durationFrom", "5 s", "durationTo", "30 s", "durationGrowth", "2 times", "keep", ""};
        climb(fields).andExpect(status().isOk()).andExpect(content().string(containsString("Step 1, 15\u00a0s")))
                .andExpect(content().string(containsString("Save these 4 steps")))
                .andExpect(content().string(containsString("4 steps. 20 reps at the least; at 80% clean about 41.")));
        assertThat(home.roadmap().steps()).hasSize(1);
        fields[7] = "yes";
        climb(fields).andExpect(redirectedUrl("/tracks/" + home.track));
        assertThat(home.roadmap().steps()).extracting(Step::title).containsExactly("Step 1", "Step 1, 5\u00a0s", "Step 1, 10\u00a0s", "Step 1, 15\u00a0s", "Step 1, 30\u00a0s");
    }

    @Test
    void foodFadesAsAClimbAndTheRestOfCahierKnows() throws Exception {
        climb("food", "NOW_AND_THEN", "keep", "yes").andExpect(redirectedUrl("/tracks/" + home.track));
        assertThat(home.roadmap().steps()).extracting(Step::title).containsExactly("Step 1", "Step 1, food about every other time", "Step 1, food now and then");
        assertThat(home.roadmap().steps()).extracting(s -> s.plan().piecesADay()).containsExactly(16, 8, 4);
        Step fading = home.roadmap().steps().get(2);
        home.within(() -> tracks.move(edda().practice(), home.track, fading.id(), null, null, "Edda", now()));
        clock.pass(Duration.ofMinutes(2));
        home.issue();
        open("/o/" + home.token + "/practice/" + fading.id()).andExpect(content().string(allOf(containsString("Now and then, about one clean rep in four. It must not know which."), containsString("Food: now and then"), matchesPattern("(?s).*data-fed=\"[01](,[01])+\".*"))));
        long sheet = homes.number(edda(), "select max(id) from homework where household_id = " + home.id);
        open("/sheets/" + sheet).andExpect(content().string(containsString("Food: now and then, about one clean rep in four.")));
        send("/tracks/" + home.track + "/climb", "base", Long.toString(fading.id()), "food", "EVERY_OTHER").andExpect(content().string(containsString("must be rarer than now, now and then")));
    }

    @Test
    void foodNeverFadesWhereFearIsWorkedOn() throws Exception {
        Home fear = homes.make(edda(), TrackKind.COMFORT, 1);
        send("/tracks/" + fear.track + "/climb", "base", Long.toString(fear.stepNow()), "food", "NONE").andExpect(content().string(containsString("must be every time on a comfort track")));
        send("/steps/" + fear.stepNow(), "version", "0", "title", "Step 1", "how", "Wait.", "run", "5", "reps", "8", "sessions", "2", "minutes", "5", "food", "EVERY_OTHER").andExpect(status().isOk())
                .andExpect(content().string(containsString("must be every time on a comfort track")));
        assertThat(fear.roadmap().steps().get(0).plan().piecesADay()).isEqualTo(16);
        send("/steps/" + home.stepNow(), "version", "0", "title", "Step 1", "how", "Wait.", "run", "5", "reps", "8", "sessions", "2", "minutes", "5", "food", "SELDOM").andExpect(content().string(containsString("SELDOM")));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "durationTo     | 30 s      | must be given when there is a goal",
        "places         | kitchen   | a list must have at least two entries, was [kitchen]",
        "distractions   | none      | a list must have at least two entries, was [none]",
        "first          | duration  | must have at least one criterion that climbs"})
    void whatCannotClimbIsRefusedBesideItsField(String field, String value, String why) throws Exception {
        climb(field, value).andExpect(status().isOk()).andExpect(content().string(containsString(why))).andExpect(content().string(not(containsString("Save these"))));
    }

    @Test
    void startAndGoalAlikeAndTooManyStepsAreRefused() throws Exception {
        climb("distanceFrom", "2 m", "distanceTo", "2 m", "distanceGrowth", "by 1 m").andExpect(content().string(containsString("start and goal must differ, were 2.0 and 2.0")));
        climb("distanceFrom", "50 m", "distanceTo", "1 m", "distanceGrowth", "by 0.5 m").andExpect(content().string(containsString("makes 99 steps, must be at most 60")));
        climb("distanceFrom", "50 m", "distanceTo", "1 m", "distanceGrowth", "slowly").andExpect(content().string(containsString("was “slowly”")));
    }

    @Test
    void aTrackWithoutAStepStartsWithOne() throws Exception {
        send("/steps/" + home.stepNow() + "/remove");
        open("/tracks/" + home.track + "/climb").andExpect(redirectedUrl("/tracks/" + home.track + "/steps/new"));
    }

    @Test
    void aSplitProposesTheFiguresHalfWay() throws Exception {
        send("/tracks/" + home.track + "/steps", "version", "0", "title", "Far", "how", "Wait, then pay.", "place", "kitchen", "distance", "4 m", "run", "5", "reps", "8",
                "sessions", "2", "minutes", "5");
        home.practise("ccccc");
        home.accept();
        home.issue();
        home.practise("cm");
        open("/tracks/" + home.track + "/split").andExpect(content().string(containsString("value=\"2 m\"")))
                .andExpect(content().string(containsString("value=\"Half-way to far\"")))
                .andExpect(content().string(containsString("The figures stand half-way already.")));
        assertThat(home.overrule(Decision.BACK)).isEqualTo(Answers.Result.DONE);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"5 | 5 in a row: at the least 5 reps, at 80% clean about 10, at 60% about 30.", "1 | 1 in a row: at the least 1 rep, at 80% clean about 1, at 60% about 2.",
        "100 | 100 in a row: at the least 100 reps, at 80% clean about more than 10000"})
    void thePassRuleSaysWhatItWillTake(String run, String words) throws Exception {
        open("/effort?pass=RUN&reps=8&run=" + run).andExpect(status().isOk()).andExpect(content().string(containsString(words)));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"RATE_80 | 8 | At the least 10 reps, usually about 15.", "CALM | 8 | At the least 10 reps, usually about 21.",
        "CALM | 4 | Calm sessions need 5 reps or more.", "ODDS | 6 | At the least 10 reps, usually about 20.", "BLOCKS | 6 | At the least 5 reps, usually about 10."})
    void everyOtherRuleSaysItTooAndWhatItCosts(String pass, String reps, String words) {
        String cost = words.startsWith("Calm") ? "" : " " + PassChoice.valueOf(pass).cost();
        assertThat(EffortWords.of(pass, "5", reps)).isEqualTo(words + cost);
    }

    @Test
    void whatIsNoPassRuleSaysNothing() {
        assertThat(EffortWords.of("RUN", "five", "8")).isEmpty();
        assertThat(EffortWords.of("RUN", "0", "8")).isEmpty();
        assertThat(EffortWords.of("RUN", "101", "8")).isEmpty();
    }
}
