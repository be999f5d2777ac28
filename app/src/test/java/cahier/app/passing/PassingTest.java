package cahier.app.passing;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.exposure.Exposures;
import cahier.app.exposure.Reading;
import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import cahier.core.exposure.PassersBy;
import com.microsoft.playwright.Page;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;

/** Who passes where and when, and what a sitting tells of the distance. */
class PassingTest extends AppTest {

    private static final ZoneId LONDON = ZoneId.of("Europe/London");

    @Autowired
    private Passing passing;
    @Autowired
    private Exposures exposures;

    private Home home;
    private long dog;
    private long kitchen;

    @BeforeEach
    void makeHome() {
        home = homes.make(edda(), TrackKind.COMFORT, 1);
        dog = home.facts().dogs().get(0).id();
        kitchen = home.facts().places().get(0).id();
    }

    private ResultActions count(String id, Instant began, int minutes, int people) throws Exception {
        return home.post("counts", "{\"id\":\"%s\",\"place\":\"%d\",\"began\":\"%s\",\"minutes\":%d,\"dogs\":0,\"people\":%d,\"others\":0}".formatted(id, kitchen, began, minutes, people));
    }

    private Instant fullHour() {
        return now().minus(Duration.ofHours(5)).truncatedTo(ChronoUnit.HOURS);
    }

    private PassersBy passers() {
        return home.within(() -> passing.at(edda().practice(), home.facts(), now()));
    }

    private List<Reading> readings() {
        return home.within(() -> exposures.of(edda().practice(), home.id, now()));
    }

    private void tap(String sitting, Instant began, int minute, String seen, String more) throws Exception {
        home.post("watch-taps", "{\"id\":\"%s\",\"sitting\":\"%s\",\"dog\":\"%d\",\"place\":\"%d\",\"began\":\"%s\",\"carried\":0,\"seen\":\"%s\"%s,\"at\":\"%s\"}".formatted(UUID.randomUUID(), sitting, dog, kitchen, began, seen, more,
                began.plus(Duration.ofMinutes(minute)))).andExpect(status().isOk());
    }

    @Test
    void aCountSaysWhetherTheHourSuitsAndTheWeekKeepsOutOfOneThatIsTooBusy() throws Exception {
        Instant began = fullHour();
        int hour = began.atZone(LONDON).getHour();
        String id = UUID.randomUUID().toString();
        open("/households/" + home.id + "/passing").andExpect(content().string(containsString("Nobody has counted yet.")));
        count(id, began, 10, 9).andExpect(status().isOk());
        count(id, began, 10, 9).andExpect(status().isOk());
        String line = "kitchen, " + hour + " to " + (hour + 1);
        open("/households/" + home.id + "/passing").andExpect(content().string(allOf(containsString(line), containsString("Too busy: one every 1.1\u00a0min."), containsString("Avoid this hour in the week"))));
        send("/households/" + home.id + "/passing/busy", "place", "kitchen", "hour", Integer.toString(hour)).andExpect(redirectedUrl("/households/" + home.id + "/passing"));
        assertThat(home.facts().places().get(0).isBusyDailyAt(hour)).isTrue();
        open("/households/" + home.id + "/passing").andExpect(content().string(allOf(containsString("The week keeps out of it."), not(containsString("Avoid this hour in the week")))));
        count(UUID.randomUUID().toString(), began.minus(Duration.ofHours(2)), 12, 2);
        assertThat(passers().best()).hasValueSatisfying(h -> assertThat(h.hour()).isEqualTo((hour + 22) % 24));
        open("/households/" + home.id + "/week").andExpect(status().isOk());
        home.post("counts/" + id + "/undo", "{}").andExpect(status().isOk());
        assertThat(passers().hours()).hasSize(1);
    }

    @Test
    void aSittingCountsByTheHourAndFeedsTheDistanceOfWhatPassed() throws Exception {
        String sitting = UUID.randomUUID().toString();
        Instant began = fullHour().plus(Duration.ofMinutes(50));
        for (int i = 0; i < 6; i++) {
            tap(sitting, began, 2 + 5 * i, i == 1 ? "REACTED" : "CALM", ",\"kind\":\"DOG\",\"metres\":18.5");
        }
        tap(sitting, began, 30, "CALM", ",\"metres\":18.5");
        assertThat(passers().hours()).extracting(h -> h.dogs() + " " + h.others() + " " + h.minutes()).containsExactly("2 0 10.0", "4 1 20.0");
        assertThat(readings()).singleElement().satisfies(r -> {
            assertThat(r.threat().kind().name()).isEqualTo("DOG");
            assertThat(r.met()).as("it is no meeting").isEmpty();
            assertThat(r.fromSeats()).isEqualTo(new Reading.Seated(5, 6));
            assertThat(r.estimate().curve()).as("six passed at one distance").hasValueSatisfying(c -> assertThat(c.lowMetres()).isLessThan(18.5));
        });
        open("/households/" + home.id + "/distances").andExpect(content().string(allOf(containsString("From where it sat: calm at 5 of 6."), not(containsString("No track measures it")))));
        home.post("watch-taps", "{\"id\":\"%s\",\"sitting\":\"%s\",\"dog\":\"%d\",\"began\":\"%s\",\"carried\":0,\"seen\":\"CALM\",\"kind\":\"RUNNER\",\"at\":\"%s\"}".formatted(UUID.randomUUID(), sitting, dog, began, now()))
                .andExpect(status().isBadRequest()).andExpect(jsonPath("$.error").value("kind must be one of PERSON, DOG, OTHER, or left out, was \"RUNNER\""));
    }

