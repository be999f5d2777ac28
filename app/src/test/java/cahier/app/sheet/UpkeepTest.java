package cahier.app.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.judge.JudgingRound;
import cahier.app.scope.PracticeScope;
import cahier.app.scope.TrainerUser;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.track.KeyedPlan;
import cahier.app.track.Track;
import cahier.app.track.Tracks;
import cahier.core.decide.Cause;
import cahier.core.decide.Decision;
import cahier.core.decide.TrackKind;
import cahier.core.gate.Topic;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** What was reached is asked for now and then, on every page that asks for practice, and is worked again where it does not hold; what was left for a while begins gently. */
class UpkeepTest extends AppTest {

    private static final String ONCE = "One rep, without practising before.";

    @Autowired
    private Homeworks homeworks;
    @Autowired
    private JudgingRound judging;
    @Autowired
    private Tracks tracks;
    private TrainerUser tamsin;
    private Home home;
    private long last;

    @BeforeEach
    void aTrackThatReachedItsGoal() throws Exception {
        tamsin = practices.trainerOf("Alder Weir", "Tamsin Holt", "tamsin@alderweir.example");
        home = homes.make(tamsin, TrackKind.SKILL, 1);
        last = home.stepNow();
        home.practise("ccccc");
        clock.pass(Duration.ofMinutes(40));
        assertThat(home.suggestion().suggested()).isEqualTo(Decision.DONE);
        home.accept();
PracticeScope.within(tamsin.practice(), () -> tracks.add(tamsin.practice(), Track.fresh(tamsin.practice(), home.id, home.facts().dogs().get(0).id(), "Recall", "", "", TrackKind.SKILL, Topic.EVERYDAY, "", ""),
                List.of(KeyedPlan.own(Home.step("Come"))), clock.instant()));
        clock.pass(Duration.ofHours(1));
        home.issue();
    }

    private ResultActions phone() throws Exception {
        return mvc.perform(MockMvcRequestBuilders.get("/o/" + home.token));
    }

    private void tryOnce(String outcome) throws Exception {
        Instant now = clock.instant();
        home.sendReps("{\"reps\":[" + Home.rep(UUID.randomUUID().toString(), UUID.randomUUID().toString(), last, outcome, now, "Dele") + "]}").andExpect(status().isOk());
        clock.pass(Duration.ofMinutes(40));
        round();
    }

    private void round() {
        judging.round(tamsin.practice(), clock.instant());
    }

    @Test
    void aColdRepComesDueByItselfOnThePhoneTheSheetAndTheWeekAndGoesWhenItIsDone() throws Exception {
        phone().andExpect(content().string(not(containsString(ONCE))));
        clock.pass(Duration.ofDays(4));
        phone().andExpect(content().string(not(containsString(ONCE))));
        home.issue();
        Homework sheet = PracticeScope.within(tamsin.practice(), () -> homeworks.latest(tamsin.practice(), home.id)).orElseThrow();
        assertThat(sheet.items()).filteredOn(SheetItem::forUpkeep).singleElement().satisfies(i -> assertThat(i.plan().reps() + " in " + i.plan().sessions()).isEqualTo("1 in 1"));
        open(tamsin, "/sheets/" + sheet.id()).andExpect(content().string(containsString("One cold rep, "))).andExpect(content().string(containsString("1 rep, once<")));
        open(tamsin, "/sheets/" + sheet.id() + "/print").andExpect(content().string(containsString("One cold rep, "))).andExpect(content().string(containsString("1 rep, once<")))
                .andExpect(content().string(containsString("<th scope=\"col\">once</th>")));
        phone().andExpect(content().string(not(containsString(ONCE))));

        clock.pass(Duration.ofDays(4));
        phone().andExpect(content().string(containsString(ONCE))).andExpect(content().string(containsString(">0/1</b>")));
        mvc.perform(MockMvcRequestBuilders.get("/o/" + home.token + "/practice/" + last)).andExpect(content().string(containsString(ONCE))).andExpect(content().string(containsString("data-dose=\"1\"")));
        tryOnce("CLEAN");
        assertThat(home.roadmap().track().isDone()).isTrue();
        phone().andExpect(content().string(containsString(">1/1</b>")));
        clock.pass(Duration.ofDays(1));
        phone().andExpect(content().string(not(containsString(ONCE))));
        open(tamsin, "/tracks/" + home.track).andExpect(content().string(containsString("Next cold rep ")));
    }

