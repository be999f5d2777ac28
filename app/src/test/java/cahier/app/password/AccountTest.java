package cahier.app.password;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.account.Credentials;
import cahier.app.account.PracticeMaker;
import cahier.app.outbox.DemoPost;
import cahier.app.outbox.Postman;
import cahier.app.scope.TrainerUser;
import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Cookie;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** A trainer's own account: signing in and staying, another password, a lost one. */
class AccountTest extends AppTest {

    private static final String EMAIL = "nessa@kilnlane.example";

    @Autowired
    private Credentials credentials;
    @Autowired
    private Postman postman;
    @Autowired
    private DemoPost post;
    private TrainerUser nessa;

    @BeforeEach
    void makePractice() {
        nessa = practices.trainerOf("Kiln Lane", "Nessa Ruud", EMAIL);
    }

    private static void signIn(Page page, String password, boolean stay) {
        page.navigate("/login");
        page.fill("#username", EMAIL);
        page.fill("#password", password);
        page.locator("input[name=stay]").setChecked(stay);
        page.locator("button.is-primary").click();
    }

    private static Cookie session(Page page) {
        return page.context().cookies().stream().filter(c -> c.name.equals("cahier")).findFirst().orElseThrow();
    }

    private String link() {
        postman.round();
        String text = post.arrived(nessa.practice()).stream().filter(m -> m.to().contains(EMAIL)).findFirst().orElseThrow().text();
        Matcher matcher = Pattern.compile("(/new-password/\\S+)").matcher(text);
        assertThat(matcher.find()).as(text).isTrue();
        return matcher.group(1);
    }

    @Test
    void aLostPasswordIsReplacedByALinkThatIsGoodOnceAndEverySignInEnds() {
        try (Browser browser = browser()) {
            Page elsewhere = browser.visitor(1280, 800);
            signIn(elsewhere, PracticeMaker.PASSWORD, true);
            PlaywrightAssertions.assertThat(elsewhere).hasURL(Pattern.compile("/$"));
            assertThat(session(elsewhere).expires).as("kept when the browser closes").isGreaterThan(0);

            Page page = browser.visitor(390, 844);
            page.navigate("/login");
            page.getByText("Lost your password?").click();
            page.fill("#email", EMAIL);
            page.getByText("Send link").click();
            PlaywrightAssertions.assertThat(page.getByRole(AriaRole.STATUS)).containsText("a link is on its way");
            String link = link();
            page.navigate(link);
            page.fill("#fresh", "password123");
            page.getByText("Save password").click();
            PlaywrightAssertions.assertThat(page.locator(".no")).containsText("others try first");
            page.fill("#fresh", "seven brown terriers");
            page.getByText("Save password").click();
            PlaywrightAssertions.assertThat(page.locator(".flash[role=status]")).containsText("Your new password is kept");
            page.navigate(link);
            PlaywrightAssertions.assertThat(page.locator("[role=alert]")).containsText("used already");

            elsewhere.navigate("/households");
            PlaywrightAssertions.assertThat(elsewhere).hasURL(Pattern.compile("/login"));
            signIn(page, PracticeMaker.PASSWORD, false);
            PlaywrightAssertions.assertThat(page.locator("[role=alert]")).containsText("do not go together");
            signIn(page, "seven brown terriers", false);
            PlaywrightAssertions.assertThat(page).hasURL(Pattern.compile("/$"));
            assertThat(session(page).expires).as("ends with the browser").isEqualTo(-1);

            signIn(elsewhere, "seven brown terriers", false);
            page.navigate("/account");
            PlaywrightAssertions.assertThat(page.locator("#sign-ins li")).hasCount(2);
            page.getByText("Sign out there").click();
            PlaywrightAssertions.assertThat(page.locator("#sign-ins li")).hasCount(1);
            elsewhere.navigate("/households");
            PlaywrightAssertions.assertThat(elsewhere).hasURL(Pattern.compile("/login"));

            page.fill("#old", "seven brown terriers");
            page.fill("#fresh", PracticeMaker.PASSWORD);
            page.getByText("Change password").click();
            PlaywrightAssertions.assertThat(page.locator("[role=status]")).containsText("Your password is changed");
        }
    }

    @Test
    void nobodyLearnsWhoHasAnAccount() throws Exception {
        int before = post.arrived(nessa.practice()).size();
        String known = lost(EMAIL);
        String unknown = lost("nobody@kilnlane.example");
        assertThat(unknown).isEqualTo(known);
        postman.round();
        assertThat(post.arrived(nessa.practice())).hasSize(before + 1);
        lost("nobody@kilnlane.example");
        lost("nobody@kilnlane.example");
        assertThat(lost("nobody@kilnlane.example")).contains("try again in");
    }

    private String lost(String email) throws Exception {
        MvcResult result = mvc.perform(MockMvcRequestBuilders.post("/lost-password").with(SecurityMockMvcRequestPostProcessors.csrf()).param("email", email)).andExpect(status().isOk()).andReturn();
        return result.getResponse().getContentAsString().replaceAll("name=\"_csrf\" value=\"[^\"]*\"", "").replace(email, "");
    }

    @Test
    void aWordIsGoodForHalfAnHourAndForNobodyElse() {
        Instant now = now();
        String word = credentials.word(EMAIL, now).orElseThrow();
        assertThat(credentials.opened(word, now.plus(Duration.ofMinutes(29)))).isPresent();
        assertThat(credentials.opened(word, now.plus(Duration.ofMinutes(30)))).isEmpty();
        for (String wrong : List.of("", "x", word + "x", word.substring(1), "AAAA", "../../etc", word.substring(0, word.length() - 2))) {
            assertThat(credentials.opened(wrong, now)).as(wrong).isEmpty();
        }
        assertThat(credentials.word("nobody@kilnlane.example", now)).isEmpty();
        assertThat(credentials.reset(word + "x", "seven brown terriers", now)).isFalse();
    }

    @Test
    void thePasswordIsAskedForBeforeAnotherIsKept() throws Exception {
        send(nessa, "/account/password", "old", "wrong", "fresh", "short").andExpect(content().string(containsString("is not your password")))
                .andExpect(content().string(containsString("must be at least 10 characters, was 5"))).andExpect(content().string(not(containsString("wrong\""))));
        send(nessa, "/account/password", "old", PracticeMaker.PASSWORD, "fresh", PracticeMaker.PASSWORD).andExpect(redirectedUrl("/account"));
    }
}
