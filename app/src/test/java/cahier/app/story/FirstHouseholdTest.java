package cahier.app.story;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import cahier.app.support.Trainer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One household from nothing to the adjusted next homework: the trainer on a laptop and on a phone, the owner on a phone. */
class FirstHouseholdTest extends AppTest {

    @ParameterizedTest(name = "trainer at {0} x {1}")
    @CsvSource({"1280, 800, LIGHT, Marlow", "390, 844, DARK, Marlowe"})
    void fromTheFirstStepToTheAdjustedNextHomework(int width, int height, ColorScheme scheme, String name) {
        try (Browser browser = browser()) {
            Page trainer = browser.trainer(width, height, scheme);
            assertThat(trainer.locator("button[name=theme]")).hasText(scheme == ColorScheme.DARK ? "Day page" : "Night page");
            theDeskSaysWhoNeedsALook(trainer);
            writeDownWhoLivesThere(trainer, name);
            planATrack(trainer);
            String link = issue(trainer);
            Page owner = browser.visitor(390, 844, scheme);
            practise(owner, link);
            decide(trainer, name);
            theOwnerSeesTheNewStepAtOnce(trainer, owner, name);
        }
    }

    private static void theDeskSaysWhoNeedsALook(Page trainer) {
        for (String household : List.of("Abara-Quist", "Oduya", "Haldane-Reyes", "Castellane", "Wren")) {
            assertThat(trainer.locator(".look", new Page.LocatorOptions().setHasText(household))).isVisible();
        }
        assertThat(trainer.locator(".look", new Page.LocatorOptions().setHasText("Wren"))).containsText("Stop and call");
        Browser.fits(trainer);
    }

    private static void writeDownWhoLivesThere(Page trainer, String name) {
        Trainer.makeHousehold(trainer, name, "terrace");
        Trainer.leaf(trainer, "Add person", "Name", "Halima");
        Locator leaf = trainer.locator(".slip");
        leaf.getByLabel("Name", new Locator.GetByLabelOptions().setExact(true)).fill("Joss");
        leaf.getByLabel("Age, for children").fill("11");
        leaf.getByLabel("Age, for children").blur();
        assertThat(leaf.getByLabel("Practises with the dog")).not().isChecked();
        leaf.getByLabel("Practises with the dog").check();
        leaf.getByLabel("Under 16: the adult who is there").selectOption("Halima");
        Trainer.leaf(trainer, "Add person");
        assertThat(trainer.locator(".no")).containsText("must be ticked for anyone under 18");
        leaf.getByLabel("Under 18: an adult agreed that this name is kept").check();
        Trainer.leaf(trainer, "Add person");
        assertThat(trainer.locator(".slip")).containsText("Joss (11)");
        Trainer.tab(trainer, "Dogs");
        Trainer.leaf(trainer, "Add dog", "Name", "Fennel", "Kind", "collie cross", "Weight", "eighteen");
        assertThat(trainer.locator(".no")).containsText("was “eighteen”");
        assertThat(trainer.getByLabel("Kind")).hasValue("collie cross");
        Trainer.leaf(trainer, "Add dog", "Weight", "18 kg");
        assertThat(trainer.locator(".slip")).containsText("Fennel, collie cross, 18\u00a0kg (39.7\u00a0lb)");
        Trainer.tab(trainer, "Places");
        Trainer.leaf(trainer, "Add place", "Name", "kitchen");
        Trainer.leaf(trainer, "Add place", "Name", "garden", "Difficulty", "2");
        Trainer.tab(trainer, "Words");
        Trainer.leaf(trainer, "Add word", "Word", "leave", "What it stands for", "Eyes off it.");
        assertThat(trainer.locator(".slip table")).containsText("“leave”");
        Browser.fits(trainer);
        trainer.waitForLoadState();
        trainer.keyboard().press("Escape");
        assertThat(trainer.locator(".slip")).isHidden();
        assertThat(trainer.locator("main")).containsText("Lives with Halima and Joss (11), terrace.");
    }

    private static void planATrack(Page trainer) {
        Trainer.addTrack(trainer, "Leave it");
        assertThat(trainer.locator(".steps .now")).containsText("Closed hand");
        trainer.click("text=Add a step");
        trainer.getByLabel("Title").fill("In the park");
        trainer.getByLabel("Distance", new Page.GetByLabelOptions().setExact(true)).fill("a bit");
        trainer.click("text=Add the step");
        assertThat(trainer.locator(".no")).containsText("was “a bit”");
        assertThat(trainer.getByLabel("Title")).hasValue("In the park");
        trainer.getByLabel("Distance", new Page.GetByLabelOptions().setExact(true)).fill("10 ft");
        trainer.click("text=Add the step");
        Locator last = trainer.locator(".steps tbody tr").last();
        assertThat(last).containsText("3.05\u00a0m (10\u00a0ft)");
        last.locator("summary").click();
        last.getByText("Move earlier").click();
        assertThat(trainer.locator(".steps tbody tr").nth(16)).containsText("In the park");
        trainer.locator(".steps tbody tr").nth(16).locator("summary").click();
        trainer.locator(".steps tbody tr").nth(16).getByText("Remove").click();
        assertThat(trainer.locator(".steps tbody tr")).hasCount(17);
        trainer.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo")).click();
        assertThat(trainer.locator(".steps tbody tr")).hasCount(18);
        Browser.fits(trainer);
        trainer.locator(".margin a").first().click();
    }

