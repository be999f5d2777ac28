package cahier.app.story;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import cahier.app.support.Trainer;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From nothing to a roadmap in the trainer's own school: three tracks, another school, out, edited, and in again. */
class RoadmapStoryTest extends AppTest {

    /** What it may take from an empty household to issued homework with three tracks. */
    private static final int MOST_ACTIONS = 17;

    /** Counts what a trainer does: every click and every filled field. */
    private static final class Hand {

        private final Page page;
        private int actions;

        Hand(Page page) {
            this.page = page;
        }

        void click(Locator what) {
            what.click();
            actions++;
        }

        void press(String button) {
            click(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(button)));
        }

        void fill(String label, String value) {
            page.locator("main").getByLabel(label, new Locator.GetByLabelOptions().setExact(true)).fill(value);
            actions++;
        }

        void tick(String template) {
            click(page.locator("label:has(b:text-is('" + template + "'))"));
        }
    }

    @Test
    void aTrainerGetsToASoundRoadmapInMinutesAndInAnotherSchool() throws IOException {
        try (Browser browser = browser()) {
            Page trainer = browser.trainer(1280, 800, ColorScheme.LIGHT);
            int actions = fromAnEmptyHouseholdToIssuedHomework(trainer);
            assertThat(actions).as("clicks and filled fields").isLessThanOrEqualTo(MOST_ACTIONS);
            anotherSchoolShowsWhatWouldChange(trainer);
            outEditedAndInAgain(trainer);
            aTrackBecomesATemplateOfTheTrainersOwn(trainer);
        }
    }

    private static int fromAnEmptyHouseholdToIssuedHomework(Page trainer) {
        trainer.navigate("/households");
        Hand hand = new Hand(trainer);
        hand.click(trainer.locator("main").getByText("New household").first());
        hand.fill("Name of the household", "Brandt-Okello");
        hand.press("Make the household");
        hand.fill("Name", "Edda");
        hand.press("Add person");
        hand.click(trainer.locator(".index").getByText("Dogs"));
        hand.fill("Name", "Moss");
        hand.press("Add dog");
        assertThat(trainer.locator(".slip")).containsText("Moss");
        hand.click(trainer.locator(".slip [data-close]"));
        hand.click(trainer.locator("main").getByText("Add tracks"));
        hand.tick("Attention");
        hand.tick("Loose lead by places");
        hand.tick("Down");
        Browser.fits(trainer);
        hand.press("Add the tracks");
        assertThat(trainer.locator("h1")).hasText("Roadmap");
        assertThat(trainer.locator(".ways").first()).containsText("From step 5 on it waits for Attention, step 9: At the open door.");
        Browser.fits(trainer);
        hand.press("Issue the ticked tracks");
        assertThat(trainer.locator(".goes")).hasCount(3);
        Browser.fits(trainer);
        hand.press("Send homework");
        assertThat(trainer.locator("h1")).hasText("Homework 1");
        assertThat(trainer.locator(".ex h2")).hasCount(5); // three tracks, who practises, and what to say to strangers
        System.out.println("Actions from an empty household to issued homework with three tracks: " + hand.actions);
        return hand.actions;
    }

    private static void anotherSchoolShowsWhatWouldChange(Page trainer) {
        trainer.locator(".margin a").first().click();
        Trainer.tab(trainer, "Method");
        trainer.getByText("Early, while it happens").click();
        trainer.getByText("A neutral marker, then reset").click();
        trainer.click("text=Save method");
        assertThat(trainer.locator("h1")).hasText("What the method changes");
        assertThat(trainer.locator("main")).containsText("Down, Moss");
        assertThat(trainer.locator("main")).containsText("Say your try-again word once, softly.");
        assertThat(trainer.locator("main")).containsText("New order: 1. Follows the lure, 2. On the word, 3. A fist that waits");
        Browser.fits(trainer);
        trainer.getByText("Loose lead by places, Moss").click();
        trainer.click("text=Change the ticked tracks");
        assertThat(trainer.locator("h1")).hasText("Roadmap");
        trainer.locator(".ways b:text-is('Down')").click();
        assertThat(trainer.locator(".steps tbody tr").nth(1)).containsText("On the word");
        trainer.goBack();
        trainer.reload();
        assertThat(trainer.locator("h1")).hasText("Roadmap");
    }

    private static void outEditedAndInAgain(Page trainer) throws IOException {
        Download file = trainer.waitForDownload(() -> trainer.getByText("Export").click());
        assertThat(file.suggestedFilename()).isEqualTo("roadmap-Brandt-Okello.json");
        String text = Files.readString(file.path());
        String edited = text.replace("\"title\" : \"Down\"", "\"title\" : \"Down, on grass\"");
        trainer.click("text=Import");
        trainer.setInputFiles("#file", new FilePayload("mine.json", "application/json", edited.replace("\"sessions\" : 3", "\"sessions\" : 30").getBytes(StandardCharsets.UTF_8)));
        trainer.click("text=Look at its tracks");
        assertThat(trainer.locator(".findings")).containsText("tracks[0].steps[0].sessions: must have a maximum value of 20, was 30");
        assertThat(trainer.locator("#text")).hasValue(Pattern.compile("Down, on grass"));
        Browser.fits(trainer);
        trainer.fill("#text", edited);
        trainer.click("text=Look at its tracks");
        assertThat(trainer.locator("h1")).hasText("Which dog gets which tracks?");
        assertThat(trainer.getByLabel("Tracks of Moss go to")).not().hasValue("");
        Browser.fits(trainer);
        trainer.click("text=Add the tracks");
        assertThat(trainer.locator("h1")).hasText("Roadmap");
        assertThat(trainer.locator(".ways > li:has(.tick)")).hasCount(6);
        assertThat(trainer.locator(".ways").first()).containsText("Down, on grass");
        for (Locator box : trainer.locator(".ways .tick input").all()) {
            box.check();
        }
        trainer.click("text=Issue the ticked tracks");
        assertThat(trainer.locator("#flash")).containsText("You ticked 6 tracks; three at most is usual.");
        assertThat(trainer.locator(".ways .tick input:checked")).hasCount(6);
        trainer.click(".issue label");
        trainer.click("text=Issue the ticked tracks");
        Trainer.send(trainer);
        assertThat(trainer.locator("h1")).hasText("Homework 2");
        assertThat(trainer.locator(".ex h2")).hasCount(8);
        trainer.locator(".margin a").first().click();
    }

    private static void aTrackBecomesATemplateOfTheTrainersOwn(Page trainer) {
        Trainer.tab(trainer, "Roadmap");
        trainer.locator(".ways b:text-is('Down, on grass')").click();
        trainer.click("text=Save as a template");
        assertThat(trainer.locator("h1")).hasText("Save as a template");
        Browser.fits(trainer);
        trainer.click("text=Put it on the shelf");
        assertThat(trainer.locator("h1")).hasText("Down, on grass");
        assertThat(trainer.locator(".page").first()).containsText("seen by you alone");
        trainer.click("text=Share with the practice");
        assertThat(trainer.locator(".page").first()).containsText("shared with the practice");
        trainer.getByLabel("Edit Follows the lure").click();
        trainer.getByLabel("Title", new Page.GetByLabelOptions().setExact(true)).fill("On the lawn");
        trainer.locator("details summary").getByText("Typical mistakes").click();
        Browser.fits(trainer);
        trainer.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save").setExact(true)).click();
        assertThat(trainer.locator(".full li").first()).containsText("On the lawn");
        trainer.navigate("/shelf");
        assertThat(trainer.locator(".pick", new Page.LocatorOptions().setHasText("Down, on grass"))).containsText("Yours, shared");
    }
}
