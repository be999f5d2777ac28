package cahier.app.first;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.hamcrest.Matchers.stringContainsInOrder;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.baseline.Baseline;
import cahier.app.baseline.Baselines;
import cahier.app.first.FirstHour.State;
import cahier.app.household.Word;
import cahier.app.sheet.Homeworks;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.track.KeyedPlan;
import cahier.app.track.StepPlan;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.core.decide.TrackKind;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultMatcher;

/** The first hour with a household: the way on the book, the shelf by what they want, and what is said before the first sheet goes. */
class FirstHourTest extends AppTest {

    @Autowired
    private FirstHours first;
    @Autowired
    private Readiness readiness;
    @Autowired
    private Baselines baselines;
    @Autowired
    private Homeworks homeworks;
    @Autowired
    private Tracks tracks;

    private Home home;
    private String base;

    @BeforeEach
    void household() {
        home = homes.make(edda(), TrackKind.SKILL, 3);
        base = "/households/" + home.id;
    }

    private static ResultMatcher says(String words) {
        return content().string(containsString(words));
    }

    /** One to which nothing was sent yet. */
    private long fresh() throws Exception {
        String book = Objects.requireNonNull(send("/households", "version", "0", "name", "Okello", "zone", "Europe/London").andReturn().getResponse().getRedirectedUrl());
        return Long.parseLong(book.replaceAll("\\D", ""));
    }

    private State state(long household, Part part) {
        return asEdda(() -> first.of(edda().practice(), household)).orElseThrow().lines().stream().filter(l -> l.part() == part).findFirst().orElseThrow().state();
    }

    private Ready ready() {
        return asEdda(() -> readiness.of(edda().practice(), home.id, homeworks.draft(edda().practice(), home.id, now()).items()));
    }

    private String dog() {
        return Long.toString(home.facts().dogs().get(0).id());
    }

    private void step(StepPlan plan) {
        asEdda(() -> {
            long step = tracks.addStep(edda().practice(), home.track, KeyedPlan.own(plan), 0, now());
            return tracks.move(edda().practice(), home.track, step, null, null, "Edda", now());
        });
    }

    @Test
    void theWayIsReadOffWhatIsThereAndGoesOnTheBookUntilTheSheetIsOut() throws Exception {
        long household = fresh();
        String book = "/households/" + household;
        open(book).andExpect(content().string(stringContainsInOrder("The first hour", "What is dangerous today", "What they want", "The first homework"))).andExpect(says("0 of 9 done, about 51"));
        send(book + "/people", "id", "0", "version", "0", "name", "Noor", "age", "9", "mayHandle", "true", "consented", "true");
        assertThat(state(household, Part.PEOPLE)).as("nobody is there with the child").isEqualTo(State.OPEN);
        send(book + "/people", "id", "0", "version", "0", "name", "Halima", "mayHandle", "true");
        send(book + "/dogs", "id", "0", "version", "0", "name", "Moss");
        send(book + "/intake/wishes", "words", "Walks past the neighbour’s dog", "topic", "DOGS", "mover", "");
        assertThat(state(household, Part.PEOPLE)).isEqualTo(State.DONE);
        assertThat(state(household, Part.WISHES)).isEqualTo(State.DONE);
        assertThat(state(household, Part.DANGER)).as("a child lives here").isEqualTo(State.OPEN);
        send(book + "/intake/dangers/SUPERVISE_CHILDREN", "state", "sheet");
        assertThat(state(household, Part.DANGER)).isEqualTo(State.DONE);
        open(book).andExpect(says("1 wish")).andExpect(says("Moss"));
        open(base).andExpect(content().string(not(containsString("The first hour"))));
    }

