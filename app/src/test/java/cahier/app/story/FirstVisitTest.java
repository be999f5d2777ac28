package cahier.app.story;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import cahier.app.support.Trainer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.Media;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A first visit from the first call on, for a household with a growl at a child and for one without, on both sizes. */
class FirstVisitTest extends AppTest {

    @ParameterizedTest(name = "a growl at a child: {3}, trainer at {0} x {1}")
    @CsvSource({"390, 844, Corvane-Lind, true", "1280, 800, Delmar, false"})
    void fromTheFirstCallToTheEndOfTheFirstVisit(int width, int height, String name, boolean growl) {
        try (Browser browser = browser()) {
            Page trainer = browser.trainer(width, height, ColorScheme.LIGHT);
            makeHousehold(trainer, name);
            askWhatTheyWant(trainer);
            if (growl) {
                writeDownTheGrowl(trainer);
            }
            seeToTheDangers(trainer, growl);
            agreeWords(trainer);
            chooseTheMethod(trainer);
            testACue(trainer);
            planAndIssue(trainer, growl);
        }
    }

    private static void makeHousehold(Page trainer, String name) {
        Trainer.makeHousehold(trainer, name, "flat");
        Trainer.leaf(trainer, "Add person", "Name", "Ines");
        trainer.getByLabel("Under 18: an adult agreed that this name is kept").check();
        Trainer.leaf(trainer, "Add person", "Name", "Pia", "Age, for children", "7");
        assertThat(trainer.locator(".slip table")).containsText("Pia (7)");
        Trainer.tab(trainer, "Dogs");
        Trainer.leaf(trainer, "Add dog", "Name", "Bracken", "Kind", "setter cross", "Weight", "44");
        assertThat(trainer.locator(".slip .no")).containsText("must say its unit: 44 kg, or 44 lb, which is 20\u00a0kg (44\u00a0lb)?");
        Trainer.leaf(trainer, "Add dog", "Weight", "44 lb");
        assertThat(trainer.locator(".slip table")).containsText("20\u00a0kg");
        Trainer.tab(trainer, "Places");
        trainer.locator(".slip").getByText("Flat", new Locator.GetByTextOptions().setExact(true)).click();
        assertThat(trainer.locator(".slip table")).containsText("landing");
    }

    private static void askWhatTheyWant(Page trainer) {
        Trainer.tab(trainer, "Intake");
        trainer.getByLabel("In their own words").fill("Walk past other dogs without a scene");
        trainer.getByLabel("About").selectOption("DOGS");
        trainer.getByLabel("Why the dog does it").selectOption("AFRAID");
        trainer.click("text=Add it");
        assertThat(trainer.locator("#wishes")).containsText("Walk past other dogs without a scene");
        trainer.getByLabel("Minutes a day").fill("half an hour");
        trainer.locator("#home button:text-is('Save')").click(); // beside it stands what was typed and not saved
        assertThat(trainer.locator("#home .no")).containsText("was “half an hour”");
        trainer.getByLabel("Minutes a day").fill("30");
        trainer.locator("#home").getByText("Long line").click();
        trainer.locator("#home button:text-is('Save')").click(); // beside it stands what was typed and not saved
        assertThat(trainer.getByLabel("Minutes a day")).hasValue("30");
        trainer.reload();
        assertThat(trainer.getByLabel("Long line")).isChecked();
        Browser.fits(trainer);
    }

