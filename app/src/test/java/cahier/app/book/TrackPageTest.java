package cahier.app.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.judge.Decided;
import cahier.app.log.KeptRep;
import cahier.app.log.RepLog;
import cahier.app.sheet.Homeworks;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.track.Helper;
import cahier.app.track.KeyedPlan;
import cahier.app.track.MovesOn;
import cahier.app.track.PassChoice;
import cahier.app.track.StepPlan;
import cahier.app.track.Teaching;
import cahier.app.track.Tracks;
import cahier.core.decide.Decision;
import cahier.core.decide.TrackKind;
import cahier.core.pass.Spread;
import cahier.core.rep.Aid;
import cahier.core.rep.Outcome;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;

/** What the page of one track says, and what its settings do. */
class TrackPageTest extends AppTest {

    @Autowired
    private RepLog log;
    @Autowired
    private Tracks tracks;
    @Autowired
    private Homeworks homeworks;
    private Home home;

    @BeforeEach
    void makeHome() {
        home = homes.make(edda(), TrackKind.SKILL, 4);
    }

    private ResultActions page() throws Exception {
        return open("/tracks/" + home.track);
    }

    private void rest() {
        clock.pass(Duration.ofHours(5));
    }

    private void ownerMovesOn() throws Exception {
        send("/tracks/" + home.track, "version", Integer.toString(home.roadmap().track().version()), "title", "Leave it", "kind", "SKILL", "topic", "EVERYDAY",
                "staleDays", "9", "movesOn", "OWNER").andExpect(status().is3xxRedirection());
        assertThat(home.roadmap().track().movesOn()).isEqualTo(MovesOn.OWNER);
        assertThat(home.roadmap().track().staleDays()).isEqualTo(9);
    }

    // ---- the evidence ----

    @Test
    void personByPlaceFirstTriesAndTheLastRepsStandOnThePage() throws Exception {
        page().andExpect(content().string(allOf(containsString("No reps at this step yet."), not(containsString("Clean by person and place")))));
        home.practise("Dele", "cccm");
        rest();
        home.practise("Marit", "mcc");
        page().andExpect(content().string(allOf(containsString("Clean by person and place, all 7 at this step"), containsString("5 clean, 2 missed"),
                containsString("1 of the last 2 first tries clean."), containsString("At 71% clean, 5 in a row takes about"), containsString(">3/4<"), containsString(">2/3<"),
                containsString(">5/7<"), containsString("Clean, "), containsString(", step 1: 5 clean, 2 missed. Dele and Marit, kitchen."))));
    }

    @Test
    void theWordWaitsUntilTenWithoutItHoldTheBarAndRestsWhenItSlips() throws Exception {
        asEdda(() -> {
            StepPlan p = Home.step("On the word");
            StepPlan named = new StepPlan(p.title(), p.how(), p.place(), null, null, "", "", Aid.NONE, "leave", PassChoice.RUN, 5, 8, 2, 5, "", "", Teaching.NONE);
            return tracks.addStep(edda().practice(), home.track, KeyedPlan.own(named), 1, now());
        });
        home.practise("cccccm");
        page().andExpect(content().string(allOf(containsString("The word waits"), containsString("5 of the last 6 reps were clean without help and word; 8 of 10 are needed."))));
        rest();
        home.practise("cccc");
        page().andExpect(content().string(containsString("The word may come")));
        home.accept();
        home.issue();
        rest();
        home.practise("cmcm");
        page().andExpect(content().string(allOf(containsString("Rest the word"), containsString("2 of the last 5 with “leave” were not clean."))));
    }

    @Test
    void theNextPlaceIsTheEasiestThatDoesNotCountYet() throws Exception {
        home.practise("cccccmcccc");
        page().andExpect(content().string(containsString("Next place: hall")));
    }

    // ---- what if ----

