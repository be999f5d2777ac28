package cahier.app.story;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.support.ApplicationProcess;
import cahier.app.support.Browser;
import cahier.app.support.Postgres;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.List;
import java.util.regex.Pattern;
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
}
