package cahier.app.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.matchesPattern;
import static org.hamcrest.Matchers.not;
import static org.hamcrest.Matchers.stringContainsInOrder;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.household.Dog;
import cahier.app.household.Facts;
import cahier.app.judge.Decided;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.track.Step;
import cahier.app.track.StepPlan;
import cahier.core.decide.Decision;
import cahier.core.decide.TrackKind;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.ResultMatcher;

/** What a trainer types into the book: kept, refused beside its field, or shown beside what someone else saved. */
class BookPagesTest extends AppTest {

    private Home home;

    @BeforeEach
    void makeHome() {
        home = homes.make(edda(), TrackKind.SKILL, 3);
    }

    private static ResultMatcher says(String text) {
        return content().string(containsString(text));
    }

    private String book() {
        return "/households/" + home.id;
    }

    private List<String> titles() {
        return home.roadmap().steps().stream().map(Step::title).toList();
    }

    private ResultActions sendStep(String path, String... fields) throws Exception {
        List<String> all = new ArrayList<>(List.of("version", "0", "title", "Open hand", "how", "Open the hand.", "run", "5", "reps", "8",
                "sessions", "2", "minutes", "5"));
        for (int i = 0; i < fields.length; i += 2) {
            int at = all.indexOf(fields[i]);
            if (at >= 0) {
                all.set(at + 1, fields[i + 1]);
            } else {
                all.addAll(List.of(fields[i], fields[i + 1]));
            }
        }
        return send(path, all.toArray(String[]::new));
    }

