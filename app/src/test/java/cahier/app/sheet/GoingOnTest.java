package cahier.app.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.household.Dog;
import cahier.app.household.Households;
import cahier.app.judge.Decided;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.track.KeyedPlan;
import cahier.app.track.MovesOn;
import cahier.app.track.PassChoice;
import cahier.app.track.StepPlan;
import cahier.app.track.Track;
import cahier.app.track.Tracks;
import cahier.core.decide.Cause;
import cahier.core.decide.Decision;
import cahier.core.decide.TrackKind;
import cahier.core.gate.Topic;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;

/** Where the owner may move on a skill goes up with the rep that earned it, within the session; everything else waits for its close. */
class GoingOnTest extends AppTest {

    @Autowired
    private Tracks tracks;
    @Autowired
    private Homeworks homeworks;
    @Autowired
    private Households households;
    private Home home;
    private String sitting;

    @BeforeEach
    void aSkillWhoseOwnerMayMoveOn() {
        home = homes.make(edda(), TrackKind.SKILL, 4);
        movedOnBy(home, MovesOn.OWNER);
        sitting = UUID.randomUUID().toString();
    }

    private void movedOnBy(Home whose, MovesOn who) {
        asEdda(() -> {
            Track t = whose.roadmap().track();
            tracks.save(edda().practice(), t.edited(t.title(), t.goal(), t.plan(), t.kind(), t.topic(), t.staleDays(), who, t.version()), now());
            return null;
        });
    }

    /** One tap each, as a phone with signal sends them. Returns the last one's id. */
    private String tap(Home whose, long step, String outcomes) throws Exception {
        String last = "";
        for (char letter : outcomes.toCharArray()) {
            clock.pass(Duration.ofSeconds(20));
            last = UUID.randomUUID().toString();
            String outcome = letter == 'c' ? "CLEAN" : letter == 't' ? "TOO_MUCH" : "MISSED";
            whose.sendReps("{\"reps\":[" + Home.rep(last, sitting, step, outcome, now(), "Dele") + "]}").andExpect(status().isOk());
        }
        return last;
    }

    private ResultActions next(long step) throws Exception {
        return mvc.perform(get("/o/" + home.token + "/practice/" + step + "/next")).andExpect(status().isOk());
    }

    private int onTheSheet() {
        return asEdda(() -> homeworks.latest(edda().practice(), home.id)).orElseThrow().items().get(0).number();
    }

    @Test
    void itGoesUpWithTheRepThatEarnedItAndThePhoneAndTheSheetKnow() throws Exception {
        long first = home.stepNow();
        mvc.perform(get("/o/" + home.token + "/practice/" + first)).andExpect(content().string(containsString("data-goes-on=\"yes\"")));
        tap(home, first, "cccc");
        assertThat(home.roadmap().number()).isEqualTo(1);
        next(first).andExpect(jsonPath("$.step").doesNotExist());
        tap(home, first, "c");
        assertThat(home.roadmap().number()).isEqualTo(2);
        assertThat(onTheSheet()).isEqualTo(2);
        next(first).andExpect(jsonPath("$.step").value(home.stepNow())).andExpect(jsonPath("$.says").value("Step 2"));
        tap(home, home.stepNow(), "ccccc");
        assertThat(home.roadmap().number()).as("on within the same session").isEqualTo(3);
        assertThat(home.history().stream().filter(d -> d.state() == Decided.State.APPLIED)).hasSize(2);
    }

    @Test
    void aRepTakenBackWithinItsMinuteTakesBackTheStepWhileNothingStandsOnTheNext() throws Exception {
        long first = home.stepNow();
        String last = tap(home, first, "ccccc");
        home.post("reps/" + last + "/undo", "{\"at\":\"" + now() + "\"}").andExpect(status().isOk());
        assertThat(home.roadmap().number()).isEqualTo(1);
        assertThat(onTheSheet()).isEqualTo(1);
        next(first).andExpect(jsonPath("$.step").doesNotExist());
        assertThat(home.history()).as("four in a row say nothing").noneMatch(d -> d.isOpen() && d.suggested() == Decision.UP);
        tap(home, first, "c");
        assertThat(home.roadmap().number()).as("tapped anew it is earned again").isEqualTo(2);
    }

