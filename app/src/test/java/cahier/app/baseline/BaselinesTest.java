package cahier.app.baseline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.track.KeyedPlan;
import cahier.app.track.PassChoice;
import cahier.app.track.StepPlan;
import cahier.app.track.Teaching;
import cahier.app.track.Tracks;
import cahier.core.decide.TrackKind;
import cahier.core.rep.Aid;
import cahier.core.rep.Outcome;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultMatcher;

/** Baselines are taken tap by tap, kept, and say where a track may start. */
class BaselinesTest extends AppTest {

    private Home home;
    private String dog;
    @Autowired
    private Baselines baselines;
    @Autowired
    private Tracks tracks;

    @BeforeEach
    void makeHome() {
        home = homes.make(edda(), TrackKind.SKILL, 1);
        dog = Long.toString(home.facts().dogs().get(0).id());
    }

    private static ResultMatcher says(String text) {
        return content().string(containsString(text));
    }

    private Baseline take(String kind, String... fields) throws Exception {
        List<String> all = new ArrayList<>(List.of("dog", dog, "kind", kind));
        all.addAll(List.of(fields));
        send("/households/" + home.id + "/baselines", all.toArray(String[]::new)).andExpect(status().is3xxRedirection());
        return newest();
    }

    private Baseline newest() {
        return asEdda(() -> baselines.ofHousehold(edda().practice(), home.id)).get(0);
    }

    private void tap(Baseline b, String outcomes) throws Exception {
        for (char letter : outcomes.toCharArray()) {
            send("/baselines/" + b.id() + "/tries", "outcome", letter == 'c' ? "CLEAN" : "MISSED");
        }
    }

    private void steps() {
        asEdda(() -> {
            for (int i = 2; i <= 4; i++) {
                StepPlan p = Home.step("Step " + i);
                tracks.addStep(edda().practice(), home.track, KeyedPlan.own(new StepPlan(p.title(), p.how(), p.place(), 30.0 / i, 10.0 * i, "", "", Aid.NONE, i >= 3 ? "leave" : "",
                        PassChoice.RUN, 5, 8, 2, 5, "", "", Teaching.NONE)), Integer.MAX_VALUE, now());
            }
            return null;
        });
    }

    @Test
    void tenTapsCloseAColdTestAndTheLastCanBeTakenBackBefore() throws Exception {
        Baseline test = take("COLD_TEST", "about", "leave");
        tap(test, "ccccccm");
        send("/baselines/" + test.id() + "/untry");
        tap(test, "cccc");
        assertThat(newest().findings().triesOrNone()).hasSize(10).containsOnly(Outcome.CLEAN);
        assertThat(newest().isOpen()).isFalse();
        tap(test, "m");
        send("/baselines/" + test.id() + "/untry");
        assertThat(newest().result()).isEqualTo("10 of 10 clean");
    }

    @Test
    void aTestBrokenOffKeepsItsTriesAndOneWithoutAnyIsGone() throws Exception {
        Baseline test = take("COLD_TEST", "about", "leave");
        tap(test, "cm");
        send("/baselines/" + test.id() + "/close");
        assertThat(newest().result()).isEqualTo("1 of 2 clean");
        Baseline none = take("COLD_TEST", "about", "mat");
        send("/baselines/" + none.id() + "/close");
        assertThat(newest().id()).isEqualTo(test.id());
    }

    @Test
    void aKnownCueProposesTheStepThatSaysItAndUsingItIsTheTrainersDecision() throws Exception {
        steps();
        Baseline test = take("COLD_TEST", "about", "leave");
        tap(test, "ccccccccmm");
        open("/tracks/" + home.track).andExpect(says("Start at step 3")).andExpect(says("8 of 10 clean"));
        assertThat(home.roadmap().number()).isEqualTo(1);
        send("/tracks/" + home.track + "/dog-on/" + home.roadmap().steps().get(2).id());
        assertThat(home.roadmap().number()).isEqualTo(3);
        open("/tracks/" + home.track).andExpect(content().string(not(containsString("Start at step")))).andExpect(says("At the start"));
    }

