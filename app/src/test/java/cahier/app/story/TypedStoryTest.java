package cahier.app.story;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.account.PracticeMaker;
import cahier.app.intake.Intakes;
import cahier.app.intake.Wish;
import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Dialog;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitUntilState;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What a trainer types is kept: over a reload, on another device, over a sign-in that ended, and without signal. */
class TypedStoryTest extends AppTest {

    private static final String WORDS = "No more barking at the gate";

    @Autowired
    private Intakes intakes;

    private Home home;

    @BeforeEach
    void household() {
        home = homes.make(edda(), TrackKind.SKILL, 1);
    }

    private Page intake(Browser browser) {
        Page trainer = browser.trainer(edda());
        trainer.navigate("/households/" + home.id + "/intake");
        return trainer;
    }

    private static Locator wish(Page page) {
        return page.locator("#wishes textarea[name=words]");
    }

    private int drafts() {
        return homes.number(edda(), "select count(*)::int from draft where household_id = " + home.id);
    }

    private List<String> wishes() {
        return asEdda(() -> intakes.wishes(edda().practice(), home.id)).stream().map(Wish::words).toList();
    }

    @Test
    void aFormLeftHalfFilledIsFoundAgainOnAnyDeviceUntilItIsSaved() {
        try (Browser browser = browser()) {
            Page trainer = intake(browser);
            wish(trainer).fill(WORDS);
            trainer.waitForCondition(() -> drafts() == 1);
            trainer.reload();
            assertThat(wish(trainer)).hasValue(WORDS);
            assertThat(trainer.locator("#wishes .drafted")).containsText("and not saved yet");
            Page tablet = intake(browser);
            assertThat(wish(tablet)).hasValue(WORDS);
            wish(tablet).fill("Quiet at the gate");
            tablet.waitForCondition(() -> homes.number(edda(), "select count(*)::int from draft where words = 'Quiet at the gate' and household_id = " + home.id) == 1);
            clock.pass(Duration.ofSeconds(5));
            wish(trainer).fill(WORDS + ", please");
            assertThat(trainer.locator("#wishes .drafted").last()).containsText("“Quiet at the gate”");
            trainer.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take that")).click();
            trainer.locator("#wishes").getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add it")).click();
            trainer.waitForCondition(() -> wishes().equals(List.of("Quiet at the gate")));
            trainer.waitForCondition(() -> drafts() == 0);
            trainer.reload();
            assertThat(wish(trainer)).hasValue("");
        }
    }

    @Test
    void whatIsTypedBeforeTheScriptComesOutranksTheDraft() {
        try (Browser browser = browser()) {
            Page trainer = intake(browser);
            wish(trainer).fill(WORDS);
            trainer.waitForCondition(() -> drafts() == 1);
            List<Route> held = new ArrayList<>();
            trainer.route("**/app/typed.js", held::add);
            trainer.navigate("/households/" + home.id + "/intake", new Page.NavigateOptions().setWaitUntil(WaitUntilState.COMMIT));
            trainer.waitForCondition(() -> !held.isEmpty());
            wish(trainer).fill("Quiet at the gate");
            held.get(0).resume();
            trainer.waitForCondition(() -> homes.number(edda(), "select count(*)::int from draft where words = 'Quiet at the gate' and household_id = " + home.id) == 1);
            assertThat(wish(trainer)).hasValue("Quiet at the gate");
        }
    }

    @Test
    void whoWasSignedOutSignsInOnTheSpotAndTheFormGoesOn() {
        try (Browser browser = browser()) {
            Page trainer = intake(browser);
            wish(trainer).fill(WORDS);
            trainer.waitForCondition(() -> drafts() == 1);
            BrowserContext context = trainer.context();
            context.clearCookies();
            clock.pass(Duration.ofMinutes(6));
            trainer.locator("#wishes").getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add it")).click();
            assertThat(trainer.locator("dialog h2").last()).hasText("You are signed out");
            trainer.fill("#again-user", edda().getUsername());
            trainer.fill("#again-word", "not it");
            trainer.click("text=Sign in and go on");
            assertThat(trainer.locator("dialog [role=alert]")).containsText("do not go together");
            trainer.fill("#again-word", PracticeMaker.PASSWORD);
            trainer.click("text=Sign in and go on");
            trainer.waitForCondition(() -> wishes().equals(List.of(WORDS)));
            assertThat(trainer.locator(".wishes")).containsText(WORDS);
        }
    }

    @Test
    void withoutSignalNothingIsSentAndThePageAsksBeforeItIsLeft() {
        try (Browser browser = browser().expecting("ERR_INTERNET_DISCONNECTED")) {
            Page trainer = intake(browser);
            trainer.context().setOffline(true);
            wish(trainer).fill(WORDS);
            trainer.locator("#wishes").getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add it")).click();
            assertThat(trainer.locator("#flash")).containsText("No signal. Nothing was sent");
            assertThat(wish(trainer)).hasValue(WORDS);
            trainer.context().setOffline(false);
            wish(trainer).pressSequentially("!");
            List<String> asked = new ArrayList<>();
            trainer.onDialog((Dialog d) -> {
                asked.add(d.type());
                d.accept();
            });
            trainer.context().setOffline(true);
            wish(trainer).pressSequentially("!");
            trainer.evaluate("() => { setTimeout(() => location.assign('/'), 0); }");
            trainer.waitForCondition(() -> !asked.isEmpty());
            assertThat(asked).containsExactly("beforeunload");
        }
    }
}