    @Test
    void onceTheNextStepHasARepItStays() throws Exception {
        long first = home.stepNow();
        String last = tap(home, first, "ccccc");
        tap(home, home.stepNow(), "m");
        home.post("reps/" + last + "/undo", "{\"at\":\"" + now() + "\"}").andExpect(status().isOk());
        assertThat(home.roadmap().number()).isEqualTo(2);
    }

    @Test
    void downItGoesOnlyAsTheSessionClosesAndFearGoesUpOnlyThen() throws Exception {
        tap(home, home.stepNow(), "ccccc");
        tap(home, home.stepNow(), "mmmmmm");
        assertThat(home.roadmap().number()).as("a bad quarter of an hour").isEqualTo(2);
        home.post("sessions/" + sitting + "/finish", "{\"at\":\"" + now() + "\",\"how\":\"FLAT\",\"note\":\"\"}").andExpect(status().isOk());
        assertThat(home.roadmap().number()).isEqualTo(1);
        Home fear = homes.make(edda(), TrackKind.COMFORT, 3);
        movedOnBy(fear, MovesOn.OWNER);
        sitting = UUID.randomUUID().toString();
        tap(fear, fear.stepNow(), "ccccccc");
        assertThat(fear.roadmap().number()).isEqualTo(1);
        mvc.perform(get("/o/" + fear.token + "/practice/" + fear.stepNow())).andExpect(content().string(not(containsString("data-goes-on"))));
    }

    @Test
    void whereTheTrainerMovesItNothingGoesOn() throws Exception {
        movedOnBy(home, MovesOn.TRAINER);
        tap(home, home.stepNow(), "cccccc");
        assertThat(home.roadmap().number()).isEqualTo(1);
        assertThat(home.history()).noneMatch(d -> d.suggested() == Decision.UP);
    }

    @Test
    void afterTooMuchTheFirstUpIsTheTrainers() throws Exception {
        tap(home, home.stepNow(), "ccccc");
        tap(home, home.stepNow(), "ctt");
        home.post("sessions/" + sitting + "/finish", "{\"at\":\"" + now() + "\",\"how\":\"FLAT\",\"note\":\"\"}").andExpect(status().isOk());
        assertThat(home.roadmap().number()).isEqualTo(1);
        clock.pass(Duration.ofDays(1));
        sitting = UUID.randomUUID().toString();
        tap(home, home.stepNow(), "ccccccccccc");
        assertThat(home.roadmap().number()).isEqualTo(1);
    }

    @Test
    void aStepBetweenGoesInByItselfWhereItCanBeReckoned() throws Exception {
        Home far = homes.make(edda(), TrackKind.SKILL, 1);
        StepPlan eight = Home.step("Eight metres").withDistance(8.0);
        asEdda(() -> tracks.addStep(edda().practice(), far.track, KeyedPlan.own(eight), 1, now()));
        movedOnBy(far, MovesOn.OWNER);
        far.issue();
        for (String session : new String[] {"ccccc", "mmmmmm", "ccccc", "mmmmmm"}) {
            clock.pass(Duration.ofDays(1));
            far.issue();
            far.practise(session);
        }
        assertThat(far.history().get(0).state()).isEqualTo(Decided.State.APPLIED);
        assertThat(far.history().get(0).answer()).isEqualTo(Decision.SPLIT);
        assertThat(far.history().get(0).cause()).isEqualTo(Cause.LOW_RATE);
        assertThat(far.roadmap().steps()).hasSize(3);
        assertThat(far.roadmap().current().orElseThrow().written().title()).isEqualTo("Half-way to eight metres");
        assertThat(far.roadmap().current().orElseThrow().written().distanceM()).isBetween(1.1, 7.9);
    }

