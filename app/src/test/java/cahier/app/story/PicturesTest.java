package cahier.app.story;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import cahier.app.household.Households;
import cahier.app.judge.Judgements;
import cahier.app.sheet.Homeworks;
import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import cahier.app.support.Trainer;
import cahier.core.decide.Decision;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.nio.file.Path;
import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Takes the pictures of docs/screenshots from the demo data; runs only when asked: ./cahier pictures. */
@Tag("pictures")
class PicturesTest extends AppTest {

    private static final Path FOLDER = Path.of("..", "docs", "screenshots");
    private static final String SORREL = "/o/demo-sorrel-7Gm2xTf5Wd8RkPz4Hn6jBv1q";
    private static final String PIM = "/o/demo-pim-4Zr8wQ2hVt6KxNq1Lb9sYc3d";

    @Autowired
    private Judgements judgements;
    @Autowired
    private Homeworks homeworks;
    @Autowired
    private Households households;

    @Test
    void everyMainView() {
        var split = asImre(() -> judgements.openOf(imre().practice(), households.byId(imre().practice()).keySet()).values().stream().flatMap(List::stream)
                .filter(d -> d.suggested() == Decision.SPLIT).findFirst().orElseThrow());
        try (Browser browser = browser()) {
            Page trainer = browser.trainer(1280, 800, ColorScheme.LIGHT);
            take(trainer, "/", "desk");
            take(trainer, "/households/" + split.householdId(), "household");
            take(trainer, "/tracks/" + split.trackId(), "track");
            take(trainer, "/lessons/" + lessonToday(), "lesson");
            take(trainer, "/sheets/" + sheet() + "/print", "sheet");
            take(trainer, "/households/3/distances", "distances");
            take(trainer, "/shelf", "shelf");
            take(trainer, "/households/2/roadmap", "roadmap");
            take(trainer, "/households/1/week", "week");
            take(trainer, "/shelf/compare?t=wait&t=stay", "compare");
            trainer.navigate("/households/1");
            trainer.locator(".track").filter(new Locator.FilterOptions().setHasText("Leave it")).locator(".cross").click();
            assertThat(trainer.locator("#track-2 .note.is-done")).isVisible();
            take(trainer, "/lessons/" + lessonToday() + "/close", "close");
            trainer.navigate("/lessons/" + lessonToday());
            trainer.locator("form[action$='/begin'] button").click();
            trainer.waitForSelector("body[data-ready]");
            trainer.setViewportSize(820, 1180);
            trainer.locator("[data-part=block-2]").click();
            trainer.click("[data-outcome=CLEAN]");
            trainer.click("[data-outcome=HELPED]");
            assertThat(trainer.locator("#stands")).isVisible();
            trainer.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve("running.png")));
            trainer.setViewportSize(1280, 800);
            firstHour(trainer);
            trainer.navigate("/tracks/2");
            trainer.waitForSelector("table[role=grid]");
            trainer.locator("#steps tr[data-number='7'] [data-field=duration]").click();
            trainer.keyboard().type("5 s");
            trainer.keyboard().press("Enter");
            assertThat(trainer.locator("#steps .margin")).containsText("raises 2 things");
            trainer.locator("#steps").evaluate("e => e.scrollIntoView()");
            trainer.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve("steps.png")));
            Page night = browser.trainer(1280, 800, ColorScheme.DARK);
            take(night, "/lessons", "lessons-night");
            Page owner = browser.visitor(390, 844);
            take(owner, PIM, "owner-today");
            owner.locator(".it h2 a").nth(1).click();
            owner.waitForSelector("body[data-ready]");
            for (String outcome : new String[] {"CLEAN", "CLEAN", "HELPED", "CLEAN", "MISSED"}) {
                owner.click("[data-outcome=" + outcome + "]");
            }
            owner.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve("owner-practice.png")));
            take(owner, PIM + "/progress", "owner-progress");
            take(owner, SORREL + "/alarm", "owner-stop");
        }
    }

    private static void firstHour(Page trainer) {
        trainer.navigate("/households/new");
        trainer.getByLabel("Name of the household").fill("Lindqvist-Amara");
        trainer.click("text=Make the household");
        Trainer.leaf(trainer, "Add person", "Name", "Halima");
        Trainer.tab(trainer, "Dogs");
        Trainer.leaf(trainer, "Add dog", "Name", "Moss", "Weight", "18 kg");
        take(trainer, trainer.url().replaceAll("\\?.*", ""), "first-hour");
    }

    private long lessonToday() {
        return asImre(() -> households.facts(imre().practice(), 1).lessons().stream().filter(l -> l.startsAt().atZone(ZoneId.of("Europe/London")).toLocalDate()
                .equals(now().atZone(ZoneId.of("Europe/London")).toLocalDate())).findFirst().orElseThrow().id());
    }

    private long sheet() {
        return asImre(() -> homeworks.latest(imre().practice(), 1)).orElseThrow().id();
    }

    private static void take(Page page, String path, String name) {
        page.navigate(path);
        page.waitForFunction("() => document.fonts.ready.then(() => true)");
        page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }
}
