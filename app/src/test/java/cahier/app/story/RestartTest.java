package cahier.app.story;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.support.ApplicationProcess;
import cahier.app.support.Browser;
import cahier.app.support.Postgres;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.io.IOException;
import org.junit.jupiter.api.Test;

/** The application is killed in the middle of tapping and started again: what was acknowledged is there, once, and the rest comes later. */
class RestartTest {

    private static final String OWNER = "/o/demo-pim-4Zr8wQ2hVt6KxNq1Lb9sYc3d";
    private final ApplicationProcess application;
    private final String database;

    RestartTest() throws IOException {
        application = ApplicationProcess.shared();
        database = application.database();
    }

    private long reps() {
        return Postgres.number(database, "select count(*) from rep");
    }

    @Test
    void everyTappedRepIsThereOnce() throws Exception {
        try (Browser browser = new Browser(application.address()).expecting("net::ERR_")) {
            Page owner = browser.visitor(390, 844);
            owner.navigate(OWNER);
            owner.locator(".it h2 a").nth(1).click();
            owner.waitForSelector("body[data-ready]");
            long before = reps();

            tap(owner, "CLEAN", "CLEAN", "HELPED");
            await(owner, before + 3);
            assertThat(owner.locator("#waiting")).isHidden();

            storedButTheAnswerIsLost(owner);
            tap(owner, "CLEAN");
            await(owner, before + 4);
            application.kill();
            owner.unroute("**/reps");
            tap(owner, "MISSED", "CLEAN");
            assertThat(owner.locator("#count")).hasText("6 of 8 done");
            assertThat(owner.locator("#waiting")).isVisible();
            assertThat(reps()).isEqualTo(before + 4);

            application.startAgain();
            assertThat(reps()).as("what was acknowledged survived the kill").isEqualTo(before + 4);
            await(owner, before + 6);
            owner.reload();
            owner.waitForSelector("body[data-ready]");
            assertThat(owner.locator("#count")).hasText("6 of 8 done");
            assertThat(owner.locator("#waiting")).isHidden();
            assertThat(Postgres.number(database, "select count(distinct id) from rep")).isEqualTo(reps());
            assertThat(Postgres.number(database, "select sum(clean + helped + missed + too_much) from practice_day")).isEqualTo(reps());
        }
    }

    /** Waits while the browser goes on: its requests are answered by this thread. */
    private void await(Page owner, long reps) {
        owner.waitForCondition(() -> reps() == reps, new Page.WaitForConditionOptions().setTimeout(60_000));
    }

    /** The worst moment: the server has stored the batch, the phone never hears of it. */
    private static void storedButTheAnswerIsLost(Page owner) {
        owner.route("**/reps", (Route route) -> {
            route.fetch();
            route.abort();
        });
    }

    @Test
    void afterOneVisitThePagesOpenAndTakeRepsWithoutAServer() throws Exception {
        try (Browser browser = new Browser(application.address()).expecting("net::ERR_")) {
            Page owner = browser.visitor(390, 844);
            owner.navigate(OWNER);
            owner.waitForSelector("body[data-kept]");
            long before = reps();
            String never = owner.locator(".it h2 a").nth(2).getAttribute("href");
            owner.waitForCondition(() -> Boolean.TRUE.equals(owner.evaluate("async (u) => !!(await caches.match(u))", never)));
            application.kill();

            owner.reload();
            assertThat(owner.locator("main")).containsText("Abara-Quist");
            owner.navigate(never);
            owner.waitForSelector("body[data-ready]");
            tap(owner, "CLEAN", "HELPED");
            owner.waitForNavigation(() -> owner.evaluate("() => { document.querySelector('[data-outcome=CLEAN]').click(); location.reload(); }"));
            owner.waitForSelector("body[data-ready]");
            assertThat(owner.locator("#count")).hasText("3 of 6 done");
            owner.click("#enough");
            owner.fill("#note", "No signal here.");
            owner.click("#finish");
            assertThat(owner.locator("h1")).isVisible();
            assertThat(owner.locator("#waiting")).isVisible();
            assertThat(reps()).isEqualTo(before);

            application.startAgain();
            await(owner, before + 3);
            owner.waitForCondition(() -> Postgres.number(database, "select count(*) from sitting where note = 'No signal here.'") == 1);
        }
    }

    private static void tap(Page owner, String... outcomes) {
        for (String outcome : outcomes) {
            owner.click("[data-outcome=" + outcome + "]");
        }
    }
}