    @Test
    void anotherHouseholdsStepIsNotThere() throws Exception {
        long stranger = homes.make(edda(), TrackKind.SKILL, 2).stepNow();
        mvc.perform(get("/o/" + home.token + "/practice/" + stranger + "/next")).andExpect(status().isNotFound());
    }

    // ---- offered with the first homework ----

    @Test
    void theFirstHomeworkOffersItForItsSkillsAndFearIsLeftOut() throws Exception {
        long bare = homes.bareWithin(edda());
        long dog = asEdda(() -> {
            households.put(edda().practice(), bare, new Dog(0, "Pim", "", null, null, 0));
            return households.dogs(edda().practice(), bare).get(0).id();
        });
        long skill = asEdda(() -> tracks.add(edda().practice(), Track.fresh(edda().practice(), bare, dog, "Down", "", "", TrackKind.SKILL, Topic.EVERYDAY, "", ""), List.of(KeyedPlan.own(Home.step("Down"))), now()));
        long fear = asEdda(() -> tracks.add(edda().practice(), Track.fresh(edda().practice(), bare, dog, "Bangs", "", "", TrackKind.COMFORT, Topic.NOISE, "", ""), List.of(KeyedPlan.own(Home.step("Low"))), now()));
        String page = "/households/" + bare + "/homework";
        open(page).andExpect(content().string(allOf(containsString("Who moves the dog on?"), containsString("In Down."), not(containsString("In Down, Bangs")))));
        send(page, "moves", "OWNER").andExpect(status().is3xxRedirection());
        assertThat(asEdda(() -> tracks.get(edda().practice(), skill)).track().movesOn()).isEqualTo(MovesOn.OWNER);
        assertThat(asEdda(() -> tracks.get(edda().practice(), fear)).track().movesOn()).isEqualTo(MovesOn.TRAINER);
        clock.pass(Duration.ofMinutes(2));
        open(page).andExpect(content().string(not(containsString("Who moves the dog on?"))));
        movedOnBy(home, MovesOn.TRAINER);
        clock.pass(Duration.ofMinutes(2));
        send("/households/" + home.id + "/homework", "moves", "OWNER").andExpect(status().is3xxRedirection());
        assertThat(home.roadmap().track().movesOn()).as("a later sheet asks nothing").isEqualTo(MovesOn.TRAINER);
    }

    // ---- by how often it is practised ----

    @Test
    void whatPassesAStepGoesByHowOftenItIsPractisedWhenTheDogComesToIt() throws Exception {
        Home weekly = homes.make(edda(), TrackKind.SKILL, 1);
        asEdda(() -> {
            StepPlan plan = Home.step("By rhythm").passedBy(PassChoice.RHYTHM, 5, null);
            tracks.addStep(edda().practice(), weekly.track, KeyedPlan.own(plan), 1, now());
            return tracks.addStep(edda().practice(), weekly.track, KeyedPlan.own(plan), 2, now());
        });
        assertThat(weekly.roadmap().steps().get(1).plan().pass()).as("a young track counts as often").isEqualTo(PassChoice.ODDS);
        for (int week = 0; week < 3; week++) {
            clock.pass(Duration.ofDays(7));
            weekly.issue();
            weekly.practise(week == 2 ? "cccccc" : "cmc");
        }
        weekly.accept();
        StepPlan seldom = weekly.roadmap().current().orElseThrow().plan();
        assertThat(seldom.passWords()).isEqualTo("5\u00a0clean in a row, the last first try clean");
        assertThat(weekly.roadmap().current().orElseThrow().written().pass()).as("as it was written").isEqualTo(PassChoice.RHYTHM);
        for (int day = 0; day < 14; day++) {
            clock.pass(Duration.ofDays(1));
            weekly.issue();
            weekly.practise(day == 13 ? "ccccccccccccc" : "cmcm");
        }
        assertThat(weekly.roadmap().current().orElseThrow().plan().pass()).as("it stays as long as the dog does").isEqualTo(PassChoice.RUN);
        weekly.accept();
        assertThat(weekly.roadmap().current().orElseThrow().plan().pass()).isEqualTo(PassChoice.ODDS);
    }
}