    @Test
    void aPartIsLeftOutOnPurposeAndTakenUpAgainAndWhatIsNeededIsNot() throws Exception {
        long household = fresh();
        String book = "/households/" + household;
        send(book + "/first-hour", "part", "NOW", "state", "SKIPPED").andExpect(redirectedUrl(book));
        assertThat(state(household, Part.NOW)).isEqualTo(State.SKIPPED);
        open(book).andExpect(says("left out")).andExpect(says("Take up again"));
        send(book + "/first-hour", "part", "NOW", "state", "OPEN");
        assertThat(state(household, Part.NOW)).isEqualTo(State.OPEN);
        send(book + "/first-hour", "part", "DANGER", "state", "DONE");
        assertThat(state(household, Part.DANGER)).isEqualTo(State.DONE);
        send(book + "/first-hour", "part", "SHEET", "state", "SKIPPED");
        assertThat(state(household, Part.SHEET)).isEqualTo(State.OPEN);
        send(book + "/first-hour", "part", "LUNCH", "state", "SKIPPED").andExpect(status().isBadRequest());
    }

    @Test
    void theShelfIsSortedByWhatTheyWantAndSaysWhy() throws Exception {
        send(base + "/intake/wishes", "words", "Left for an hour without a sound", "topic", "ALONE", "mover", "");
        send(base + "/intake/wishes", "words", "Comes when called", "topic", "EVERYDAY", "mover", "");
        open(base + "/tracks/new").andExpect(content().string(stringContainsInOrder("They want: “Left for an hour without a sound”", "Being alone", "They want: “Comes when called”", "Recall", "Fetch")));
    }

    private void knowsLeave() throws Exception {
        send(base + "/baselines", "dog", dog(), "kind", "COLD_TEST", "about", "leave");
        Baseline test = asEdda(() -> baselines.ofHousehold(edda().practice(), home.id)).get(0);
        for (int i = 0; i < 10; i++) {
            send("/baselines/" + test.id() + "/tries", "outcome", i < 9 ? "CLEAN" : "MISSED");
        }
    }

    @Test
    void aTrackFromTheShelfStartsWhereTheBaselineSaysUnlessThatIsTakenOut() throws Exception {
        knowsLeave();
        open(base + "/tracks/new").andExpect(content().string(allOf(containsString("starts at step"), containsString("by the cold test of a cue, leave: 9 of 10 clean"))));
        send(base + "/tracks", "version", "0", "dog", dog(), "template", "leave-it", "further", "leave-it");
        send(base + "/tracks", "version", "0", "dog", dog(), "template", "leave-it");
        List<Integer> numbers = asEdda(() -> tracks.ofHousehold(edda().practice(), home.id)).stream().filter(m -> m.track().template().equals("leave-it")).map(TrackSteps::number).toList();
        assertThat(numbers.get(0)).isGreaterThan(1);
        assertThat(numbers.get(1)).isEqualTo(1);
        open(base + "/homework").andExpect(says("may start at step " + numbers.get(0)));
        Ready.Further further = ready().starts().get(0);
        send("/tracks/" + further.track() + "/dog-on/" + further.step(), "from", "homework").andExpect(redirectedUrl(base + "/homework"));
        assertThat(ready().starts()).isEmpty();
    }

    @Test
    void whatAStepNeedsAndTheyDoNotHaveIsSaidBeforeItGoes() throws Exception {
        StepPlan plan = Home.step("On the line");
        step(plan.withPlace("park").withWho("long line on a harness"));
        open(base + "/homework").andExpect(says("Leave it, step 1, needs a harness and a long line."));
        send(base + "/intake/home", "version", "0", "equipment", "HARNESS", "equipment", "LONG_LINE").andExpect(status().is3xxRedirection());
        assertThat(ready().lacks()).isEmpty();
    }

    @Test
    void aWordThatAStepSaysIsAgreedByOneTapAndOnce() throws Exception {
        step(Home.step("On the word").withWord("wait here"));
        open(base + "/homework").andExpect(says("“wait here” is said in Leave it and not agreed yet."));
        for (int i = 0; i < 2; i++) {
            send(base + "/homework/words", "track", Long.toString(home.track), "word", "wait here").andExpect(redirectedUrl(base + "/homework"));
        }
        assertThat(home.facts().words()).extracting(Word::word).containsOnlyOnce("wait here");
        assertThat(ready().words()).isEmpty();
        send(base + "/homework/words", "track", Long.toString(home.track), "word", "never said");
        assertThat(home.facts().words()).extracting(Word::word).doesNotContain("never said");
    }
}
