package cahier.app.story;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import cahier.app.support.Trainer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import org.junit.jupiter.api.Test;

/** The first hour as the book leads it: every part done or left out on purpose, with what it brings, counted in clicks and filled fields. */
class FirstHourStoryTest extends AppTest {

    private static final int MOST_ACTIONS = 60;
    private static final int TRIES = 10;

    private int actions;

    private void click(Locator what) {
        what.click();
        actions++;
    }

    private void fill(Locator field, String words) {
        field.fill(words);
        actions++;
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    /** The book leads on: its one filled button. */
    private void begin(Page page, String part) {
        click(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Begin: " + part)));
    }

    /** Back by the tab that every page of the household has while the hour is led. */
    private void book(Page page) {
        click(page.locator(".to-first"));
        assertThat(page.locator(".hour-way")).isVisible();
        Browser.fits(page);
    }

    @Test
    void theBookLeadsFromNothingToTheFirstHomework() {
        try (Browser browser = browser()) {
            Page trainer = browser.trainer(820, 1180, ColorScheme.LIGHT);
            trainer.navigate("/households/new");
            fill(trainer.getByLabel("Name of the household"), "Lindqvist-Amara");
            click(button(trainer, "Make the household"));
            fill(trainer.locator(".slip").getByLabel("Name", new Locator.GetByLabelOptions().setExact(true)), "Halima");
            click(button(trainer, "Add person"));
            String book = trainer.url().replaceAll("\\?.*", "");
            book(trainer);
            click(button(trainer, "Nothing here: What is dangerous today"));
            begin(trainer, "What they want");
            fill(trainer.locator("#wishes textarea"), "Leaves what lies on the pavement");
            trainer.locator("#wishes select[name=topic]").selectOption("ITEMS");
            actions++;
            click(button(trainer, "Add it"));
            book(trainer);
            begin(trainer, "The dog");
            fill(trainer.locator(".slip").getByLabel("Name", new Locator.GetByLabelOptions().setExact(true)), "Moss");
            fill(trainer.locator(".slip").getByLabel("Weight"), "18 kg");
            click(button(trainer, "Add dog"));
            book(trainer);
            begin(trainer, "What the dog does now");
            click(trainer.locator("summary:has-text('Cold test of a cue')"));
            fill(trainer.getByLabel("Cue"), "leave");
            click(trainer.getByText("Begin, 10 tries"));
            for (int i = 1; i <= TRIES; i++) {
                click(trainer.locator(".ob.clean"));
                if (i < TRIES) {
                    assertThat(trainer.locator(".cells.wide")).hasAttribute("aria-label", i + " of 10 tries");
                }
            }
            book(trainer);
            click(button(trainer, "Leave out: The words"));
            click(button(trainer, "As usual: How you teach here"));
            begin(trainer, "The tracks");
            assertThat(trainer.locator(".tpl").first()).containsText("They want: “Leaves what lies on the pavement”");
            for (String template : new String[] {"Leave it", "Recall", "Settle on a mat"}) {
                click(trainer.locator("label:has(b:text-is('" + template + "'))"));
            }
            assertThat(trainer.locator(".further")).containsText("starts at step 5, by the cold test of a cue, leave: 10 of 10 clean.");
            Browser.fits(trainer);
            click(button(trainer, "Add the tracks"));
            book(trainer);
            begin(trainer, "The first homework");
            assertThat(trainer.locator("main")).containsText("Settle on a mat, step 1, needs a mat.");
            assertThat(trainer.locator(".goes").filter(new Locator.FilterOptions().setHasText("Leave it"))).containsText("Step 5 of 17");
            click(button(trainer, "Agree on “leave”"));
            assertThat(trainer.locator("main")).not().containsText("not agreed yet");
            Browser.fits(trainer);
            click(button(trainer, "Send homework"));
            assertThat(trainer.locator("h1")).hasText("Homework 1");
            trainer.navigate(book);
            assertThat(trainer.locator(".hour-way")).hasCount(0);
            trainer.navigate(book + "/intake");
            assertThat(trainer.locator(".to-first")).hasCount(0);
            System.out.println("Actions of the whole first hour: " + actions);
            assertThat(actions).as("clicks and filled fields").isLessThanOrEqualTo(MOST_ACTIONS);
            Trainer.tab(trainer, "Words");
            assertThat(trainer.locator(".slip table")).containsText("“leave”");
        }
    }
}
