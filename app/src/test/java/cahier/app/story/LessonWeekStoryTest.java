package cahier.app.story;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** The trainer's week: a lesson dragged, taken back, moved by keys, dropped on another, and one planned where it is empty. */
class LessonWeekStoryTest extends AppTest {

    private static final ZoneId ZONE = ZoneId.of("Europe/London");

    @Autowired
    private Households households;

    private static final LocalDate DAY = LocalDate.of(2031, 1, 6);

    private Home home(int hour) {
        Home home = homes.make(edda(), TrackKind.SKILL, 1);
        asEdda(() -> {
            households.put(edda().practice(), new Lesson(0, home.id, DAY.atTime(hour, 0).atZone(ZONE).toInstant(), 60, "", 20, Lesson.State.PLANNED, 0));
            return home;
        });
        return home;
    }

    private String starts(Home home) {
        return home.facts().lessons().get(0).startsAt().atZone(ZONE).toLocalDateTime().toString();
    }

    /** The script of a page comes last. */
    private static void ready(Page page) {
        assertThat(page.locator("#rounds[data-ready]")).isVisible();
    }

    private static void drag(Page page, Locator what, double x, double y) {
        ready(page);
        what.scrollIntoViewIfNeeded();
        BoundingBox box = what.locator("rect").boundingBox();
        page.mouse().move(box.x + 20, box.y + 8);
        page.mouse().down();
        page.mouse().move(box.x + 20 + x / 2, box.y + 8 + y / 2);
        page.mouse().move(box.x + 20 + x, box.y + 8 + y);
        page.mouse().up();
    }

    /** Lessons of a run before this one would lie in the same week. */
    @AfterEach
    void nothingIsLeftInTheWeek() {
        asEdda(() -> homes.change(edda(), "delete from lesson where starts_at between '2031-01-01' and '2031-01-31'"));
    }

    @Test
    void lessonsAreMovedAndPlannedOnTheDrawing() {
        Home early = home(9);
        Home late = home(14);
        try (Browser browser = browser()) {
            Page trainer = browser.trainer(edda());
            trainer.navigate("/lessons?from=" + DAY);
            Locator first = trainer.locator(".visit").first();
            assertThat(trainer.locator("#rounds")).containsText("3 h 40 free");
            drag(trainer, first, 112 * 2, 44 * 1.5 + 3);
            assertThat(trainer.locator("main form.flash")).containsText("Wed 8 Jan 2031, 10:30");
            assertThat(starts(early)).isEqualTo("2031-01-08T10:30");
            trainer.click("text=Undo");
            assertThat(trainer.locator("main form.flash")).containsText("Mon 6 Jan 2031, 9:00");
            assertThat(starts(early)).isEqualTo("2031-01-06T09:00");

            ready(trainer);
            trainer.locator(".visit").first().focus();
            trainer.keyboard().press("ArrowDown");
            trainer.keyboard().press("ArrowDown");
            trainer.keyboard().press("ArrowRight");
            assertThat(trainer.locator("#rounds-says")).containsText("Tue 7, 9:30. Enter keeps it");
            trainer.keyboard().press("Escape");
            assertThat(trainer.locator("#rounds-says")).containsText("Drag a lesson");
            trainer.keyboard().press("ArrowRight");
            trainer.keyboard().press("Enter");
            assertThat(trainer.locator("main form.flash")).containsText("Tue 7 Jan 2031, 9:00");
            assertThat(starts(early)).isEqualTo("2031-01-07T09:00");

            drag(trainer, trainer.locator(".visit").last(), -112, 44 * 5);
            assertThat(trainer.locator("main form.flash")).containsText("runs into lesson with " + late.facts().household().name());
            assertThat(starts(early)).isEqualTo("2031-01-07T09:00");
            trainer.click("text=Move it all the same");
            assertThat(trainer.locator(".visit.clashes")).hasCount(2);
            assertThat(starts(early)).isEqualTo("2031-01-06T14:00");

            ready(trainer);
            Locator week = trainer.locator("#rounds");
            week.scrollIntoViewIfNeeded();
            week.click(new Locator.ClickOptions().setPosition(36 + 112 * 3 + 50, 24 + 44 * 3 + 2));
            assertThat(trainer.locator("#startsAt")).hasValue(DAY.plusDays(3).atTime(LocalTime.of(11, 0)).toString());
            assertThat(trainer.locator("#household")).isFocused();
            trainer.selectOption("#household", Long.toString(late.id));
            trainer.click("text=Plan the lesson");
            assertThat(trainer.locator(".visit")).hasCount(3);
            assertThat(trainer.locator(".visit").last()).containsText("11:00");
            ready(trainer);
            trainer.locator(".visit").last().click();
            trainer.waitForURL("**/lessons/*");

            Page phone = browser.visitor(390, 844);
            phone.context().addCookies(trainer.context().cookies());
            phone.navigate("/lessons?from=" + DAY);
            assertThat(phone.locator(".visit").first()).isVisible();
            Browser.fits(phone);
        }
        assertThat(early.id).isNotEqualTo(late.id);
    }
}