    @Test
    void anotherRuleSaysWhenItWouldHaveLetTheDogGoOn() throws Exception {
        home.practise("ccc");
        rest();
        home.practise("mcc");
        open("/tracks/" + home.track + "/what-if?pass=RUN&run=3").andExpect(content().string(allOf(containsString("3\u00a0clean in a row"), containsString("Step up on "), containsString("after 3 reps."))));
        open("/tracks/" + home.track + "/what-if?pass=RUN&run=4").andExpect(content().string(allOf(containsString("Not once in 6 reps."), containsString("Stay."))));
        open("/tracks/" + home.track + "/what-if?pass=RUN&run=3&people=2").andExpect(content().string(allOf(containsString("with 2 people"), containsString("Not once in 6 reps."))));
        open("/tracks/" + home.track + "/what-if?pass=RUN&run=0&days=99").andExpect(content().string(allOf(containsString("Run must be a whole number from 1 to 100, was “0”."),
                containsString("Days must be a whole number from 0 to 30, was “99”."))));
        assertThat(home.roadmap().steps().get(0).plan().run()).isEqualTo(5);
    }

    // ---- spread ----

    @Test
    void aStepMayAskForItsOwnSpreadButNotForMoreThanTheHouseholdHas() throws Exception {
        String step = "/steps/" + home.stepNow();
        String[] fields = {"version", "0", "title", "Step 1", "how", "Wait.", "run", "3", "reps", "8", "sessions", "2", "minutes", "5"};
        send(step, with(fields, "people", "3", "places", "9")).andExpect(status().isOk()).andExpect(content().string(allOf(
                containsString("must be at most 2, as many as practise here, was 3"), containsString("must be at most 2, as many as the household has, was 9"))));
        send(step, with(fields, "coldClean", "3", "coldOf", "2")).andExpect(content().string(containsString("must be 3 or more, as many as must be clean, was 2")));
        send(step, with(fields, "people", "2")).andExpect(redirectedUrlPattern("/tracks/*"));
        assertThat(home.roadmap().steps().get(0).plan().spread()).isEqualTo(new Spread(0, 0, 2, 0, 0, 0));
        home.practise("Dele", "cccc");
        assertThat(home.suggestion().suggested()).isEqualTo(Decision.STAY);
        page().andExpect(content().string(allOf(containsString("To pass: 1 more person."), containsString("clean in a row, with 2 people"))));
        rest();
        home.practise("Marit", "ccc");
        assertThat(home.suggestion().suggested()).isEqualTo(Decision.UP);
    }

    private static String[] with(String[] fields, String... more) {
        String[] all = Arrays.copyOf(fields, fields.length + more.length);
        System.arraycopy(more, 0, all, fields.length, more.length);
        return all;
    }

    // ---- a rep taken out ----

    private void takeOut(KeptRep rep) throws Exception {
        send("/tracks/" + home.track + "/reps/void", "rep", rep.id().toString()).andExpect(redirectedUrlPattern("/tracks/*"));
    }

    private List<KeptRep> reps(int last) throws Exception {
        return asEdda(() -> log.latestOfTrack(edda().practice(), home.track, last));
    }

    @Test
    void whatStoodOnARepThatWasTakenOutIsWithdrawnAndStandsAgainWhenItIsPutBack() throws Exception {
        home.practise("ccccc");
        assertThat(home.suggestion().suggested()).isEqualTo(Decision.UP);
        rest();
        home.practise("m");
        assertThat(home.suggestion().suggested()).as("stays open").isEqualTo(Decision.UP);
        KeptRep out = reps(6).stream().filter(r -> r.outcome() == Outcome.CLEAN).findFirst().orElseThrow();
        takeOut(out);
        assertThat(home.suggestion().suggested()).as("as if the rep had never been").isEqualTo(Decision.STAY);
        page().andExpect(content().string(not(containsString("Step up."))));
        send("/tracks/" + home.track + "/reps/restore", "rep", out.id().toString());
        assertThat(home.suggestion().suggested()).isEqualTo(Decision.UP);
    }

    @Test
    void takingOutOneRepLeavesWhatTheOthersSay() throws Exception {
        home.practise("mttt");
        long call = home.suggestion().id();
        assertThat(home.suggestion().suggested()).isEqualTo(Decision.CALL);
        takeOut(reps(4).stream().filter(r -> r.outcome() == Outcome.MISSED).findFirst().orElseThrow());
        assertThat(home.suggestion().suggested()).isEqualTo(Decision.CALL);
        assertThat(home.suggestion().id()).as("the same suggestion, so that a page that is open still answers it").isEqualTo(call);
        rest();
        home.practise("ccccc");
        takeOut(reps(8).stream().filter(r -> r.outcome() == Outcome.CLEAN).findFirst().orElseThrow());
        assertThat(home.suggestion().suggested()).as("clean sessions never live it down").isEqualTo(Decision.CALL);
    }

