package cahier.app.story;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import cahier.app.support.Home;
import cahier.app.track.StepPlan;
import cahier.core.decide.TrackKind;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The steps of a track, edited in their table: by hand, by keys alone, along a scale, and without signal. */
class StepTableStoryTest extends AppTest {

    private Home home;

    @BeforeEach
    void fourSteps() {
        home = homes.make(edda(), TrackKind.SKILL, 4);
    }

    private Page open(Browser browser) {
        Page trainer = browser.trainer(edda());
        trainer.navigate("/tracks/" + home.track);
        trainer.waitForSelector("table[role=grid]");
        return trainer;
    }

    private static Locator cell(Page page, int number, String field) {
        return page.locator("#steps tr[data-number='" + number + "'] [data-field=" + field + "]");
    }

    private StepPlan plan(int number) {
        return home.roadmap().steps().get(number - 1).written();
    }

    private List<String> titles() {
        return home.roadmap().steps().stream().map(s -> s.written().title()).toList();
    }

    @Test
    void aStepIsChangedInThreeCriteriaWithinSixActionsAndEachIsTakenBack() {
        try (Browser browser = browser()) {
            Page trainer = open(browser);
            cell(trainer, 3, "place").click();           // 1
            trainer.keyboard().type("garden");           // 2
            trainer.keyboard().press("Tab");
            assertThat(cell(trainer, 3, "place")).containsText("garden");
            trainer.keyboard().type("2.5 m");            // 3
            trainer.keyboard().press("Tab");
            assertThat(cell(trainer, 3, "distance")).containsText("2.5\u00a0m");
            trainer.keyboard().type("10 s");             // 4
            trainer.keyboard().press("Enter");           // 5
            assertThat(trainer.locator("#steps .margin")).containsText("Step 3, duration: 10\u00a0s, was none.");
            assertThat(trainer.locator("#steps .margin")).containsText("Step 3 raises 3 things: place, distance and duration.");
            assertThat(plan(3).setting()).isEqualTo("garden, 2.5\u00a0m (8\u00a0ft), 10\u00a0s");
            trainer.reload();
            trainer.waitForSelector("table[role=grid]");
            for (String left : List.of("garden, 2.5\u00a0m (8\u00a0ft)", "garden, 1\u00a0m (3\u00a0ft)", "kitchen, 1\u00a0m (3\u00a0ft)")) {
                trainer.keyboard().press("Control+z");
                trainer.waitForCondition(() -> plan(3).setting().equals(left));
                assertThat(trainer.locator("#steps:not([aria-busy])")).isVisible();
            }
        }
    }

    @Test
    void keysAloneDoAllOfIt() {
        try (Browser browser = browser()) {
            browser.expecting("422");
            Page trainer = open(browser);
            cell(trainer, 1, "place").focus();
            trainer.keyboard().press("ArrowDown");
            trainer.keyboard().press("ArrowRight");
            assertThat(cell(trainer, 2, "distance")).isFocused();
            trainer.keyboard().type("4 m");
            trainer.keyboard().press("Enter");
            assertThat(cell(trainer, 3, "distance")).isFocused();
            trainer.keyboard().press("F2");
            trainer.keyboard().press("Control+a");
            trainer.keyboard().type("a bit");
            trainer.keyboard().press("Enter");
            assertThat(cell(trainer, 3, "distance").locator(".no")).containsText("was “a bit”");
            assertThat(cell(trainer, 3, "distance").locator("input")).hasValue("a bit");
            trainer.keyboard().press("Escape");
            assertThat(cell(trainer, 3, "distance")).isFocused();
            trainer.keyboard().press("ArrowUp");
            trainer.keyboard().press("Insert");
            assertThat(cell(trainer, 2, "title")).containsText("Half-way to step 2");
            assertThat(cell(trainer, 2, "title")).isFocused();
            trainer.keyboard().press("Alt+ArrowDown");
            assertThat(cell(trainer, 3, "title")).isFocused();
            assertThat(titles()).containsExactly("Step 1", "Step 2", "Half-way to step 2", "Step 3", "Step 4");
            trainer.keyboard().press("Control+z");
            assertThat(cell(trainer, 2, "title")).containsText("Half-way");
            trainer.keyboard().press("Control+z");
            assertThat(trainer.locator("#steps tbody tr")).hasCount(4);
            trainer.keyboard().press("F2");
            assertThat(trainer.locator("#steps input.input")).isVisible();
        }
    }

    @Test
    void aCriterionIsRaisedAlongItsScaleAndAStepTakenElsewhereByItsNumber() {
        try (Browser browser = browser()) {
            Page trainer = open(browser);
            cell(trainer, 3, "distance").focus();
            Locator scale = trainer.locator("thead [data-field=distance] svg[role=slider]");
            assertThat(scale).hasAttribute("aria-label", "Distance of step 3");
            BoundingBox box = scale.boundingBox();
            trainer.mouse().move(box.x + box.width / 2, box.y + 16);
            trainer.mouse().down();
            trainer.mouse().move(box.x + box.width - 4, box.y + 16);
            assertThat(cell(trainer, 3, "distance")).hasClass(Pattern.compile("raised"));
            assertThat(plan(3).distanceM()).isEqualTo(1);
            trainer.mouse().up();
            assertThat(trainer.locator("#steps .margin")).containsText("Step 3, distance: 2\u00a0m");
            assertThat(plan(3).distanceM()).isEqualTo(2);
            trainer.keyboard().press("ArrowLeft");
            trainer.keyboard().press("Enter");
            trainer.waitForCondition(() -> plan(3).distanceM() != 2);
            assertThat(trainer.locator("#steps:not([aria-busy])")).isVisible();
            BoundingBox from = cell(trainer, 4, "title").locator(".sn").boundingBox();
            BoundingBox to = cell(trainer, 2, "title").boundingBox();
            trainer.mouse().move(from.x + 8, from.y + 8);
            trainer.mouse().down();
            trainer.mouse().move(to.x + 8, to.y + 8);
            trainer.mouse().up();
            assertThat(cell(trainer, 2, "title")).containsText("Step 4");
            assertThat(titles()).containsExactly("Step 1", "Step 4", "Step 2", "Step 3");
        }
    }

    @Test
    void theRestOfAStepOpensBesideItAndWithoutSignalWhatWasTypedStays() {
        try (Browser browser = browser()) {
            Page trainer = open(browser);
            trainer.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Step 2").setExact(true)).click();
            Locator beside = trainer.locator("dialog.beside");
            assertThat(beside.getByLabel("Title")).hasValue("Step 2");
            beside.getByLabel("How to do it").fill("Wait, then pay twice.");
            beside.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Save")).click();
            trainer.waitForSelector("table[role=grid]");
            assertThat(plan(2).how()).isEqualTo("Wait, then pay twice.");
            browser.expecting("ERR_INTERNET_DISCONNECTED");
            trainer.context().setOffline(true);
            cell(trainer, 2, "distraction").click();
            trainer.keyboard().type("radio");
            trainer.keyboard().press("Enter");
            assertThat(cell(trainer, 2, "distraction").locator(".no")).hasText("Not kept: no signal. Try again.");
            trainer.context().setOffline(false);
            trainer.keyboard().press("Enter");
            assertThat(cell(trainer, 2, "distraction")).containsText("radio");
            assertThat(plan(2).distraction()).isEqualTo("radio");
        }
    }
}
