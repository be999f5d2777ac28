package cahier.app.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import java.time.Duration;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A sheet is a snapshot; the owner's link leads to the newest, and rests a step that was too much. */
class HomeworkTest extends AppTest {

    private Home home;
    @Autowired
    private Homeworks homeworks;

    @BeforeEach
    void makeHome() {
        home = homes.make(edda(), TrackKind.SKILL, 3);
    }

    private Homework latest() {
        return asEdda(() -> homeworks.latest(edda().practice(), home.id).orElseThrow());
    }

    private String ownersToday() throws Exception {
        return mvc.perform(get("/o/" + home.token)).andExpect(status().isOk()).andReturn().getResponse().getContentAsString();
    }

    @Test
    void sheetsAreNumberedAndKeepWhatTheySaid() throws Exception {
        Homework first = latest();
        send("/steps/" + home.stepNow(), "version", "0", "title", "Another title", "how", "Another way.", "run", "5", "reps", "8", "sessions", "2", "minutes", "5");
        assertThat(latest()).isEqualTo(first);
        assertThat(ownersToday()).contains("Step 1: wait, then pay.").doesNotContain("Another way.");
        home.issue();
        assertThat(latest().number()).isEqualTo(first.number() + 1);
        assertThat(ownersToday()).contains("Another way.");
        open("/sheets/" + first.id()).andExpect(content().string(containsString("Step 1: wait, then pay.")))
                .andExpect(content().string(containsString("A newer sheet has replaced this one.")));
    }

    @Test
    void theLinkStandsOnTheNewestSheetAndReplacingItStopsTheOldOne() throws Exception {
        String old = home.token;
        open("/sheets/" + latest().id()).andExpect(content().string(containsString("/o/" + old)));
        send("/households/" + home.id + "/homework").andExpect(flash().attributeCount(1));
        send("/households/" + home.id + "/link").andExpect(status().is3xxRedirection());
        open("/sheets/" + latest().id()).andExpect(content().string(allOf(containsString("id=\"owner-link\""), not(containsString(old)))));
        mvc.perform(get("/o/" + old)).andExpect(status().isNotFound());
        send("/households/" + home.id + "/link/revoke");
        open("/sheets/" + latest().id()).andExpect(content().string(containsString("The household has no link now.")))
                .andExpect(content().string(not(containsString("/o/"))));
    }

    @Test
    void nothingToPractiseIsSaidInsteadOfAnEmptySheet() throws Exception {
        long only = home.roadmap().steps().get(0).id();
        send("/steps/" + home.roadmap().steps().get(2).id() + "/remove");
        send("/steps/" + home.roadmap().steps().get(1).id() + "/remove");
        send("/steps/" + only + "/remove");
        send("/households/" + home.id + "/homework").andExpect(flash().attribute("refusal", "There is no step to practise yet. Add a track with a step first."));
    }

    @Test
    void whileATooMuchDecisionIsOpenTheDogWorksTheStepBelow() throws Exception {
        home.practise("ccccc");
        home.accept();
        home.issue();
        long second = home.stepNow();
        home.practise("ctctcc");
        assertThat(ownersToday()).as("nothing more of it today").contains("No more of this today.").doesNotContain("Start Leave it");
        clock.pass(Duration.ofDays(1));
        assertThat(ownersToday()).contains("Stay on this easier step.").contains("Step 1: wait, then pay.");
        mvc.perform(get("/o/" + home.token + "/practice/" + second)).andExpect(status().isOk())
                .andExpect(content().string(allOf(containsString("Stay on this easier step."), containsString("Practise this instead"), not(containsString("data-outcome")))));
        home.accept();
        assertThat(ownersToday()).as("the phone follows without a new sheet").contains("Step 1: wait, then pay.").doesNotContain("Stay on this easier step.");
        assertThat(latest().items()).singleElement().satisfies(i -> assertThat(i.number()).isEqualTo(1));
        assertThat(latest().follows()).isTrue();
    }

    @Test
    void onTheFirstStepTheTrackRests() throws Exception {
        home.practise("ctctct");
        clock.pass(Duration.ofDays(1));
        assertThat(ownersToday()).contains("This rests until your trainer has looked.").doesNotContain("Start Leave it");
    }
}