    private static String issue(Page trainer) {
        Trainer.issue(trainer);
        assertThat(trainer.locator("h1")).hasText("Homework 1");
        Browser.fits(trainer);
        return trainer.locator("#owner-link").textContent();
    }

    private static void practise(Page owner, String link) {
        owner.navigate(link);
        Browser.fits(owner);
        assertThat(owner.locator("main")).containsText("Hold food in a closed fist.");
        owner.locator(".pn").getByText("Words").click();
        assertThat(owner.locator("main")).containsText("“leave”");
        owner.locator(".pn").getByText("Today").click();
        owner.click("text=Start Leave it");
        owner.waitForSelector("body[data-ready]");
        owner.click("label:has-text('Joss')");
        owner.click("#adults label:has-text('Halima')");
        owner.click("label:has-text('garden')");
        tap(owner, "Missed", "Too much");
        assertThat(owner.locator("#stop")).isVisible();
        owner.click("text=Undo too much");
        assertThat(owner.locator("#stop")).isHidden();
        tap(owner, "Clean", "Clean");
        owner.reload();
        owner.waitForSelector("body[data-ready]");
        assertThat(owner.locator("#count")).hasText("3 of 8 done");
        assertThat(owner.locator("#setup-says")).hasText("Joss (11) with Halima, garden");
        tap(owner, "Clean", "Clean", "Clean", "Clean", "Clean");
        assertThat(owner.locator("#coach-says")).hasText("One sure win, then stop.");
        Browser.fits(owner);
        tap(owner, "Clean");
        assertThat(owner.locator("#summary")).hasText("8 clean, 1 missed. That counts.");
        Browser.fits(owner);
        owner.click("label:has-text('Eager for more')");
        owner.fill("#note", "Joss held the food.");
        owner.click("#finish");
        assertThat(owner.locator(".it").first()).containsText("1/2");
        assertThat(owner.locator("#waiting")).isHidden();
    }

    private static void decide(Page trainer, String name) {
        open(trainer, name);
        Locator track = trainer.locator(".track");
        assertThat(track.locator(".note")).containsText("Step up");
        assertThat(track.locator(".note")).containsText("7 of the last 8 reps were clean, 7 in a row.");
        assertThat(trainer.locator(".head")).containsText("Joss held the food.");
        Browser.fits(trainer);
        track.locator(".note").getByText("Accept").click();
        assertThat(track).containsText("Step 2 of 18");
        assertThat(track.locator(".written").last()).containsText(Pattern.compile("now on step 2[\\s\\S]*Imre"));
        track.locator(".note").getByText("Undo").click();
        assertThat(track).containsText("Step 1 of 18");
        track.locator(".note").getByText("Overrule…").click();
        Browser.fits(trainer);
        trainer.click("label:has-text('Stay at 1')");
        trainer.click("text=Save decision");
        assertThat(trainer.locator(".no")).hasText("must say why: tick a reason or write one");
        trainer.getByLabel("In your words").fill("Halima has not tried yet");
        trainer.click("text=Save decision");
        assertThat(trainer.locator("main")).containsText("Halima has not tried yet");
        assertThat(trainer.locator(".history")).containsText("Imre decided so instead of “Step up”.");
        trainer.locator(".steps tbody tr").nth(1).locator("summary").click();
        trainer.getByText("Put Fennel here").nth(0).click();
        assertThat(trainer.locator(".steps .now")).containsText("Open hand");
    }

    private static void theOwnerSeesTheNewStepAtOnce(Page trainer, Page owner, String name) {
        open(trainer, name);
        Trainer.issue(trainer);
        assertThat(trainer.locator("h1")).hasText("Homework 2");
        assertThat(trainer.locator("#owner-link")).hasText(owner.url().replaceAll("(/o/[^/]+).*", "$1"));
        owner.reload();
        assertThat(owner.locator("main")).containsText("Open the hand; close it when the dog comes.");
        assertThat(owner.locator("main")).containsText("Fennel, step 2");
    }

    private static void open(Page trainer, String name) {
        trainer.navigate("/households?find=" + name);
        trainer.locator(".look h3 a").getByText(name, new Locator.GetByTextOptions().setExact(true)).click();
    }

    private static void tap(Page owner, String... outcomes) {
        for (String outcome : outcomes) {
            owner.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + outcome))).click();
        }
    }
}
