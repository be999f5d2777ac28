package cahier.app.story;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.outbox.DemoPost;
import cahier.app.outbox.Postman;
import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import cahier.app.support.Trainer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.time.Duration;
import java.time.ZoneId;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Three lessons of a household, with what the owner gets and does between them. */
class LessonLoopTest extends AppTest {

    private static final Pattern LINK = Pattern.compile("http://\\S+/o/\\S+");

    @Autowired
    private DemoPost post;
    @Autowired
    private Postman postman;

    @BeforeEach
    void anEmptyMailServer() {
        post.put(false);
        post.put(true);
    }

    @Test
    void fromTheFirstLessonToTheThird() throws Exception {
        try (Browser browser = browser()) {
            Page trainer = browser.trainer(edda());
            Trainer.makeHousehold(trainer, "Fenwick-Adeyemi", "house");
            Trainer.leaf(trainer, "Add person", "Name", "Sola", "Mail address", "sola@fenwick.example");
            Trainer.tab(trainer, "Dogs");
            Trainer.leaf(trainer, "Add dog", "Name", "Bramble", "Weight", "12 kg");
            Trainer.tab(trainer, "Places");
            Trainer.leaf(trainer, "Add place", "Name", "kitchen");
            String book = trainer.url().replaceAll("\\?.*", "");
            plan(trainer, book, 0, "11:00");
            plan(trainer, book, 7, "13:00");
            plan(trainer, book, 14, "13:00");
            trainer.navigate(book);
            Trainer.addTrack(trainer, "Leave it");

            firstLesson(trainer, book);
            String link = theMailLeadsToThePage("Homework 1 for Bramble");
            Page owner = browser.visitor(390, 844);
            clock.pass(Duration.ofDays(6));
            practise(owner, link, "Clean", "Clean", "Clean", "Clean", "Clean");
            practise(owner, link, "Clean", "Clean", "Clean", "Clean", "Clean");
            ask(owner, link);

            clock.pass(Duration.ofDays(1));
            secondLesson(trainer, book);
            theMailLeadsToThePage("Homework 2 for Bramble");
            assertThat(post.arrived(edda().practice())).anySatisfy(m -> assertThat(m.text()).contains("you asked: May he sniff first?", "Yes, for as long as he likes."));
            clock.pass(Duration.ofDays(5));
            practise(owner, link, "Missed", "Clean", "Missed", "Clean");

            clock.pass(Duration.ofDays(2));
            thirdLesson(trainer, book);
            assertThat(theMailLeadsToThePage("Homework 3 for Bramble")).isEqualTo(link);
        }
    }

    private void plan(Page trainer, String book, int days, String at) {
        trainer.navigate(book);
        Trainer.tab(trainer, "Lessons");
        String day = now().atZone(ZoneId.of("Europe/London")).toLocalDate().plusDays(days) + "T" + at;
        Trainer.leaf(trainer, "Add lesson", "Starts", day, "Minutes", "60");
    }

    private static void brief(Page trainer, String book, int which) {
        trainer.navigate(book);
        Trainer.tab(trainer, "Lessons");
        trainer.locator(".slip th a").nth(which).click();
        assertThat(trainer.locator("h1")).hasText(Pattern.compile("Lesson \\d"));
        Browser.fits(trainer);
    }

    private static void firstLesson(Page trainer, String book) {
        brief(trainer, book, 2);
        assertThat(trainer.locator("h1")).hasText("Lesson 1");
        trainer.locator("#shown fieldset").nth(0).getByLabel("not yet").check();
        trainer.locator("#shown fieldset").nth(1).getByLabel("right", new Locator.GetByLabelOptions().setExact(true)).check();
        trainer.locator("#shown button").click();
        assertThat(trainer.locator("#shown fieldset").nth(0).getByLabel("not yet")).isChecked();
        trainer.locator(".closebar a").click();
        assertThat(trainer.locator("#closing")).containsText("By mail to Sola, with the sheet.");
        trainer.locator(".closebar button").click();
        assertThat(trainer.locator("h1")).hasText("Homework 1");
    }

    private String theMailLeadsToThePage(String subject) throws IOException {
        postman.round();
        DemoPost.Arrived mail = post.arrived(edda().practice()).stream().filter(m -> m.subject().equals(subject)).findFirst().orElseThrow();
        assertThat(mail.to()).isEqualTo("Sola <sola@fenwick.example>");
        assertThat(mail.attached()).containsExactly("homework.pdf");
        Matcher link = LINK.matcher(mail.text());
        assertThat(link.find()).isTrue();
        return link.group();
    }

    private static void practise(Page owner, String link, String... outcomes) throws IOException {
        owner.navigate(link);
        byte[] pdf = owner.request().get(link + "/sheet.pdf").body();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(new PDFTextStripper().getText(document).replaceAll("\\s+", " ")).contains("Homework for Bramble", "1. Leave it");
        }
        owner.locator(".pf a").click();
        owner.waitForSelector("body[data-ready]");
        for (String outcome : outcomes) {
            owner.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + outcome))).click();
        }
        if (owner.locator("#enough").isVisible()) {
            owner.click("#enough");
        }
        owner.click("#finish");
        owner.waitForURL(link);
    }

    private static void ask(Page owner, String link) {
        owner.navigate(link + "/ask");
        owner.waitForSelector("body[data-ready]");
        owner.locator("textarea").fill("May he sniff first?");
        owner.locator("form button, .pf button").first().click();
        assertThat(owner.locator("main")).containsText("Asked.");
    }

    private static void secondLesson(Page trainer, String book) {
        trainer.navigate("/");
        assertThat(trainer.locator("main")).containsText("Fenwick-Adeyemi");
        brief(trainer, book, 1);
        assertThat(trainer.locator("h1")).hasText("Lesson 2");
        assertThat(trainer.locator("#shown .margin")).containsText("The marker comes too late.");
        assertThat(trainer.locator(".since")).containsText("Sola");
        trainer.locator("textarea[name=answer]").fill("Yes, for as long as he likes.");
        trainer.locator("form:has(textarea[name=answer]) button").click();
        assertThat(trainer.locator("textarea[name=answer]")).hasCount(0);
        trainer.locator(".closebar a").click();
        assertThat(trainer.locator("#closing")).containsText("Leave it: step up");
        trainer.locator(".closebar button").click();
        assertThat(trainer.locator("h1")).hasText("Homework 2");
    }

    private static void thirdLesson(Page trainer, String book) {
        brief(trainer, book, 0);
        assertThat(trainer.locator("h1")).hasText("Lesson 3");
        assertThat(trainer.locator(".since tbody tr").first()).containsText("Sola 4");
        trainer.locator(".closebar a").click();
        trainer.locator(".closebar button").click();
        assertThat(trainer.locator("h1")).hasText("Homework 3");
        trainer.getByText("Print", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(trainer.locator("h1")).hasText("Homework for Bramble");
        assertThat(trainer.locator(".tally")).hasCount(1);
    }
}
