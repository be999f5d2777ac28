package cahier.app.story;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The shelf as it is used: looked through by wish, two compared, one taken, and its newer version followed step by step. */
class ShelfStoryTest extends AppTest {

    private Home home;

    @BeforeEach
    void aHousehold() {
        home = homes.make(edda(), TrackKind.SKILL, 1);
    }

    private static void press(Page page, String button) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(button).setExact(true)).click();
    }

    @Test
    void aTemplateIsFoundByWishComparedTakenAndFollowed() {
        try (Browser browser = browser()) {
            Page trainer = browser.trainer(edda());
            trainer.navigate("/shelf/give");
            press(trainer, "Make my own copy");
            trainer.waitForURL(Pattern.compile("/shelf/own-\\d+$"));
            String own = trainer.url().substring(trainer.url().indexOf("/shelf/"));
            assertThat(trainer.locator(".strands").first()).isVisible(); // walked when it is looked at

            trainer.navigate("/households/" + home.id + "/tracks/new");
            int all = trainer.locator(".offer").count();
            trainer.getByLabel("Wish").selectOption("ITEMS");
            trainer.getByLabel("Helper at most").selectOption("NOBODY");
            press(trainer, "Search");
            assertThat(trainer.locator("select[name=about]")).hasValue("ITEMS");
            assertThat(trainer.locator(".offer").count()).isLessThan(all).isPositive();
            assertThat(trainer.locator(".offer b").allInnerTexts()).contains("Give").doesNotContain("Recall", "Leave it");
            press(trainer, "Compare two");
            assertThat(trainer.locator(".flash.no")).containsText("Tick two templates to compare; none was ticked.");

            trainer.locator("input[name=t][value='leave-it']").check();
            trainer.locator("input[name=t][value='" + own.substring("/shelf/".length()) + "']").check();
            press(trainer, "Compare two");
            assertThat(trainer.locator(".beside")).containsText("Closed hand");
            assertThat(trainer.locator(".beside")).containsText("A swap for food");
            assertThat(trainer.locator(".beside .strands")).hasCount(2);
            trainer.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Take give")).click();
            Locator ticked = trainer.locator("input[name=template]:checked");
            assertThat(ticked).hasCount(1);
            press(trainer, "Add the tracks");
            trainer.waitForURL(Pattern.compile("/tracks/\\d+$"));
            String track = trainer.url().substring(trainer.url().indexOf("/tracks/"));

            trainer.navigate(own + "/steps/swap");
            trainer.locator("[name=how]").fill("Hold chicken to its nose. It lets go, you pay.");
            press(trainer, "Save");
            trainer.waitForURL("**" + own);
            trainer.getByLabel("Remove In the hall").click();
            assertThat(trainer.getByText("1 track follows an older version")).isVisible();

            trainer.navigate(track);
            trainer.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("The shelf has this newer: 2 steps differ"))).click();
            assertThat(trainer.locator("ins").first()).containsText("Hold chicken to its nose.");
            trainer.locator("input[name=take][value=hall]").uncheck();
            press(trainer, "Take what is ticked");
            trainer.waitForURL("**" + track);
            assertThat(trainer.locator(".tk")).containsText("Hold chicken to its nose.");
            assertThat(trainer.locator("body")).containsText("In the hall");
            assertThat(trainer.getByText("The shelf has this newer")).hasCount(0);
        }
    }
}
