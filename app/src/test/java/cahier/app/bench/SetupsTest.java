package cahier.app.bench;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.household.Place;
import cahier.app.paper.PaperPdf;
import cahier.app.sheet.Homeworks;
import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import cahier.app.support.Home;
import cahier.app.track.Tracks;
import cahier.core.decide.TrackKind;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.time.Duration;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Set-ups from the bench into a household: as a place, on its sheets, as steps; and dragged in a browser. */
class SetupsTest extends AppTest {

    private static final String GAP = "path=20&pieces=3&pace=WALKING&lead=2&from=-40&to=-2&at=10&from=2&to=40&at=10";

    @Autowired
    private Setups setups;
    @Autowired
    private Tracks tracks;
    @Autowired
    private PaperPdf pdf;
    @Autowired
    private Homeworks homeworks;
    private Home home;

    @BeforeEach
    void makeHome() {
        home = homes.make(edda(), TrackKind.SKILL, 1);
    }

    private List<DrawnSetup> kept() {
        return asEdda(() -> setups.at(edda().practice(), home.id, now()));
    }

    private long issue() {
        home.issue();
        return asEdda(() -> homeworks.latest(edda().practice(), home.id)).orElseThrow().id();
    }

    private void keep(String kind, String address, String place) throws Exception {
        send("/bench/setups", "household", Long.toString(home.id), "kind", kind, "address", address, "place", place);
    }

    @Test
    void itIsKeptAtAPlaceAndDrawnOnTheSheetsThatFollow() throws Exception {
        long before = issue();
        clock.pass(Duration.ofMinutes(1));
        keep("SIGHT", GAP + "&household=9&hold=junk", "Hedge by the mill");
        assertThat(home.facts().places()).extracting(Place::name).contains("Hedge by the mill");
        assertThat(kept()).singleElement().satisfies(s -> assertThat(s.setup().address()).isEqualTo("path=20&pieces=3&pace=WALKING&lead=2&from=-40&from=2&to=-2&to=40&at=10&at=10"));
        open("/households/" + home.id + "/distances").andExpect(content().string(allOf(containsString("Hedge by the mill"), containsString("Too short. 5.7 s in view"), not(containsString("class=\"grip\"")))));
        clock.pass(Duration.ofMinutes(1));
        long after = issue();
        open("/sheets/" + after + "/print").andExpect(content().string(allOf(containsString("Hedge by the mill"), containsString("5.7 s in view, 6.5 s needed"))));
        open("/sheets/" + after).andExpect(content().string(containsString("Hedge by the mill")));
        open("/sheets/" + before + "/print").andExpect(content().string(not(containsString("Hedge by the mill"))));
        try (PDDocument read = Loader.loadPDF(asEdda(() -> pdf.of(edda().practice(), after, "http://x")))) {
            assertThat(new PDFTextStripper().getText(read).replaceAll("[\\s\u00a0]+", " ")).contains("Hedge by the mill").contains("5.7 s in view");
        }
        long id = kept().get(0).setup().id();
        send("/households/" + home.id + "/setups/" + id + "/remove").andExpect(status().isFound());
        assertThat(kept()).isEmpty();
        open("/sheets/" + after + "/print").andExpect(content().string(containsString("Hedge by the mill")));
        send("/households/" + home.id + "/setups/" + id + "/restore");
        assertThat(kept()).hasSize(1);
        Home other = homes.make(edda(), TrackKind.SKILL, 1);
        send("/households/" + other.id + "/setups/" + id + "/remove").andExpect(status().isNotFound());
        assertThat(kept()).hasSize(1);
    }

    @Test
    void aKnownPlaceIsNotMadeTwiceAndNonsenseIsNotKept() throws Exception {
        int places = home.facts().places().size();
        keep("TRIANGLE", "caller=8&side=3&along=3", "Field");
        keep("TRIANGLE", "caller=8&side=1&along=3", "FIELD");
        assertThat(home.facts().places()).hasSize(places + 1);
        assertThat(kept()).hasSize(2);
        send("/bench/setups", "household", Long.toString(home.id), "kind", "SIGHT", "address", "path=-3&pieces=1&lead=1", "place", " ").andExpect(flash().attribute("refusal",
                allOf(containsString("The path must be a number of metres from 1 to 100, was “-3”."), containsString("The place must not be empty."))));
        assertThat(kept()).hasSize(2);
    }

    @Test
    void thePassesOfATriangleBecomeStepsBehindTheOneTheDogIsOn() throws Exception {
        open("/bench/triangle?caller=6&side=2&along=2&household=" + home.id).andExpect(content().string(containsString("Add 8 steps")));
        send("/bench/passes", "track", Long.toString(home.track), "address", "caller=6&side=2&along=2");
        assertThat(asEdda(() -> tracks.get(edda().practice(), home.track)).steps()).hasSize(9).satisfies(steps -> {
            assertThat(steps.get(1).plan().distraction()).isEqualTo("dish 2 m beside the line, 2 m along it");
            assertThat(steps.get(1).plan().distanceM()).isEqualTo(6);
            assertThat(steps.get(8).plan().distraction()).isEqualTo("dish on the line, 2 m along it");
            assertThat(steps.get(1).plan().reps()).isEqualTo(steps.get(0).plan().reps());
        });
        send("/bench/passes", "track", Long.toString(home.track), "address", "caller=0&side=2&along=2").andExpect(flash().attribute("refusal", containsString("The caller must be")));
    }

    @Test
    void ringsAreDraggedByMouseAndMovedByKeys() {
        try (Browser browser = browser()) {
            Page page = browser.trainer(edda());
            page.navigate("/bench/sight-line?" + GAP);
            assertThat(page.locator("#verdict")).hasText("Too short");
            BoundingBox ring = page.locator("#grip-1-left").boundingBox();
            double perMetre = Double.parseDouble(page.locator("svg.plan").getAttribute("data-hold").split(" ")[0]) * page.locator("svg.plan").boundingBox().width / 640;
            page.mouse().move(ring.x + ring.width / 2, ring.y + ring.height / 2);
            page.mouse().down();
            page.mouse().move(ring.x + ring.width / 2 + perMetre, ring.y + ring.height / 2);
            page.mouse().move(ring.x + ring.width / 2 + 2 * perMetre, ring.y + ring.height / 2);
            page.mouse().up();
            Locator from = page.locator("[data-field=from-1]");
            assertThat(from).hasValue("4");
            assertThat(page.locator("#verdict")).hasText("It fits");
            page.waitForCondition(() -> page.url().contains("from=4&"));
            page.locator("#grip-1-left").focus();
            page.keyboard().press("ArrowLeft");
            assertThat(from).hasValue("3.5");
            assertThat(page.locator("#grip-1-left")).isFocused();
            page.keyboard().press("Shift+ArrowLeft");
            assertThat(from).hasValue("3.4");
            page.locator("#grip-path").focus();
            page.keyboard().press("ArrowUp");
            assertThat(page.locator("[data-field=path]")).hasValue("20.5");
            page.locator("#grip-0").focus();
            for (int i = 0; i < 25; i++) {
                page.keyboard().press("ArrowUp");
            }
            assertThat(page.locator("[data-field=at-0]")).hasValue("20");
            assertThat(page.locator(".margin .no")).hasCount(0);
            page.waitForCondition(() -> page.url().contains("at=20&"));
            page.reload();
            assertThat(page.locator("[data-field=at-0]")).hasValue("20");
        }
    }
}
