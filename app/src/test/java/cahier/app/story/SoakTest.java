package cahier.app.story;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.support.ApplicationProcess;
import cahier.app.support.Browser;
import cahier.app.support.Postgres;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.assertions.PageAssertions;
import java.io.IOException;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/**
 * Sitting after sitting on the real page while the application is killed now and then: what was acknowledged is stored, nothing twice, and in the end all of it.
 * {@code ./cahier soak} makes it 2,000 taps and 10 kills.
 */
class SoakTest {

    private static final String OWNER = "/o/demo-pim-4Zr8wQ2hVt6KxNq1Lb9sYc3d";
    private static final int TAPS = Integer.getInteger("cahier.soak.taps", 45);
    private static final int KILLS = Integer.getInteger("cahier.soak.kills", 1);
    private static final int TAPS_WITHOUT_SERVER = 15;

    private final ApplicationProcess application;
    private final String database;
    private final Set<String> acknowledged = ConcurrentHashMap.newKeySet();
    private int tapped;
    private int kills;
    private int deadUntil;

    SoakTest() throws IOException {
        application = ApplicationProcess.shared();
        database = application.database();
    }

    @Test
    void acknowledgedIsStoredAndNothingTwice() throws Exception {
        try (Browser browser = new Browser(application.address()).expecting("net::ERR_")) {
            long before = reps();
            Page owner = browser.visitor(390, 844);
            owner.onResponse(this::note);
            owner.navigate(OWNER);
            owner.waitForSelector("body[data-kept]");
            String step = owner.locator(".it h2 a").first().getAttribute("href");
            owner.waitForCondition(() -> Boolean.TRUE.equals(owner.evaluate("async (u) => !!(await caches.match(u))", step)));
            while (tapped < TAPS) {
                sitting(owner, step);
            }
            if (deadUntil > 0) {
                application.startAgain();
            }
            owner.navigate(OWNER);
            owner.waitForCondition(() -> reps() >= before + tapped, new Page.WaitForConditionOptions().setTimeout(120_000));
            assertThat(kills).isEqualTo(KILLS);
            assertThat(reps()).as("none lost, none twice").isEqualTo(before + tapped);
            assertThat(Postgres.number(database, "select sum(clean + helped + missed + too_much) from practice_day")).isEqualTo(reps());
            assertThat(Postgres.number(database, "select count(*) from rep where role = 'WIN'")).as("one sure win a sitting").isPositive();
        }
    }

    private void sitting(Page owner, String step) throws Exception {
        owner.navigate(step);
        owner.waitForSelector("body[data-ready]");
        while (owner.locator("#tapping").isVisible()) {
            boolean win = owner.locator("#coach").isVisible() && owner.locator("#coach-says").textContent().startsWith("One sure win");
            owner.click("[data-outcome=CLEAN]");
            tapped++;
            if (win) {
                owner.waitForCondition(() -> owner.locator("#finishing").isVisible());
            }
            killOrStart();
        }
        owner.click("#finish");
        assertThat(owner.locator("h1")).isVisible();
        assertThat(owner).hasURL(Pattern.compile(OWNER + "$"), new PageAssertions.HasURLOptions().setTimeout(30_000));
    }

    private void killOrStart() throws IOException, InterruptedException {
        if (deadUntil > 0 && tapped >= deadUntil) {
            application.startAgain();
            deadUntil = 0;
        }
        if (deadUntil == 0 && kills < KILLS && tapped >= (kills + 1) * TAPS / (KILLS + 1)) {
            application.kill();
            kills++;
            deadUntil = tapped + TAPS_WITHOUT_SERVER;
            assertThat(missing()).as("acknowledged before the kill, and not stored").isZero();
        }
    }

    private void note(Response response) {
        if (response.url().endsWith("/reps") && response.ok()) {
            try {
                JsonNode sent = new ObjectMapper().readTree(response.request().postData());
                sent.get("reps").forEach(rep -> acknowledged.add(rep.get("id").asText()));
            } catch (IOException e) {
                throw new IllegalStateException(e);
            }
        }
    }

    private long missing() {
        if (acknowledged.isEmpty()) {
            return 0;
        }
        String ids = acknowledged.stream().map(id -> "'" + id + "'").collect(Collectors.joining(","));
        return acknowledged.size() - Postgres.number(database, "select count(*) from rep where id in (" + ids + ")");
    }

    private long reps() {
        return Postgres.number(database, "select count(*) from rep");
    }
}