    @Test
    void theStartStandsBesideTodaysFigure() throws Exception {
        Baseline test = take("COLD_TEST", "about", "leave it");
        tap(test, "mmmmmmmmmc");
        home.practise("ccccm");
        open("/tracks/" + home.track).andExpect(says("1 of 10 clean")).andExpect(says("Now: 4 of the last 5 clean."));
    }

    @Test
    void theFoodTestGivesItsReading() throws Exception {
        assertThat(take("FOOD", "fromTrainer", "yes").result()).isEqualTo("Took it from you: at ease");
        assertThat(take("FOOD", "fromTrainer", "no", "fromOwner", "yes").result()).isEqualTo("Took it from the owner only: uneasy with you");
        assertThat(take("FOOD", "fromTrainer", "no", "fromOwner", "no").result()).contains("Work on nothing else first");
        send("/households/" + home.id + "/baselines", "dog", dog, "kind", "FOOD", "fromTrainer", "no").andExpect(status().isOk())
                .andExpect(says("must be told: let the owner offer when you were refused"));
    }

    @Test
    void aWorkingDistanceIsReadInFeetTooAndNothingElseIsTaken() throws Exception {
        assertThat(take("DISTANCE", "about", "DOG", "distance", "50 ft").findings().metres()).isEqualTo(15.24);
        for (String bad : List.of("", "0", "far")) {
            send("/households/" + home.id + "/baselines", "dog", dog, "kind", "DISTANCE", "about", "DOG", "distance", bad).andExpect(status().isOk())
                    .andExpect(says("must be a distance"));
        }
    }

    @Test
    void aWatchIsTappedAsItHappens() throws Exception {
        Baseline watch = take("WATCH", "about", "loose");
        clock.pass(Duration.ofSeconds(40));
        send("/baselines/" + watch.id() + "/signs", "sign", "VOCAL");
        open("/households/" + home.id + "/baselines").andExpect(says("Vocal ends")).andExpect(says("Pacing begins"));
        clock.pass(Duration.ofSeconds(20));
        send("/baselines/" + watch.id() + "/signs", "sign", "VOCAL");
        send("/baselines/" + watch.id() + "/signs", "sign", "PACING");
        clock.pass(Duration.ofMinutes(30));
        send("/baselines/" + watch.id() + "/close");
        Baseline closed = newest();
        assertThat(closed.findings().watchedSeconds()).isEqualTo(900);
        assertThat(closed.findings().spellsOrNone()).hasSize(2).allSatisfy(s -> assertThat(s.to()).isNotNull());
        assertThat(closed.result()).startsWith("First sign after 4").endsWith("2 spells in 15\u00a0min");
        open("/households/" + home.id + "/baselines").andExpect(says("vocal from 4"));
    }

    @Test
    void zonesAndPlacesAreKept() throws Exception {
        assertThat(take("ZONES", "zone-chest", "4", "zone-hind paws", "0").result()).isEqualTo("chest 4, hind paws 0");
        assertThat(take("LIES", "about", "hall, on the tiles").result()).isEqualTo("hall, on the tiles");
        send("/households/" + home.id + "/baselines", "dog", dog, "kind", "ZONES", "zone-chest", "9").andExpect(says("must have at least one zone that was touched"));
        send("/households/" + home.id + "/baselines", "dog", "0", "kind", "LIES", "about", "bed").andExpect(says("must be one of the household"));
    }

    @Test
    void aBaselineOfAnotherPracticeIsNotHere() throws Exception {
        Baseline test = take("COLD_TEST", "about", "leave");
        send(imre(), "/baselines/" + test.id() + "/tries", "outcome", "CLEAN").andExpect(status().isNotFound());
        send(imre(), "/baselines/" + test.id() + "/close").andExpect(status().isNotFound());
        assertThat(newest().findings().triesOrNone()).isEmpty();
    }
}
