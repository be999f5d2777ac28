package cahier.app.story;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.support.ApplicationProcess;
import cahier.app.support.Browser;
import cahier.app.support.Postgres;
import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.io.ByteArrayOutputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import javax.crypto.spec.SecretKeySpec;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/** What signing in leaves behind, in an application of its own: the tools of other tests keep forms in sessions. */
class SignInStoryTest {

    @Test
    void whoOnlyLooksLeavesNoRowAndTheHashIsInNone() throws Exception {
        ApplicationProcess application = ApplicationProcess.shared();
        JdbcTemplate all = new JdbcTemplate(Postgres.superuserOf(application.database()));
        Integer before = all.queryForObject("select count(*) from spring_session", Integer.class);
        HttpClient client = HttpClient.newHttpClient();
        for (String path : List.of("/login", "/", "/lost-password", "/households", "/nowhere")) {
            HttpResponse<String> answer = client.send(HttpRequest.newBuilder(URI.create(application.address() + path)).build(), BodyHandlers.ofString());
            assertThat(answer.headers().allValues("Set-Cookie")).as(path).noneMatch(c -> c.startsWith("cahier="));
        }
        assertThat(all.queryForObject("select count(*) from spring_session", Integer.class)).isEqualTo(before);
        try (Browser browser = new Browser(application.address())) {
            Page page = browser.visitor(1280, 800);
            page.navigate("/households?find=pim");
            page.fill("#username", "imre@hollowlane.example");
            page.fill("#password", "hollow-lane");
            page.locator("button.is-primary").click();
            PlaywrightAssertions.assertThat(page).hasURL(Pattern.compile("/households\\?find=pim$"));
            assertThat(all.queryForObject("select max(max_inactive_interval) from spring_session where principal_name = 'imre@hollowlane.example'", Integer.class)).isEqualTo(12 * 3600);
            assertThat(all.queryForList("select encode(attribute_bytes, 'escape') from spring_session_attributes", String.class)).isNotEmpty().noneMatch(a -> a.contains("bcrypt"));
        }
    }

    private static void signIn(Page page) {
        page.navigate("/login");
        page.fill("#username", "imre@hollowlane.example");
        page.fill("#password", "hollow-lane");
        page.locator("button.is-primary").click();
    }

    private static void type(Page page, String code, String button) {
        page.fill("#code", code);
        page.getByText(button, new Page.GetByTextOptions().setExact(true)).click();
    }

    /** What the program on a phone shows: by RFC 6238 from the key as the page has it. */
    private static String code(String key, Instant at) throws Exception {
        int bits = 0;
        long held = 0;
        ByteArrayOutputStream secret = new ByteArrayOutputStream();
        for (char c : key.replace(" ", "").toCharArray()) {
            held = held << 5 | "ABCDEFGHIJKLMNOPQRSTUVWXYZ234567".indexOf(c);
            bits += 5;
            if (bits >= 8) {
                bits -= 8;
                secret.write((int) (held >> bits));
            }
        }
        return new TimeBasedOneTimePasswordGenerator().generateOneTimePasswordString(new SecretKeySpec(secret.toByteArray(), "HmacSHA1"), at);
    }

    @Test
    void aCodeIsAskedForAfterThePasswordAndARecoveryCodeHelpsOnce() throws Exception {
        ApplicationProcess application = ApplicationProcess.shared();
        try (Browser browser = new Browser(application.address())) {
            Page page = browser.visitor(1280, 800);
            signIn(page);
            page.navigate("/account");
            page.getByText("Ask for a code as well").click();
            String key = page.locator("p .num").textContent();
            assertThat(key.replace(" ", "")).matches("[A-Z2-7]{32}");
            type(page, "000000", "Start asking for codes");
            PlaywrightAssertions.assertThat(page.locator(".no")).containsText("is not the code of this moment");
            Instant now = Instant.now();
            type(page, code(key, now), "Start asking for codes");
            PlaywrightAssertions.assertThat(page.locator(".codes li")).hasCount(10);
            List<String> recovery = page.locator(".codes li").allTextContents();
            assertThat(recovery).hasSize(10).allMatch(c -> c.matches("(?:[a-z2-7]{4}-){3}[a-z2-7]{4}"));
            page.getByText("I have written them down").click();
            PlaywrightAssertions.assertThat(page.locator("#factor")).containsText("a code from your phone is asked for");

            Page other = browser.visitor(390, 844);
            other.navigate("/households?find=pim");
            signIn(other);
            PlaywrightAssertions.assertThat(other.locator("h1")).hasText("Your code");
            for (String closed : List.of("/", "/households", "/account", "/settings")) {
                other.navigate(closed);
                PlaywrightAssertions.assertThat(other.locator("h1")).hasText("Your code");
            }
            type(other, code(key, now), "Sign in");
            PlaywrightAssertions.assertThat(other.locator(".no")).containsText("not the code of this moment"); // it was used before
            type(other, code(key, now.plusSeconds(30)), "Sign in");
            PlaywrightAssertions.assertThat(other.locator("header.cover")).containsText("Sign out");

            Page lost = browser.visitor(1280, 800);
            signIn(lost);
            type(lost, recovery.get(0).toUpperCase(Locale.ROOT), "Sign in");
            PlaywrightAssertions.assertThat(lost.locator("header.cover")).containsText("Sign out");
            Page again = browser.visitor(1280, 800);
            signIn(again);
            type(again, recovery.get(0), "Sign in");
            PlaywrightAssertions.assertThat(again.locator(".no")).containsText("not the code of this moment");

            lost.navigate("/account/second-factor");
            PlaywrightAssertions.assertThat(lost.locator("main")).containsText("Recovery codes left: 9");
            type(lost, recovery.get(1), "Stop asking for codes");
            PlaywrightAssertions.assertThat(lost.locator("main")).containsText("No code is asked for any more");
            Page plain = browser.visitor(1280, 800);
            signIn(plain);
            PlaywrightAssertions.assertThat(plain.locator("header.cover")).containsText("Sign out");
        }
    }
}