    @Test
    void whatIsOverdueIsAskedForFromTheDayOfTheSheet() {
        clock.pass(Duration.ofDays(11));
        home.issue();
        Homework sheet = PracticeScope.within(tamsin.practice(), () -> homeworks.latest(tamsin.practice(), home.id)).orElseThrow();
        assertThat(sheet.items()).filteredOn(SheetItem::forUpkeep).extracting(SheetItem::upkeep).containsExactly(clock.instant().atZone(home.facts().household().zone()).toLocalDate());
    }

    @Test
    void twoThatDoNotHoldReopenTheTrackAndTheDeskSaysWhy() throws Exception {
        clock.pass(Duration.ofDays(8));
        tryOnce("MISSED");
        assertThat(home.roadmap().track().isDone()).isTrue();
        clock.pass(Duration.ofDays(7));
        phone().andExpect(content().string(containsString(ONCE)));
        tryOnce("HELPED");
        assertThat(home.roadmap().current()).hasValueSatisfying(s -> assertThat(s.id()).isEqualTo(last));
        assertThat(home.suggestion().cause()).isEqualTo(Cause.REOPENED);
        open(tamsin, "/").andExpect(content().string(containsString("Work on it again."))).andExpect(content().string(containsString("2 of the last 2 cold reps since the goal were not clean.")));
        clock.pass(Duration.ofDays(9));
        round();
        assertThat(home.suggestion().cause()).as("a pause does not take it away").isEqualTo(Cause.REOPENED);
        home.accept();
        phone().andExpect(content().string(not(containsString(ONCE))));
    }

    @Test
    void tooMuchOnceReopensItAndTheTrainerMaySayThatItIsReachedAllTheSame() throws Exception {
        clock.pass(Duration.ofDays(8));
        tryOnce("TOO_MUCH");
        assertThat(home.suggestion().cause()).isEqualTo(Cause.REOPENED);
        home.overrule(Decision.DONE);
        assertThat(home.roadmap().track().isDone()).isTrue();
        round();
        assertThat(home.roadmap().track().isDone()).as("what was before the goal was reached again does not count").isTrue();
    }

    @Test
    void aNewHomeAsksForOneAtOnceAndMayBeTakenBack() throws Exception {
        clock.pass(Duration.ofDays(2));
        String changes = "/households/" + home.id + "/changes";
        send(tamsin, changes, "what", "HOME", "day", "3026-01-01").andExpect(flash().attributeExists("refusal"));
        send(tamsin, changes, "what", "HOME");
        phone().andExpect(content().string(containsString(ONCE)));
        open(tamsin, "/households/" + home.id + "/roadmap").andExpect(content().string(containsString("A new home")));
        open(tamsin, "/households/" + home.id + "/history").andExpect(content().string(containsString("Tamsin noted a change: a new home")));
        int id = homes.number(tamsin, "select max(id) from life_change where household_id = " + home.id);
        send(imre(), changes + "/" + id + "/remove").andExpect(status().isNotFound());
        send(tamsin, changes + "/" + id + "/remove");
        phone().andExpect(content().string(not(containsString(ONCE))));
    }

    @Test
    void afterAPauseTheNextSessionBeginsGentlyAndTheOneAfterItDoesNot() throws Exception {
        Home other = homes.make(tamsin, TrackKind.SKILL, 2);
        other.practise("ccm");
        clock.pass(Duration.ofDays(8));
        assertThat(other.suggestion().grounds().suggestion().refresh()).hasValueSatisfying(r -> assertThat(r.name()).isEqualTo("HALF_DOSE"));
        String practice = "/o/" + other.token + "/practice/" + other.stepNow();
        mvc.perform(MockMvcRequestBuilders.get(practice)).andExpect(content().string(containsString("data-dose=\"4\""))).andExpect(content().string(containsString("After the break: half as many.")));
        other.accept();
        mvc.perform(MockMvcRequestBuilders.get(practice)).andExpect(content().string(containsString("data-refresh=\"HALF_DOSE\"")));
        other.practise("ccmc");
        mvc.perform(MockMvcRequestBuilders.get(practice)).andExpect(content().string(not(containsString("data-refresh"))));
        clock.pass(Duration.ofDays(8));
        assertThat(other.suggestion().cause()).as("never two running").isEqualTo(Cause.NOT_YET);
        mvc.perform(MockMvcRequestBuilders.get(practice)).andExpect(content().string(not(containsString("data-refresh"))));
    }
}