    @Test
    void whatAnOwnerPutsRightLaterCountsAsIfItHadAlwaysBeenSo() throws Exception {
        home.practise("ccccc");
        rest();
        KeptRep rep = reps(1).get(0);
        mvc.perform(post("/o/" + home.token + "/reps/" + rep.id() + "/correct").contentType(MediaType.APPLICATION_JSON)
                .content("{\"as\":\"" + UUID.randomUUID() + "\",\"outcome\":\"MISSED\",\"at\":\"" + now() + "\"}")).andExpect(status().isOk());
        assertThat(home.suggestion().suggested()).as("a session may still go on").isEqualTo(Decision.UP);
        clock.pass(Duration.ofMinutes(31));
        page();
        assertThat(home.suggestion().suggested()).isEqualTo(Decision.STAY);
    }

    @Test
    void aRepTheTrainerTakesOutChangesTheVerdictAndPuttingItBackToo() throws Exception {
        home.practise("mmmmmcctt");
        assertThat(home.suggestion().suggested()).isEqualTo(Decision.CALL);
        List<KeptRep> tooMuch = asEdda(() -> log.latestOfTrack(edda().practice(), home.track, 9)).stream().filter(r -> r.outcome() == Outcome.TOO_MUCH).toList();
        Decided before = home.suggestion();
        send("/tracks/" + home.track + "/reps/void", "rep", tooMuch.get(0).id().toString()).andExpect(redirectedUrlPattern("/tracks/*"));
        assertThat(home.suggestion().suggested()).isNotEqualTo(Decision.CALL);
        assertThat(asEdda(() -> log.latestOfTrack(edda().practice(), home.track, 20))).hasSize(8);
        send("/tracks/" + home.track + "/reps/restore", "rep", tooMuch.get(0).id().toString());
        send("/tracks/" + home.track + "/reps/restore", "rep", tooMuch.get(0).id().toString());
        assertThat(asEdda(() -> log.latestOfTrack(edda().practice(), home.track, 20))).hasSize(9);
        assertThat(home.suggestion().suggested()).isEqualTo(before.suggested());
        send("/tracks/" + home.track + "/reps/void", "rep", "no rep").andExpect(status().isNotFound());
    }

    // ---- payback ----

    @Test
    void aTimedChainSaysWhenItHasPaidForItself() throws Exception {
        page().andExpect(content().string(not(containsString("Has it paid for itself?"))));
        asEdda(() -> {
            StepPlan p = Home.step("Through together");
            Teaching chain = new Teaching("", "", Helper.NOBODY, List.of(), List.of("sits", "door opens"), null, List.of());
            StepPlan doorway = new StepPlan(p.title(), p.how(), p.place(), null, null, "", "", Aid.NONE, "", PassChoice.RUN, 5, 8, 2, 5, "", "", chain);
            return tracks.addStep(edda().practice(), home.track, KeyedPlan.own(doorway), 0, now());
        });
        open("/tracks/" + home.track + "/payback?uses=none").andExpect(content().string(containsString("Uses a day must be a whole number from 1 to 50, was “none”.")));
        open("/tracks/" + home.track + "/payback?uses=6").andExpect(content().string(containsString("No timed clean passage yet.")));
        rep("CLEAN", 40);
        clock.pass(Duration.ofDays(7));
        rep("MISSED", 90);
        rep("CLEAN", 20);
        open("/tracks/" + home.track + "/payback?uses=6").andExpect(content().string(allOf(containsString("It has paid for itself since"), containsString("2 min of teaching, 2 min saved so far. Before: 40 s."), containsString(": 20 s, 1 passage"))));
        open("/tracks/" + home.track + "/payback?uses=6&before=20").andExpect(content().string(containsString("Not in sight")));
    }

    private void rep(String outcome, int seconds) throws Exception {
        home.sendReps("{\"reps\":[" + Home.rep(UUID.randomUUID().toString(), UUID.randomUUID().toString(), home.stepNow(), outcome, now(), "Dele").replace("}", ",\"value\":" + seconds + "}") + "]}");
    }

    // ---- a test ----

