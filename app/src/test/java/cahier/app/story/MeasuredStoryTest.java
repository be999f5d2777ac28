package cahier.app.story;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.judge.JudgingRound;
import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Fear work, as a trainer sets it up and an owner lives it: what is tapped beside the steps moves the track, the brief and the forecast. */
class MeasuredStoryTest extends AppTest {

    @Autowired
    private JudgingRound judging;
    private Home home;

    @BeforeEach
    void aComfortTrack() throws Exception {
        home = homes.make(edda(), TrackKind.COMFORT, 1);
    }

    /** On the track's own page: its step shall measure. */
    private void letItMeasure(Page trainer, String what, String goal) {
        trainer.navigate("/tracks/" + home.track);
        trainer.locator(".steps details.more summary").first().click();
        trainer.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Let it measure")).click();
        trainer.getByText(what).click();
        trainer.getByLabel("Goal").fill(goal);
        trainer.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save it")).click();
        home.issue();
    }

    private Page owner(Browser browser, String script) {
        Page owner = browser.visitor(390, 844);
        owner.navigate("/o/" + home.token);
        owner.locator("section[data-track] h2 a").click();
        owner.waitForSelector("body[data-ready]");
        assertThat(owner).hasURL(Pattern.compile(script));
        return owner;
    }

    private void closeSession() {
        clock.pass(Duration.ofMinutes(45));
        judging.round(edda().practice(), now());
    }

    @Test
    void departuresAloneMoveTheTrackTheBriefAndTheForecast() {
        try (Browser browser = browser()) {
            Page trainer = browser.trainer(edda());
            letItMeasure(trainer, "How long it is alone", "10 min");
            assertThat(trainer.locator("main")).containsText("Step 1: 1 s, 1 s, 1 s, 1 s, 1 s, 1 s");
            Page owner = owner(browser, "/alone#dog=");
            owner.clock().install();
            for (int departure = 0; departure < 6; departure++) {
                owner.click("#out");
                owner.clock().runFor(8000);
                owner.click("#calm");
            }
            assertThat(owner.locator("#says")).hasText("Good place to stop.");
            owner.waitForCondition(() -> homes.number(edda(), "select count(*) from rep where track_id = " + home.track) == 6);
            trainer.reload();
            assertThat(trainer.locator("main")).containsText("Step 1: 2 s, 5 s, 3 s, 10 s, 3 s, 2 s");
            assertThat(trainer.locator("#outlook")).containsText("When?");
            closeSession();
            trainer.navigate("/households/" + home.id);
            assertThat(trainer.locator("main")).containsText("6 of the last 6 reps were clean");
            assertThat(trainer.locator("main")).containsText("2 more sessions at the goal");
            trainer.navigate("/households/" + home.id + "/homework");
            assertThat(trainer.locator("main")).containsText("2 s, 5 s, 3 s, 10 s, 3 s, 2 s");
        }
    }

    @Test
    void aLookTooNearLowersThePhoneAtOnceAndStandsOnTheDesk() {
        try (Browser browser = browser().expecting("ERR_INTERNET_DISCONNECTED")) {
            Page trainer = browser.trainer(edda());
            letItMeasure(trainer, "How near something may be", "8 m");
            trainer.navigate("/households/" + home.id + "/distances");
            trainer.getByText("Set a distance, a step of your own, a goal").click();
            trainer.locator("input[name=metres]").first().fill("20 m");
            trainer.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Set distance")).click();
            Page owner = owner(browser, "/met#dog=");
            assertThat(owner.locator("#far")).hasValue("20");
            owner.click("#seen");
            assertThat(owner.locator("#seen")).hasText("Cue now");
            owner.locator("[data-response=PROMPTED]").click();
            owner.context().setOffline(true);
            owner.locator("[data-response=REACTED]").click();
            assertThat(owner.locator("#says")).hasText("Reacted, 20 m. Further off now: 24\u00a0m (79\u00a0ft).");
            assertThat(owner.locator("[data-now] .num")).hasText("24\u00a0m (79\u00a0ft)");
            owner.click("#undo");
            assertThat(owner.locator("[data-now] .num")).hasText("20\u00a0m (66\u00a0ft)");
            owner.locator("[data-response=REACTED]").click();
            owner.context().setOffline(false);
            owner.reload();
            owner.waitForCondition(() -> homes.number(edda(), "select 10 * count(*) filter (where undone_at is null) + count(*) filter (where undone_at is not null) from exposure where household_id = " + home.id) == 21);
            owner.reload();
            assertThat(owner.locator("[data-now] .num")).hasText("24 m (79 ft)");
            closeSession();
            trainer.navigate("/");
            assertThat(trainer.locator("main")).containsText("It was too much once in the last session.");
            assertThat(homes.number(edda(), "select count(*) from exposure where response = 'PROMPTED' and answered_ms is not null and household_id = " + home.id)).isEqualTo(1);
        }
    }

    @Test
    void twoReactionsApartEndASittingOrDoNotByItsSchool() throws Exception {
        for (boolean expected : new boolean[] {false, true}) {
            if (expected) {
                send("/households/" + home.id + "/method", "EXPOSURE", "EXPOSE_LONG_WATCHING");
            }
            try (Browser browser = browser()) {
                Page owner = browser.visitor(390, 844);
                owner.navigate("/o/" + home.token + "/watch");
                owner.waitForSelector("body[data-ready]");
                assertThat(owner.locator("main")).containsText(expected ? "A reaction now and then is expected." : "Two reactions are enough: then go home.");
                for (String seen : new String[] {"REACTED", "CALM", "REACTED"}) {
                    owner.locator("[data-seen=" + seen + "][data-kind=PERSON]").click();
                }
                assertThat(owner.locator("#says")).hasText(expected ? "Reacted." : "Reacted. Twice is enough for today: go home.");
            }
        }
    }
}