    @Test
    void whatIsMetAndNotCountedAsksForACount() throws Exception {
        String meeting = "{\"id\":\"%s\",\"dog\":%d,\"kind\":\"DOG\",\"far\":20,\"unit\":\"M\",\"response\":\"UNPROMPTED\",\"place\":\"%d\",\"at\":\"%s\"}";
        home.post("exposures", meeting.formatted(UUID.randomUUID(), dog, kitchen, fullHour())).andExpect(status().isOk());
        open("/households/" + home.id + "/passing").andExpect(content().string(allOf(containsString("Count ten minutes at kitchen"), containsString("1 was met there, and nobody counted."), containsString("Not counted yet."))));
    }

    @Test
    void nonsenseIsRefusedAndTheNeighbourSeesNothing() throws Exception {
        String id = UUID.randomUUID().toString();
        count(id, now(), 0, 1).andExpect(jsonPath("$.error").value("minutes must be a whole number from 1 to 60, was 0"));
        count(id, now(), 10, 501).andExpect(jsonPath("$.error").value("people must be a whole number from 0 to 500, was 501"));
        home.post("counts", "{\"id\":\"" + id + "\",\"place\":\"0\"}").andExpect(status().isBadRequest());
        count(id, now(), 10, 1).andExpect(status().isOk());
        Home neighbour = homes.make(edda(), TrackKind.SKILL, 1);
        neighbour.post("counts/" + id + "/undo", "{}").andExpect(status().isNotFound());
        neighbour.post("counts", "{\"id\":\"%s\",\"place\":\"%d\",\"began\":\"%s\",\"minutes\":10,\"dogs\":0,\"people\":1,\"others\":0}".formatted(UUID.randomUUID(), kitchen, now())).andExpect(status().isBadRequest());
        open(imre(), "/households/" + home.id + "/passing").andExpect(status().isNotFound());
        send(imre(), "/households/" + home.id + "/passing/busy", "place", "kitchen", "hour", "8").andExpect(status().isNotFound());
        send("/households/" + home.id + "/passing/busy", "place", "kitchen", "hour", "24").andExpect(status().isNotFound());
        send("/households/" + home.id + "/passing/busy", "place", "moon", "hour", "8").andExpect(status().isNotFound());
    }

    @Test
    void anOwnerCountsWithoutSignalAndReloads() {
        try (Browser browser = browser().expecting("ERR_INTERNET_DISCONNECTED")) {
            Page owner = browser.visitor(390, 844);
            owner.navigate("/o/" + home.token + "/count");
            owner.waitForSelector("body[data-ready]");
            owner.locator("[data-passed=dogs]").click();
            assertThat(owner.locator("#missing")).isVisible();
            owner.getByText("kitchen").first().click();
            owner.context().setOffline(true);
            owner.locator("[data-passed=dogs]").click();
            owner.locator("[data-passed=people]").click();
            owner.locator("[data-passed=people]").click();
            owner.click("#undo");
            owner.context().setOffline(false);
            owner.reload();
            owner.waitForSelector("body[data-ready]");
            assertThat(owner.locator("[data-count=people]")).hasText("1");
            owner.click("#end");
            assertThat(owner.locator("#says")).hasText("Kept: 2 passed in 1 min.");
            owner.waitForCondition(() -> passers().hours().stream().mapToInt(PassersBy.Hour::passed).sum() == 2);
            owner.click("#undo");
            owner.waitForCondition(() -> passers().hours().isEmpty());
        }
    }

    @Test
    void aWalkPlaceByPlaceIsTappedOnThePhone() throws Exception {
        long step = home.roadmap().steps().get(0).id();
        send("/steps/" + step + "/measure", "version", Integer.toString(home.roadmap().steps().get(0).version()), "kind", "WALK", "places", "hall\ndoorstep\ngate");
        home.post("outings", "{\"id\":\"%s\",\"dog\":\"%d\",\"places\":[\"hall\"],\"calm\":1,\"at\":\"%s\"}".formatted(UUID.randomUUID(), dog, now().minus(Duration.ofDays(1))));
        home.issue();
        try (Browser browser = browser()) {
            Page owner = browser.visitor(390, 844);
            owner.navigate("/o/" + home.token + "/way");
            owner.waitForSelector("body[data-ready]");
            assertThat(owner.locator("#place")).hasText("hall");
            owner.click("#calm");
            assertThat(owner.locator("#says")).hasText("In again. Then out to doorstep.");
            owner.reload();
            owner.waitForSelector("body[data-ready]");
            assertThat(owner.locator("#plan li.now")).hasText("doorstep");
            owner.click("#not");
            assertThat(owner.locator("#says")).hasText("Home now, quietly. It ends there today.");
            owner.waitForCondition(() -> walks() == 2);
            owner.click("#undo");
            assertThat(owner.locator("#place")).hasText("doorstep");
            owner.waitForCondition(() -> walks() == 1);
            owner.click("#calm");
            assertThat(owner.locator("#says")).hasText("Calm all the way. Good place to stop.");
            owner.waitForCondition(() -> walks() == 2);
        }
        assertThat(home.roadmap().steps().get(0).title()).endsWith(": hall, doorstep, gate; in again after each");
    }

    private int walks() {
        return homes.number(edda(), "select count(*) from outing where household_id = " + home.id + " and undone_at is null and places <> ''");
    }
}
