package cahier.app.story;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.support.ApplicationProcess;
import cahier.app.support.Browser;
import cahier.app.support.Postgres;
import cahier.core.decide.Decision;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.SelectOption;
import java.util.EnumSet;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** On the demo: a trainer reads the evidence, asks what another rule would have said, and accepts or overrules every kind of decision there is. */
class JudgementStoryTest {

    private final String database = Postgres.freshDatabase();

    private long number(String sql) {
        return Postgres.number(database, sql);
    }

    @Test
    void everyKindOfDecisionIsReadAndAnswered() throws Exception {
        try (ApplicationProcess application = new ApplicationProcess(database); Browser browser = new Browser(application.address())) {
            Page trainer = browser.trainer(1280, 800, ColorScheme.LIGHT);
            theGapOfTwoPeopleIsShown(trainer);
            aMarkTellsItsRep(trainer);
            anotherRuleIsTried(trainer);
            aRepTakenOutChangesTheVerdict(trainer);
            byKeys(trainer);
            everyDecisionIsAnswered(trainer);
        }
    }

    private long trackWith(String condition) {
        return number("select min(track_id) from decision where state = 'OPEN' and " + condition);
    }

    private void theGapOfTwoPeopleIsShown(Page trainer) {
        trainer.navigate("/tracks/" + trackWith("cause = 'PERSON_GAP'"));
        assertThat(trainer.locator("#evidence .margin")).containsText("differs");
        assertThat(trainer.locator("#evidence .margin")).containsText("in the same company");
        assertThat(trainer.locator(".px tbody tr").last()).containsText("all");
        assertThat(trainer.locator(".odds")).isVisible();
    }

    private void aMarkTellsItsRep(Page trainer) {
        Locator mark = trainer.locator("#evidence .spot").first();
        mark.hover();
        assertThat(trainer.locator("#evidence .told")).hasText(mark.getAttribute("aria-label"));
        Locator day = trainer.locator(".stair.wide .spot").last();
        day.focus();
        assertThat(trainer.locator(".track .told")).hasText(day.getAttribute("aria-label"));
    }

    private void anotherRuleIsTried(Page trainer) {
        trainer.locator("#if select[name=pass]").selectOption("RUN");
        trainer.locator("#if input[name=run]").fill("3");
        trainer.locator("#if button").click();
        assertThat(trainer.locator("#what-if")).containsText("Step up on ");
        trainer.locator("#if input[name=run]").fill("none");
        trainer.locator("#if button").click();
        assertThat(trainer.locator("#what-if")).containsText("Run must be a whole number from 1 to 100, was “none”.");
        assertThat(trainer.locator("#if input[name=run]")).hasValue("none");
    }

    private void aRepTakenOutChangesTheVerdict(Page trainer) {
        trainer.navigate("/tracks/" + trackWith("cause in ('TOO_MUCH', 'TOO_MUCH_OFTEN')"));
        Locator verdict = trainer.locator(".track .note").first();
        String before = verdict.textContent();
        trainer.getByText("Take a rep out").click();
        String tooMuch = trainer.locator("select[name=rep] option").allTextContents().stream().filter(o -> o.startsWith("Too much")).findFirst().orElseThrow();
        trainer.locator("select[name=rep]").selectOption(new SelectOption().setLabel(tooMuch));
        trainer.getByText("Take it out").click();
        assertThat(verdict).not().hasText(before);
        trainer.locator("form[action$='/reps/restore'] button").click();
        assertThat(verdict).hasText(before);
    }

    /** Marks with j, accepts with a, takes back with u; never inside a field, and not at all when switched off. */
    private void byKeys(Page trainer) {
        long track = trackWith("suggested = 'UP'");
        trainer.navigate("/tracks/" + track);
        trainer.keyboard().press("?");
        assertThat(trainer.locator("#keys")).isVisible();
        trainer.keyboard().press("Escape");
        trainer.locator("input[name=find]").fill("a");
        trainer.locator("input[name=find]").press("a");
        assertThat(trainer.locator(".note .cross")).isVisible();
        trainer.navigate("/tracks/" + track);
        trainer.keyboard().press("j");
        assertThat(trainer.locator(".track.marked")).isVisible();
        trainer.keyboard().press("a");
        assertThat(trainer.locator(".note.is-done")).isVisible();
        trainer.keyboard().press("u");
        assertThat(trainer.locator(".note .cross")).isVisible();
        trainer.waitForLoadState(); // a page that still loads does not hear keys yet
        trainer.keyboard().press("?");
        trainer.locator("#keys [data-keys-on]").uncheck();
        trainer.keyboard().press("Escape");
        trainer.keyboard().press("a");
        trainer.keyboard().press("g");
        trainer.keyboard().press("d");
        assertThat(trainer.locator(".note .cross")).isVisible();
        trainer.evaluate("() => localStorage.clear()");
    }

    private void everyDecisionIsAnswered(Page trainer) {
        Set<Decision> answered = EnumSet.noneOf(Decision.class);
        for (Decision decision : Decision.values()) {
            long track = trackWith("suggested = '" + decision + "'");
            assertThat(track).as("a track of the demo with " + decision).isPositive();
            trainer.navigate("/tracks/" + track);
            long before = number("select count(*) from decision where state in ('ACCEPTED', 'OVERRULED')");
            if (decision == Decision.SPLIT) {
                trainer.locator(".note .cross").first().click();
                trainer.locator("#aid").selectOption("FULL_LURE");
                trainer.locator("main .buttons .button.is-primary").click();
            } else if (decision == Decision.STAY || decision == Decision.BACK) {
                trainer.locator(".acts a[href*='/overrule']").click();
                trainer.locator("input[name=decision]").first().check();
                trainer.locator("textarea[name=words]").fill("Seen at the lesson");
                trainer.locator("main .button.is-primary").first().click();
            } else if (decision == Decision.CALL) {
                trainer.locator(".note .cross").first().click();
                assertThat(trainer.locator("main")).containsText("Add an easier step");
                trainer.locator("main .button.is-primary").click();
                assertThat(trainer.locator("main")).containsText("must be chosen: a call is not answered by itself");
                trainer.locator("input[name=next][value=REST]").check();
                trainer.locator("main .button.is-primary").click();
                assertThat(trainer.locator(".track .margin").first()).containsText("Take it up again");
            } else {
                trainer.locator(".note .cross").first().click();
            }
            trainer.waitForCondition(() -> number("select count(*) from decision where state in ('ACCEPTED', 'OVERRULED')") > before);
            answered.add(decision);
        }
        assertThat(answered).containsExactlyInAnyOrder(Decision.values());
    }
}
