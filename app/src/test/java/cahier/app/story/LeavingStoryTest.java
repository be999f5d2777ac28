package cahier.app.story;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import cahier.app.erasure.ErasureRound;
import cahier.app.scope.TrainerUser;
import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;

/** A household finishes, comes back, leaves with everything, is erased, and comes back from its copy; with a phone beside it. */
class LeavingStoryTest extends AppTest {

    @Autowired
    private ErasureRound round;
    @TempDir
    private Path folder;

    private static Page.GetByTextOptions exactly() {
        return new Page.GetByTextOptions().setExact(true);
    }

    @Test
    void aHouseholdClosesOpensLeavesIsErasedAndComesBack() throws Exception {
        TrainerUser anouk = practices.trainerOf("Quarry Steps", "Anouk Lindqvist", "anouk@quarrysteps.example");
        Home home = homes.make(anouk, TrackKind.SKILL, 3);
        home.practise("cchmcc");
        String name = home.facts().household().name();
        try (Browser browser = browser().expecting("404")) {
            Page page = browser.trainer(anouk);
            Page phone = browser.visitor(390, 844);
            phone.navigate("/o/" + home.token);
            assertThat(phone.locator("main")).containsText("Leave it");

            page.navigate("/households/" + home.id);
            page.getByText("Edit", exactly()).first().click();
            page.getByText("Close, copy or erase this household").click();
            page.getByText("Close this household").click();
            assertThat(page.locator(".undo")).containsText("Nothing is asked of them, and their link is off.");
            phone.navigate("/o/" + home.token);
            assertThat(phone.locator("body")).not().containsText("Leave it");
            page.navigate("/");
            assertThat(page.locator("main")).not().containsText(name);
            page.goBack();
            page.reload();
            page.getByText("Open household again").click();
            assertThat(page.locator("h1")).hasText(name);
            phone.navigate("/o/" + home.token);
            assertThat(phone.locator("main")).containsText("Leave it");

            phone.navigate("/o/" + home.token + "/progress");
            phone.getByText("What is kept about you").click();
            assertThat(phone.locator("h1")).hasText("Privacy");
            Download owners = phone.waitForDownload(() -> phone.getByText("Download everything").click());
            owners.saveAs(folder.resolve("owner.zip"));

            page.navigate("/households/" + home.id + "/leave");
            page.getByText("See what would be erased").click();
            assertThat(page.locator("main")).containsText("6 reps");
            page.fill("#name", "not it");
            page.getByText("Erase household").click();
            assertThat(page.locator(".no")).containsText("must be “" + name + "”");
            page.fill("#name", name);
            page.getByText("Erase household").click();
            assertThat(page.locator("h1")).hasText("Being erased");
            round.round();
            assertThat(page.locator("h1")).hasText("Erased"); // by itself
            assertThat(page.locator("main")).not().containsText(name);

            page.navigate("/settings/bring-in");
            page.setInputFiles("#file", folder.resolve("owner.zip"));
            page.getByText("Bring in this file", exactly()).click();
            assertThat(page.locator(".flash")).containsText(name + " came in: 1 household.");
            page.getByText("Open the household").click();
            assertThat(page.locator("h1")).hasText(name);
            assertThat(page.locator("main")).containsText("Leave it");
            phone.navigate("/o/" + home.token);
            assertThat(phone.locator("main")).containsText("Leave it");
        }
    }
}