    @Test
    void aHouseholdIsMadeAndOpensAtItsPeople() throws Exception {
        send("/households", "version", "0", "name", "Brandt & Søn", "home", "farm", "zone", "Europe/Copenhagen", "cautions", "")
                .andExpect(status().is3xxRedirection()).andExpect(header().string("Location", containsString("?facts=people")));
        open("/households?find=søn").andExpect(says("Brandt &amp; Søn"));
        send("/households", "version", "0", "name", " ", "zone", "Mars/Olympus").andExpect(status().isOk())
                .andExpect(says("must not be empty")).andExpect(says("must be a time zone such as Europe/London, was “Mars/Olympus”"))
                .andExpect(says("value=\"Mars/Olympus\""));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "born   | 2099-01-01 | must be within the last 30 years and not after today, was “2099-01-01”",
        "weight | 300 kg     | must be a weight from 0.2 to 120 kg, for example 8.4 kg or 18.5 lb, was “300 kg”",
        "name   | pim        | must be unlike the others here, “pim” stands already"})
    void aDogThatCannotBeIsRefusedBesideItsFieldAndTheRestIsKept(String field, String value, String why) throws Exception {
        String[] fields = {"id", "0", "version", "0", "name", "Juniper", "looks", "whippet", "born", "2024-05-01", "weight", "13 kg"};
        for (int i = 0; i < fields.length; i += 2) {
            fields[i + 1] = fields[i].equals(field) ? value : fields[i + 1];
        }
        send(book() + "/dogs", fields).andExpect(status().isOk()).andExpect(says(why)).andExpect(says("value=\"whippet\""));
        assertThat(home.facts().dogs()).extracting(Dog::name).containsExactly("Pim");
    }

    @Test
    void poundsAreKeptAsGramsAndShownBothWays() throws Exception {
        send(book() + "/dogs", "id", "0", "version", "0", "name", "Juniper", "looks", "whippet", "born", "", "weight", "28.7 lb")
                .andExpect(redirectedUrl(book() + "?facts=dogs"));
        assertThat(home.facts().dogs()).extracting(Dog::weightG).contains(13018);
        open(book()).andExpect(says("Juniper, whippet, 13\u00a0kg (28.7\u00a0lb)"));
    }

    @Test
    void aFactThatOthersHangOnStays() throws Exception {
        long dog = home.facts().dogs().get(0).id();
        send(book() + "/dogs/" + dog + "/remove").andExpect(flash().attribute("refusal", "This dog stays: something belongs to it, such as a track, a rep, a word or a red flag."));
        long hall = home.facts().places().stream().filter(p -> p.name().equals("hall")).findFirst().orElseThrow().id();
        send(book() + "/places/" + hall + "/remove").andExpect(flash().attributeExists("removed"));
        assertThat(home.facts().dogs()).hasSize(1);
        assertThat(home.facts().places()).hasSize(1);
    }

    @Test
    void whatWasRemovedInOneClickComesBackInOne() throws Exception {
        send(book() + "/words", "id", "0", "version", "0", "word", "mat", "meaning", "Go and lie down", "signal", "VOICE", "role", "CUE");
        send(book() + "/lessons", "id", "0", "version", "0", "startsAt", "2026-06-18T09:15", "minutes", "45", "plan", "The line in the hall", "travel", "");
        long marit = home.facts().people().stream().filter(p -> p.name().equals("Marit")).findFirst().orElseThrow().id();
        Facts before = home.facts();
        for (String gone : List.of("words/" + before.words().get(0).id(), "lessons/" + before.lessons().get(0).id(), "people/" + marit)) {
            Object removed = send(book() + "/" + gone + "/remove").andExpect(flash().attributeExists("removed")).andReturn().getFlashMap().get("removed");
            send(practices.trainerOf("Fallow Field Dogs", "Ines Marchetti", "ines@fallowfield.example"), book() + "/" + gone.split("/")[0] + "/put-back/" + removed).andExpect(status().isNotFound());
            assertThat(home.facts()).isNotEqualTo(before);
            send(book() + "/" + gone.split("/")[0] + "/put-back/" + removed);
            assertThat(home.facts()).as("as it stood, %s", gone).isEqualTo(before);
            send(book() + "/" + gone.split("/")[0] + "/put-back/" + removed).andExpect(status().isNotFound());
        }
        Object removed = send(book() + "/people/" + marit + "/remove").andReturn().getFlashMap().get("removed");
        send(book() + "/people", "id", "0", "version", "0", "name", "Marit").andExpect(status().is3xxRedirection());
        send(book() + "/people/put-back/" + removed).andExpect(flash().attribute("refusal", "It was not put back: another person has that name now."));
    }

    @Test
    void aTrackFromTheShelfComesWithItsStepsAndOneFromNothingWithNone() throws Exception {
        String dog = Long.toString(home.facts().dogs().get(0).id());
        send(book() + "/tracks", "version", "0", "dog", dog, "template", "recall").andExpect(status().is3xxRedirection());
        send(book() + "/tracks", "version", "0", "dog", dog, "template", "", "title", "Fetch", "kind", "SKILL", "topic", "BODY").andExpect(status().is3xxRedirection());
        send(book() + "/tracks", "version", "0", "dog", dog, "template", "", "title", "", "kind", "SKILL").andExpect(says("must not be empty"));
        send(book() + "/tracks", "version", "0", "dog", "0", "template", "recall").andExpect(says("must be one of the household"));
        open(book()).andExpect(content().string(stringContainsInOrder("Leave it", "Recall", "Fetch", "No step yet.")));
    }

    @Test
    void stepsAreAddedMovedRemovedAndPutBack() throws Exception {
        sendStep("/tracks/" + home.track + "/steps").andExpect(redirectedUrl("/tracks/" + home.track));
        assertThat(titles()).containsExactly("Step 1", "Step 2", "Step 3", "Open hand");
        long last = home.roadmap().steps().get(3).id();
        send("/steps/" + last + "/move", "by", "-1");
        assertThat(titles()).containsExactly("Step 1", "Step 2", "Open hand", "Step 3");
        Changed out = (Changed) send("/steps/" + last + "/remove").andReturn().getFlashMap().get("changed");
        assertThat(out.says()).isEqualTo("“Open hand” is out; its reps are kept.");
        assertThat(titles()).containsExactly("Step 1", "Step 2", "Step 3");
        send("/steps/" + last + "/restore");
        assertThat(titles()).containsExactly("Step 1", "Step 2", "Open hand", "Step 3");
        send("/steps/" + home.stepNow() + "/move", "by", "-1");
        assertThat(home.roadmap().number()).isEqualTo(1);
    }

    @Test
    void theStepTheDogIsOnIsNotRemovedUnderIt() throws Exception {
        send("/steps/" + home.stepNow() + "/remove").andExpect(flash().attribute("refusal", "The dog is on “Step 1”. Put it on another step first."));
        send("/tracks/" + home.track + "/dog-on/" + home.roadmap().steps().get(2).id());
        assertThat(home.roadmap().number()).isEqualTo(3);
        send("/steps/" + home.roadmap().steps().get(0).id() + "/remove");
        assertThat(home.roadmap().number()).isEqualTo(2);
    }

    @Test
    void aStepIsJudgedByTheRuleItsTrainerChose() throws Exception {
        sendStep("/steps/" + home.stepNow(), "pass", "RATE_80").andExpect(redirectedUrl("/tracks/" + home.track));
        open("/tracks/" + home.track).andExpect(says("Pass: 8 of the last 10 clean."));
        home.practise("cccccmccc");
        assertThat(home.suggestion().suggested()).isEqualTo(Decision.STAY);
        open(book()).andExpect(says("To pass: 1 more rep."));
        home.practise("h");
        assertThat(home.suggestion().suggested()).isEqualTo(Decision.UP);
        home.issue();
        mvc.perform(get("/o/" + home.token)).andExpect(status().isOk());
        sendStep("/steps/" + home.stepNow(), "pass", "BEST_OF_3").andExpect(says("must be one of the choices, was “BEST_OF_3”"));
    }

    @Test
    void aBlockThatSaysBackIsASplitOnTheFirstStep() throws Exception {
        sendStep("/steps/" + home.stepNow(), "pass", "BLOCKS");
        home.practise("cmmcm");
        assertThat(home.suggestion().suggested()).isEqualTo(Decision.SPLIT);
        open(book()).andExpect(says("2 of the 5 reps in the last block were clean."));
    }

    @Test
    void theFirstStepOfATrackTakesTheHouseholdsPassRule() throws Exception {
        send(book() + "/method", "PASS", "PASS_CALM");
        send("/steps/" + home.roadmap().steps().get(2).id() + "/remove");
        send("/steps/" + home.roadmap().steps().get(1).id() + "/remove");
        send("/steps/" + home.stepNow() + "/remove");
        open("/tracks/" + home.track + "/steps/new").andExpect(content().string(matchesPattern("(?s).*value=\"CALM\"\\s+selected=\"selected\".*")));
    }

    @Test
    void everyRefusalOfAStepStandsBesideItsFieldAtOnce() throws Exception {
        sendStep("/tracks/" + home.track + "/steps", "title", "", "distance", "far", "duration", "5 days", "run", "0", "reps", "1000", "sessions", "x")
                .andExpect(status().isOk()).andExpect(says("must not be empty"))
                .andExpect(says("must be a distance from 0 to 1000 m, for example 1.5 m or 5 ft, was “far”"))
                .andExpect(says("must be a time from 0 s to 4 h, for example 5 s or 2 min, was “5 days”"))
                .andExpect(says("must be a whole number from 1 to 100, was “0”")).andExpect(says("must be a whole number from 1 to 100, was “1000”"))
                .andExpect(says("must be a whole number from 1 to 20, was “x”")).andExpect(says("Open the hand."));
        assertThat(titles()).hasSize(3);
    }

    @Test
    void onAComfortTrackFewerThanFiveInARowAreRefused() throws Exception {
        Home comfort = homes.make(edda(), TrackKind.COMFORT, 1);
        sendStep("/tracks/" + comfort.track + "/steps", "run", "4").andExpect(says("must be a whole number from 5 to 100, was “4”"));
    }

    @Test
    void aStaleEditShowsBothVersionsAndLosesNothing() throws Exception {
        long step = home.stepNow();
        sendStep("/steps/" + step, "title", "Saved by the other tab", "distance", "2 m").andExpect(redirectedUrl("/tracks/" + home.track));
        sendStep("/steps/" + step, "title", "Typed in this tab", "distance", "3 m").andExpect(status().isConflict())
                .andExpect(says("Saved by the other tab")).andExpect(says("Typed in this tab")).andExpect(says("2\u00a0m")).andExpect(says("3\u00a0m"));
        assertThat(titles().get(0)).isEqualTo("Saved by the other tab");
    }

    @Test
    void aStaleEditOfAHouseholdAndOfAFactShowBothToo() throws Exception {
        send(book(), "version", "0", "name", "First", "zone", "Europe/London");
        send(book(), "version", "0", "name", "Second", "zone", "Europe/London").andExpect(status().isConflict()).andExpect(says("First")).andExpect(says("Second"));
        var dele = home.facts().people().get(0);
        String id = Long.toString(dele.id());
        send(book() + "/people", "id", id, "version", "0", "name", dele.name(), "note", "calm voice");
        send(book() + "/people", "id", id, "version", "0", "name", dele.name() + "-Ann", "note", "").andExpect(status().isConflict()).andExpect(says("-Ann"));
    }

    @Test
    void overrulingWithoutAReasonIsAskedBackAndWithOneIsRemembered() throws Exception {
        home.practise("ccccc");
        Decided open = home.suggestion();
        String path = "/tracks/" + home.track + "/overrule";
        String[] seen = {"suggestion", Long.toString(open.id()), "version", Integer.toString(open.version()), "decision", "STAY"};
        send(path, with(seen, "words", "")).andExpect(says("must say why: tick a reason or write one"));
        send(path, with(seen, "because", "I saw it myself", "words", "Too hasty")).andExpect(redirectedUrl("/tracks/" + home.track));
        assertThat(home.history().get(0).why()).isEqualTo("I saw it myself. Too hasty");
        open("/tracks/" + home.track).andExpect(says("Too hasty"));
    }

    @Test
    void overrulingWhatHasChangedKeepsTheWordsAndAsksAgain() throws Exception {
        home.practise("ccccc");
        Decided open = home.suggestion();
        String[] seen = {"suggestion", Long.toString(open.id()), "version", Integer.toString(open.version()), "decision", "STAY", "words", "Too hasty by half"};
        home.practise("t");
        send("/tracks/" + home.track + "/overrule", seen)
                .andExpect(status().isOk()).andExpect(says("The suggestion has changed since you opened this page")).andExpect(says("Too hasty by half"));
        home.overrule(Decision.UP);
        send("/tracks/" + home.track + "/overrule", seen).andExpect(flash().attribute("refusal", containsString("Too hasty by half")));
    }

    private static String[] with(String[] fields, String... more) {
        return Stream.concat(Arrays.stream(fields), Arrays.stream(more)).toArray(String[]::new);
    }

    @Test
    void aSplitThatComesTooLateKeepsTheStepThatWasWritten() throws Exception {
        home.practise("ccccc");
        Decided open = home.suggestion();
        home.accept();
        sendStep("/tracks/" + home.track + "/split", "decision", Long.toString(open.id()), "title", "Half open hand").andExpect(status().isOk())
                .andExpect(says("What you wrote can still be added as a step.")).andExpect(says("value=\"Half open hand\""))
                .andExpect(says("/tracks/" + home.track + "/steps"));
        assertThat(titles()).hasSize(3);
    }

    @Test
    void aStepThatOwnersReadIsEscaped() throws Exception {
        sendStep("/tracks/" + home.track + "/steps", "title", "<script>alert(1)</script>").andExpect(status().is3xxRedirection());
        open("/tracks/" + home.track).andExpect(content().string(not(containsString("<script>alert")))).andExpect(says("&lt;script&gt;alert(1)&lt;/script&gt;"));
    }

    @Test
    void whatDoesNotExistHasItsOwnPage() throws Exception {
        for (String path : List.of("/households/999999", "/tracks/999999", "/steps/999999", "/sheets/999999")) {
            open(path).andExpect(status().isNotFound());
        }
        StepPlan plan = home.roadmap().steps().get(0).plan();
        assertThat(plan.dose()).isEqualTo("8 reps, twice a day, 5\u00a0min at most");
    }
}
