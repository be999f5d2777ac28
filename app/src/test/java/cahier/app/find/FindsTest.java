package cahier.app.find;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;

import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

class FindsTest extends AppTest {

    @Autowired
    private Finds finds;
    @Autowired
    private Households households;

    private List<String> found(String words) {
        return asEdda(() -> finds.with(edda().practice(), words, Finds.MOST)).stream().map(f -> f.kind() + " " + f.says()).toList();
    }

    @Test
    void peoplePlacesWordsAndNotesAreFoundByAnyPart() throws Exception {
        Home home = homes.make(edda(), TrackKind.SKILL, 1);
        asEdda(() -> {
            households.put(edda().practice(), new Lesson(0, home.id, now().plus(Duration.ofDays(90)), 60, "Bring the quibbleton rope", 0));
            return null;
        });
        send("/households/" + home.id + "/places", "id", "0", "version", "0", "name", "Quibbleton field", "difficulty", "2");
        home.post("questions", "{\"id\":\"" + UUID.randomUUID() + "\",\"words\":\"" + "May he run free there, or only on the long line, " + "in QUIBBLETON field as last week?\",\"at\":\"" + now() + "\"}");
        assertThat(found("quibble")).containsExactly("PLACE Quibbleton field", "LESSON Bring the quibbleton rope", "QUESTION …there, or only on the long line, in QUIBBLETON field as last week?");
        assertThat(found("q")).as("one letter finds everything and nothing").isEmpty();
        assertThat(found("quib%ton rope")).as("no pattern, but what was typed").isEmpty();
        assertThat(found("quib_leton rope")).isEmpty();
        try (Browser browser = browser()) {
            Page phone = browser.trainer(edda());
            phone.setViewportSize(360, 640);
            phone.navigate("/households?find=quibble");
            Browser.fits(phone);
        }
        open("/households?find=Quibbleton").andExpect(content().string(allOf(containsString("Where else it stands"), containsString("?facts=places&amp;edit="), not(containsString("Nothing matches")))));
        mvc.perform(get("/households?find=Quibbleton").with(user(practices.trainerOf("Fallow Field Dogs", "Ines Marchetti", "ines@fallowfield.example"))))
                .andExpect(content().string(allOf(containsString("Nothing matches"), not(containsString("Quibbleton field")))));
    }

    @Test
    void wordsOfATextAreFoundInAnyOrderAndFormAndNamesThatAreWrittenALittleDifferently() throws Exception {
        Home home = homes.make(edda(), TrackKind.SKILL, 1);
        send("/households/" + home.id + "/places", "id", "0", "version", "0", "name", "Wexcombe orchard", "difficulty", "2", "note", "Behind the barn there are always zebras grazing, and the gate is never locked after noon on weekdays");
        assertThat(found("locking zebra")).containsExactly("PLACE Wexcombe orchard: barn there are always zebras grazing, and the gate is never locked after noon on weekdays");
        send("/households/" + home.id + "/places", "id", "0", "version", "0", "name", "Dapplemoor lane", "difficulty", "2", "note", "The goat tries every latch");
        assertThat(found("latches try")).as("a form that begins otherwise than what was typed").containsExactly("PLACE Dapplemoor lane: goat tries every latch");
        assertThat(found("Wexcomb orchid")).containsExactly("PLACE Wexcombe orchard");
        assertThat(found("Wexford")).isEmpty();
        assertThat(found("\\%_ \"or\" -:*!")).as("nothing of it is a command").isEmpty();
    }

    @Test
    void whatIsFoundStandsUnderTheFieldOfEveryPageAndTheKeysGoThere() throws Exception {
        Home home = homes.make(edda(), TrackKind.SKILL, 1);
        send("/households/" + home.id + "/places", "id", "0", "version", "0", "name", "Yarrowmere pond", "difficulty", "2");
        open("/find?find=y").andExpect(content().string(not(containsString("matches"))));
        open("/find?find=yarrowmoor").andExpect(content().string(allOf(containsString("Yarrowmere pond"), containsString("Show all"))));
        mvc.perform(get("/find?find=yarrowmere").with(user(practices.trainerOf("Fallow Field Dogs", "Ines Marchetti", "ines@fallowfield.example")))).andExpect(content().string(containsString("Nothing matches.")));
        try (Browser browser = browser()) {
            Page trainer = browser.trainer(edda());
            trainer.navigate("/shelf");
            trainer.keyboard().press("/");
            trainer.keyboard().type("yarrowm");
            PlaywrightAssertions.assertThat(trainer.locator("#glance a").first()).containsText("Yarrowmere pond");
            trainer.keyboard().press("ArrowDown");
            PlaywrightAssertions.assertThat(trainer.locator("#glance a").first()).isFocused();
            trainer.keyboard().press("Escape");
            PlaywrightAssertions.assertThat(trainer.locator("#glance a")).hasCount(0);
            trainer.keyboard().type("e");
            PlaywrightAssertions.assertThat(trainer.locator("#glance a").first()).isVisible();
            trainer.keyboard().press("ArrowDown");
            trainer.keyboard().press("Enter");
            trainer.waitForURL("**/households/" + home.id + "?facts=places&edit=*");
        }
    }
}
