package cahier.app.ask;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** An owner asks between lessons, the trainer answers in place. */
class QuestionsTest extends AppTest {

    @Autowired
    private Questions questions;

    private Home home;

    @BeforeEach
    void home() {
        home = homes.make(edda(), TrackKind.SKILL, 2);
    }

    private List<Question> kept() {
        return asEdda(() -> questions.page(edda().practice(), home.id, 1).rows());
    }

    private void ask(String id, String words) throws Exception {
        home.post("questions", "{\"id\":\"" + id + "\",\"words\":\"" + words + "\",\"at\":\"" + now() + "\"}");
    }

    @Test
    void aQuestionStandsOnTheDeskAndInTheBookUntilItIsAnswered() throws Exception {
        String id = UUID.randomUUID().toString();
        ask(id, "May he sleep on the mat?");
        ask(id, "May he sleep on the mat?");
        assertThat(kept()).hasSize(1);
        open("/?show=QUESTION").andExpect(content().string(allOf(containsString("A question."), containsString("“May he sleep on the mat?”"))));
        open("/households/" + home.id).andExpect(content().string(containsString("May he sleep on the mat?")));

        String answer = "/households/" + home.id + "/questions/" + id + "/answer";
        send(answer, "answer", " ").andExpect(flash().attribute("refusal", startsWith("An answer must have 1 to 1000 characters")));
        send(practices.trainerOf("Fallow Field Dogs", "Ines Marchetti", "ines@fallowfield.example"), answer, "answer", "x").andExpect(status().isNotFound());
        send(answer, "answer", "Yes, all night.").andExpect(redirectedUrl("/households/" + home.id));
        open("/households/" + home.id).andExpect(content().string(not(containsString("May he sleep on the mat?"))));
        mvc.perform(get("/o/" + home.token + "/ask")).andExpect(content().string(allOf(containsString("Yes, all night."), containsString("Edda:"))));
        Home neighbour = homes.make(edda(), TrackKind.SKILL, 1);
        mvc.perform(get("/o/" + neighbour.token + "/ask")).andExpect(content().string(not(containsString("all night"))));
    }

    @Test
    void aQuestionHasWords() throws Exception {
        home.post("questions", "{\"id\":\"" + UUID.randomUUID() + "\",\"words\":\"  \",\"at\":\"" + now() + "\"}").andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.error").value("words must not be empty"));
        home.post("questions", "{\"id\":\"7\",\"words\":\"x\",\"at\":\"" + now() + "\"}").andExpect(status().isBadRequest());
        assertThat(kept()).isEmpty();
    }

    @Test
    void withoutSignalItWaitsOnThePhoneAndAHalfWrittenOneIsNotLost() {
        try (Browser browser = browser().expecting("net::ERR_")) {
            Page owner = browser.visitor(390, 844);
            owner.navigate("/o/" + home.token);
            owner.getByText("Ask").click();
            owner.waitForSelector("body[data-ready]");
            owner.fill("#words", "Is twice a day");
            owner.reload();
            owner.waitForSelector("body[data-ready]");
            PlaywrightAssertions.assertThat(owner.locator("#words")).hasValue("Is twice a day");
            owner.fill("#words", "Is twice a day too much?");
            owner.context().setOffline(true);
            owner.click("#ask");
            PlaywrightAssertions.assertThat(owner.locator("#asked")).hasText("Kept here, it goes when there is signal.");
            owner.context().setOffline(false);
            owner.waitForCondition(() -> kept().size() == 1, new Page.WaitForConditionOptions().setTimeout(40_000));
        }
        assertThat(kept().get(0).words()).isEqualTo("Is twice a day too much?");
    }
}