    private static void writeDownTheGrowl(Page trainer) {
        trainer.click("text=Write down a red flag");
        trainer.click("label:has-text('A growl or snap at a child')");
        trainer.getByLabel("What was seen").fill("Growled at Pia when she took a ball from his bed, Sunday evening");
        trainer.click("text=Raise red flag");
        assertThat(trainer.locator("#flags .margin")).containsText("Shut for Bracken");
        trainer.locator("#flags").getByText("Letter").click();
        assertThat(trainer.locator(".letter")).containsText("To a qualified behaviourist");
        assertThat(trainer.locator(".letter")).containsText("when she took a ball from his bed");
        Browser.fits(trainer);
        trainer.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        assertThat(trainer.locator(".cover")).isHidden();
        assertThat(trainer.locator(".margin")).isHidden();
        trainer.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.SCREEN));
        trainer.goBack();
    }

    private static void seeToTheDangers(Page trainer, boolean growl) {
        Locator open = trainer.locator("#dangers .margin .note");
        assertThat(open).hasCount(growl ? 4 : 3);
        open.filter(new Locator.FilterOptions().setHasText("on a harness")).getByText("Done").click();
        assertThat(open).hasCount(growl ? 3 : 2);
        open.filter(new Locator.FilterOptions().setHasText("An adult in the room")).getByText("Put on the sheet").click();
        assertThat(trainer.locator("#dangers .page")).containsText("On the sheet, Imre");
        assertThat(open).hasCount(growl ? 2 : 1);
    }

    private static void agreeWords(Page trainer) {
        Trainer.tab(trainer, "Words");
        Trainer.leaf(trainer, "Add word", "Word", "leave", "What it stands for", "eyes off it");
        Trainer.leaf(trainer, "Add word", "Word", "leaf", "What it stands for", "hand target");
        assertThat(trainer.locator(".clashes")).containsText("“leaf” and “leave” sound alike to a dog.");
        Browser.fits(trainer);
        trainer.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Edit leaf")).click();
        Trainer.leaf(trainer, "Save", "Word", "touch");
        assertThat(trainer.locator(".clashes")).isHidden();
        assertThat(trainer.locator(".slip table")).containsText("“touch”");
        trainer.locator(".slip").getByLabel("marker: come and be paid").check();
        Trainer.leaf(trainer, "Add word", "Word", "yes", "What it stands for", "come and be paid");
        assertThat(trainer.locator(".slip table")).containsText("(marker: come and be paid)");
    }

    private static void chooseTheMethod(Page trainer) {
        Trainer.tab(trainer, "Method");
        trainer.click("label:has-text('A neutral marker, then reset')");
        trainer.click("text=Save method");
        assertThat(trainer.locator("main")).containsText("Saved for this household.");
        Browser.fits(trainer);
    }

    private static void testACue(Page trainer) {
        Trainer.tab(trainer, "Baselines");
        trainer.click("summary:has-text('Cold test of a cue')");
        trainer.getByLabel("Cue").fill("leave");
        trainer.click("text=Begin, 10 tries");
        for (int i = 1; i <= 10; i++) {
            trainer.click(".ob." + (i > 8 ? "missed" : "clean"));
            if (i < 10) {
                assertThat(trainer.locator(".cells.wide")).hasAttribute("aria-label", i + " of 10 tries");
            }
        }
        assertThat(trainer.locator(".wishes")).containsText("8 of 10 clean");
        Browser.fits(trainer);
    }

    private static void planAndIssue(Page trainer, boolean growl) {
        Trainer.tab(trainer, "Tracks");
        Trainer.addTrack(trainer, "Leave it");
        if (!growl) {
            assertThat(trainer.locator(".note").first()).containsText("At the start");
            assertThat(trainer.locator(".steps .now")).containsText("On the word");
        } else {
            assertThat(trainer.locator(".note").first()).containsText("Shut");
        }
        Trainer.tab(trainer, "Tracks");
        Trainer.addTrack(trainer, "Recall");
        Trainer.tab(trainer, "Tracks");
        Trainer.issue(trainer);
        assertThat(trainer.locator(".ex.first")).containsText("An adult in the room whenever a child is with the dog");
        assertThat(trainer.locator(".ex h2").filter(new Locator.FilterOptions().setHasText("Recall"))).hasCount(1);
        assertThat(trainer.locator(".ex h2").filter(new Locator.FilterOptions().setHasText("Leave it"))).hasCount(growl ? 0 : 1);
    }
}
