package cahier.app.story;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.household.Person;
import cahier.app.log.KeptRep;
import cahier.app.log.RepLog;
import cahier.app.sheet.OwnerLinks;
import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** One message that is refused holds up no other, and stays on the phone until somebody says what becomes of it. */
class ParkedStoryTest extends AppTest {

    /** The pages of a link that the phone keeps. */
    private static final String PAGES = "(token) => caches.keys().then((names) => Promise.all(names.map((n) => caches.open(n).then((c) => c.keys())))).then((all) => all.flat().filter((p) => p.url.includes('/o/' + token)))";

    @Autowired
    private RepLog log;
    @Autowired
    private OwnerLinks links;
    private Home home;

    @BeforeEach
    void makeHome() {
        home = homes.make(edda(), TrackKind.SKILL, 3);
    }

    private List<KeptRep> stored() {
        return asEdda(() -> log.latestOfTrack(edda().practice(), home.track, 50));
    }

    /** Taps ten without signal, one of them as somebody whom the trainer takes off the household meanwhile. */
    private void tapWithoutSignal(Page owner) throws Exception {
        owner.navigate("/o/" + home.token + "/practice/" + home.stepNow());
        owner.waitForSelector("body[data-ready]");
        owner.context().setOffline(true);
        for (int i = 0; i < 3; i++) {
            owner.click("[data-outcome=CLEAN]");
        }
        owner.click("#setup-says");
        owner.click("#setup label:has-text('Marit')");
        owner.click("[data-outcome=CLEAN]");
        owner.click("#setup-says");
        owner.click("#setup label:has-text('Dele')");
        owner.click("[data-outcome=MISSED]");
        assertThat(owner.locator("#count")).hasText("5 of 8 done");
        long marit = home.facts().people().stream().filter(p -> p.name().equals("Marit")).mapToLong(Person::id).findFirst().orElseThrow();
        send(edda(), "/households/" + home.id + "/people/" + marit + "/remove");
        owner.context().setOffline(false);
    }

    @Test
    void theOthersGoAndTheRefusedOneIsSentWithoutTheName() throws Exception {
        try (Browser browser = browser().expecting("net::ERR_").expecting("400")) {
            Page owner = browser.visitor(390, 844);
            tapWithoutSignal(owner);
            assertThat(owner.locator("#waiting")).hasText("Not taken (1)");
            assertThat(stored()).hasSize(4);
            owner.navigate("/o/" + home.token);
            Locator parked = owner.locator("#parked");
            assertThat(parked).containsText("who practised is no longer in your household’s list");
            Browser.isForAThumb(owner);
            Browser.fits(owner);
            parked.getByText("Try again").click();
            assertThat(parked).containsText("who practised is no longer in your household’s list");
            parked.getByText("Send it without who and where").click();
            assertThat(parked).isHidden();
            assertThat(owner.locator("#waiting")).isHidden();
        }
        assertThat(stored()).hasSize(5).filteredOn(r -> r.personId() == null).hasSize(1);
    }

    @Test
    void nothingIsThrownAwayButByAHand() throws Exception {
        try (Browser browser = browser().expecting("net::ERR_").expecting("400")) {
            Page owner = browser.visitor(390, 844);
            tapWithoutSignal(owner);
            owner.navigate("/o/" + home.token);
            assertThat(owner.locator("#parked")).isVisible();
            owner.reload();
            assertThat(owner.locator("#parked")).isVisible();
            owner.onDialog(d -> d.accept());
            owner.locator("#parked").getByText("Throw it away").click();
            assertThat(owner.locator("#parked")).isHidden();
            owner.reload();
            assertThat(owner.locator("#waiting")).isHidden();
        }
        assertThat(stored()).hasSize(4);
    }

    @Test
    void aLinkThatIsReplacedClearsThePhoneAndWhatWasTappedGoesWithTheNewOne() throws Exception {
        try (Browser browser = browser().expecting("net::ERR_").expecting("404")) {
            Page owner = browser.visitor(390, 844);
            owner.navigate("/o/" + home.token);
            owner.waitForFunction("navigator.serviceWorker.ready.then(() => true)");
            owner.navigate("/o/" + home.token + "/practice/" + home.stepNow());
            owner.waitForSelector("body[data-ready]");
            owner.waitForFunction(PAGES + ".then((kept) => kept.length > 0)", home.token);
            owner.context().setOffline(true);
            owner.click("[data-outcome=CLEAN]");
            owner.click("[data-outcome=CLEAN]");
            String old = home.token;
            String fresh = asEdda(() -> links.replace(edda().practice(), home.id, now()));
            owner.context().setOffline(false);
            assertThat(owner.locator("#waiting")).containsText("This link has been replaced. Kept here.");
            owner.waitForFunction(PAGES + ".then((kept) => kept.length === 0)", old);
            assertThat(stored()).isEmpty();

            owner.navigate("/o/" + fresh);
            assertThat(owner.locator("#parked")).containsText("2 things you tapped on your old link did not go out.");
            Browser.fits(owner);
            owner.getByText("Send with this link").click();
            assertThat(owner.locator("#parked")).isHidden();
            owner.waitForCondition(() -> stored().size() == 2);
            owner.navigate("/o/" + old);
            assertThat(owner.locator("body")).containsText("Nothing here");
        }
    }
}