    @Test
    void aStalledStepIsTestedOneChangeAtATimeAndTheReadingSaysWhatHelped() throws Exception {
        page().andExpect(content().string(not(containsString("Try first"))));
        rest();
        home.practise("mmcmm");
        rest();
        home.practise("mmcmm");
        clock.pass(Duration.ofMinutes(1));
        page().andExpect(content().string(allOf(containsString("Try first: one place easier"), containsString("Is it too difficult there?"))));
        send("/tracks/" + home.track + "/probe", "kind", "PLACE").andExpect(status().is3xxRedirection());
        send("/tracks/" + home.track + "/probe", "kind", "REWARD");
        page().andExpect(content().string(allOf(containsString("Test: one place easier"), containsString("0/0, before 2/10. 5 more to come."), not(containsString("Try first")), not(containsString("Test: the better")))));
        mvc.perform(get("/o/" + home.token + "/practice/" + home.stepNow())).andExpect(content().string(containsString("First a test: where it is easier.")));
        clock.pass(Duration.ofMinutes(10));
        for (int i = 0; i < 5; i++) {
            home.sendReps("{\"reps\":[" + Home.rep(UUID.randomUUID().toString(), UUID.randomUUID().toString(), home.stepNow(), "CLEAN", now().plusSeconds(i), "Dele").replace("}", ",\"role\":\"PROBE\"}") + "]}");
        }
        page().andExpect(content().string(allOf(containsString("5/5, before 2/10: it helped."), containsString("Try first: the better reward"))));
        mvc.perform(get("/o/" + home.token + "/practice/" + home.stepNow())).andExpect(content().string(not(containsString("First a test"))));
        assertThat(home.suggestion().grounds().reps()).as("they are no evidence").isEqualTo(10);
    }

    // ---- the owner may move on ----

    @Test
    void whereTheOwnerMayMoveOnAStepUpAppliesAndTheSheetFollows() throws Exception {
        ownerMovesOn();
        home.practise("ccccc");
        assertThat(home.roadmap().number()).isEqualTo(2);
        Decided applied = home.history().stream().filter(d -> d.state() == Decided.State.APPLIED).findFirst().orElseThrow();
        assertThat(asEdda(() -> homeworks.latest(edda().practice(), home.id)).orElseThrow().items().get(0).number()).isEqualTo(2);
        mvc.perform(get("/o/" + home.token))
                .andExpect(content().string(allOf(containsString("Step up. 5 of the last 5 reps were clean, 5 in a row."), containsString("step 2"))));
        page().andExpect(content().string(allOf(containsString("By the rule, Test home"), containsString("Undo"))));
        send("/decisions/" + applied.id() + "/undo", "back", "/").andExpect(status().is3xxRedirection());
        assertThat(home.roadmap().number()).as("taken back stays taken back").isEqualTo(1);
        assertThat(asEdda(() -> homeworks.latest(edda().practice(), home.id)).orElseThrow().items().get(0).number()).isEqualTo(1);
        home.practise("c");
        assertThat(home.roadmap().number()).as("until there are new reps").isEqualTo(2);
    }

    @Test
    void aStepBackAppliesTooButTheFirstStepUpAfterTooMuchIsTheTrainers() throws Exception {
        ownerMovesOn();
        home.practise("ccccc");
        rest();
        home.practise("cctct");
        assertThat(home.roadmap().number()).as("back by itself").isEqualTo(1);
        rest();
        home.practise("ccccc");
        rest();
        home.practise("ccccc");
        assertThat(home.roadmap().number()).as("no further by itself").isEqualTo(1);
        assertThat(home.suggestion().suggested()).isEqualTo(Decision.UP);
        home.accept();
        assertThat(home.roadmap().number()).isEqualTo(2);
        rest();
        home.issue();
        home.practise("ccccc");
        assertThat(home.roadmap().number()).as("by itself again").isEqualTo(3);
    }

    @Test
    void theGoalACallAndASplitWaitForTheTrainer() throws Exception {
        ownerMovesOn();
        for (int step = 1; step <= 3; step++) {
            home.practise("ccccc");
            rest();
        }
        assertThat(home.roadmap().number()).isEqualTo(4);
        home.practise("ccccc");
        assertThat(home.roadmap().track().isDone()).isFalse();
        assertThat(home.suggestion().suggested()).isEqualTo(Decision.DONE);
    }
}
