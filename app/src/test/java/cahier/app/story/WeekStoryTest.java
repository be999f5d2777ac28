package cahier.app.story;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.time.Duration;
import org.junit.jupiter.api.Test;

/** Free hours go in, a week comes out; a session is pinned, one is missed, one is moved on the phone, and the rest adapts. */
class WeekStoryTest extends AppTest {

    private static Locator sessions(Page page) {
        return page.locator(".wday li");
    }

    @Test
    void freeHoursInAPlanAPinAMissAndAnotherPlan() throws Exception {
        Home home = homes.make(edda(), TrackKind.SKILL, 1);
        try (Browser browser = browser()) {
            Page trainer = browser.trainer(edda());
            trainer.navigate("/households/" + home.id + "/week");
            Locator dele = trainer.getByLabel("Dele", new Page.GetByLabelOptions().setExact(true));
            dele.fill("evenings");
            trainer.click("text=Save and plan");
            assertThat(trainer.locator(".flash.no")).containsText("Dele: a day must be Mon, Tue");
            assertThat(dele).hasValue("evenings");
            dele.fill("daily 13-23");
            trainer.click("text=Save and plan");
            assertThat(dele).hasValue("daily 13:00-23:00");
            assertThat(trainer.locator(".note .say")).hasText("Everything fits");
            assertThat(trainer.locator("svg.weeksheet rect.spot")).hasCount(sessions(trainer).count());

            Locator last = sessions(trainer).last();
            String when = last.locator("b").textContent();
            last.locator("summary").click();
            last.locator("text=Pin it here").click();
            assertThat(sessions(trainer).last()).containsText("pinned");

            Page owner = browser.visitor(390, 844);
            owner.navigate("/o/" + home.token);
            String missed = owner.locator(".plan-list b").first().textContent();
            Browser.fits(owner);
            clock.pass(Duration.ofHours(6));
            owner.reload();
            assertThat(owner.locator(".plan-list b").first()).not().hasText(missed);
            owner.click("text=More to do and to note");
            owner.click("text=Our week");
            assertThat(sessions(owner).last()).containsText(when);
            Browser.fits(owner);

            Locator tomorrow = owner.locator(".wday").nth(1).locator("li").first();
            tomorrow.locator("summary").click();
            tomorrow.locator("[name=time]").fill("22:40");
            tomorrow.locator("text=Move and pin").click();
            Locator moved = owner.locator(".wday").nth(1).locator("li:has-text('22:40')");
            assertThat(moved).containsText("pinned");
            assertThat(owner.locator(".wday .stop")).hasCount(0);
            trainer.reload();
            assertThat(trainer.locator(".wday li:has-text('22:40')")).hasCount(1);
        }
    }
}
