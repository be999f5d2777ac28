package cahier.app.outing;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import com.microsoft.playwright.Page;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;

/** Long sittings and walks, from the tap on the phone to what the margin says. */
class OutingsTest extends AppTest {

    @Autowired
    private Outings outings;
    private Home home;
    private long dog;
    private final String sitting = UUID.randomUUID().toString();
    private Instant began;

    @BeforeEach
    void makeHome() {
        home = homes.make(edda(), TrackKind.COMFORT, 1);
        dog = home.facts().dogs().get(0).id();
        began = now();
    }

    private String tap(String id, String seen, int minute) {
        return "{\"id\":\"%s\",\"sitting\":\"%s\",\"dog\":\"%d\",\"place\":\"%d\",\"began\":\"%s\",\"carried\":60,\"seen\":\"%s\",\"at\":\"%s\"}".formatted(id, sitting, dog,
                home.facts().places().get(0).id(), began, seen, began.plus(Duration.ofMinutes(minute)));
    }

    private ResultActions tap(String seen, int minute) throws Exception {
        return home.post("watch-taps", tap(UUID.randomUUID().toString(), seen, minute));
    }

    private List<LongSitting> sittings() {
        return asEdda(() -> outings.sittings(edda().practice(), home.id));
    }

    private ResultActions walk(String body) throws Exception {
        return home.post("outings", "{\"id\":\"" + UUID.randomUUID() + "\",\"dog\":\"" + dog + "\"," + body + ",\"at\":\"" + now() + "\"}");
    }

    @Test
    void aSittingIsCountedInQuartersAndSaysWhetherThePlaceSuits() throws Exception {
        clock.pass(Duration.ofMinutes(50));
        tap("REFUSED", 1).andExpect(status().isOk());
        tap("REACTED", 4);
        tap("CALM", 9);
        tap("ATE", 20);
        tap("CALM", 31);
        String last = UUID.randomUUID().toString();
        home.post("watch-taps", tap(last, "CALM", 40));
        home.post("watch-taps", tap(last, "CALM", 40));
        tap("END", 44);
        assertThat(sittings()).singleElement().satisfies(s -> {
            assertThat(s.minutes()).isEqualTo(44);
            assertThat(s.passed()).isEqualTo(4);
            assertThat(s.place()).isEqualTo("kitchen");
            assertThat(s.watching().blocks()).hasSize(3);
        });
        open("/households/" + home.id + "/distances").andExpect(content().string(allOf(containsString("Too empty a place."), containsString("4 passed in 44 min. Calmer towards the end: 50 in 100 more."))));
        home.post("watch-taps/" + last + "/undo", "{}").andExpect(status().isOk());
        home.post("watch-taps/" + last + "/undo", "{}").andExpect(status().isOk());
        assertThat(sittings().get(0).passed()).isEqualTo(3);
        tap("REFUSED", 33);
        open("/households/" + home.id + "/distances").andExpect(content().string(containsString("Choose a quieter place")));
    }

    @Test
    void anotherHouseholdSeesAndChangesNothing() throws Exception {
        String id = UUID.randomUUID().toString();
        home.post("watch-taps", tap(id, "CALM", 0)).andExpect(status().isOk());
        walk("\"paces\":40,\"calm\":40").andExpect(status().isOk());
        Home other = homes.make(edda(), TrackKind.SKILL, 1);
        other.post("watch-taps/" + id + "/undo", "{}").andExpect(status().isNotFound());
        String theirs = tap(UUID.randomUUID().toString(), "CALM", 0).replace("\"dog\":\"" + dog + "\"", "\"dog\":\"" + other.facts().dogs().get(0).id() + "\"");
        other.post("watch-taps", theirs).andExpect(status().isNotFound());
        other.post("outings/" + UUID.randomUUID() + "/undo", "{}").andExpect(status().isNotFound());
        assertThat(sittings().get(0).passed()).isEqualTo(1);
        assertThat(asEdda(() -> outings.walks(edda().practice(), other.id)).get(0).latest()).isEmpty();
    }

    @Test
    void whatDoesNotFitIsNamed() throws Exception {
        tap("PURRED", 0).andExpect(jsonPath("$.error").value("seen must be one of CALM, REACTED, ATE, REFUSED, END, was \"PURRED\""));
        home.post("watch-taps", tap(UUID.randomUUID().toString(), "CALM", 0).replace(":60,", ":-1,")).andExpect(jsonPath("$.error").value("carried must be a whole number from 0 to 2000, was -1"));
        walk("\"paces\":40,\"calm\":41").andExpect(jsonPath("$.error").value("calm must be a whole number from 0 to 40, was 41"));
        walk("\"paces\":40,\"calm\":4,\"round\":0").andExpect(jsonPath("$.error").value("round must be a whole number from 1 to 20000, was 0"));
        assertThat(sittings()).isEmpty();
    }

    @Test
    void fivePacesFurtherThanItWasCalmThenTheRound() throws Exception {
        mvc.perform(get("/o/" + home.token + "/out")).andExpect(content().string(containsString("Next: 5 paces from the door, and home.")));
        walk("\"paces\":45,\"calm\":40,\"round\":100");
        mvc.perform(get("/o/" + home.token + "/out")).andExpect(content().string(containsString("Next: the known 40 paces out and home, then 45.")));
        clock.pass(Duration.ofHours(1));
        walk("\"paces\":55,\"calm\":55,\"round\":100");
        mvc.perform(get("/o/" + home.token + "/out")).andExpect(content().string(containsString("Next: the round. More than half of it was calm.")));
        open("/households/" + home.id + "/distances").andExpect(content().string(containsString("55 paces out, calm to 55, round 100")));
        UUID last = asEdda(() -> outings.walks(edda().practice(), home.id)).get(0).latest().get(0).id();
        home.post("outings/" + last + "/undo", "{}").andExpect(status().isOk());
        mvc.perform(get("/o/" + home.token + "/out")).andExpect(content().string(containsString("then 45.")));
    }

    @Test
    void theOwnerCountsAlongWithoutSignalAndReloads() {
        try (Browser browser = browser().expecting("ERR_INTERNET_DISCONNECTED")) {
            Page owner = browser.visitor(360, 640);
            owner.navigate("/o/" + home.token + "/watch");
            owner.waitForSelector("body[data-ready]");
            owner.fill("#carried", "many");
            owner.locator("[data-seen=CALM][data-kind=PERSON]").click();
            assertThat(owner.locator("#missing")).hasText("Treats must be a whole number up to 2000, was “many”.");
            owner.fill("#carried", "50");
            owner.context().setOffline(true);
            owner.locator("[data-seen=CALM][data-kind=PERSON]").click();
            assertThat(owner.locator("#left")).hasText("49");
            owner.locator("[data-seen=REACTED][data-kind=DOG]").click();
            owner.locator("[data-seen=REACTED][data-kind=DOG]").click();
            assertThat(owner.locator("#says")).hasText("Reacted. Twice running: go further off, or home.");
            owner.click("#undo");
            assertThat(owner.locator("#waiting")).isVisible();
            owner.context().setOffline(false);
            owner.reload();
            owner.waitForSelector("body[data-ready]");
            assertThat(owner.locator("#blocks tbody")).hasText("0 to 151100");
            owner.locator("[data-seen=ATE]").click();
            owner.click("#end");
            assertThat(owner.locator("#says")).hasText("2 passed, calm at 1. Good place to stop.");
            owner.waitForCondition(() -> !sittings().isEmpty() && sittings().get(0).watching().blocks().get(0).ate() == 1);
            owner.navigate("/o/" + home.token + "/out");
            owner.waitForSelector("body[data-ready]");
            owner.fill("#paces", "30");
            owner.fill("#calm", "31");
            owner.click("#keep");
            assertThat(owner.locator("#missing")).hasText("Calm up to must be from 0 to 30, was “31”.");
            owner.fill("#calm", "25");
            owner.click("#keep");
            assertThat(owner.locator("#says")).hasText("Kept: 30 paces out, calm to 25.");
            owner.waitForCondition(() -> asEdda(() -> outings.walks(edda().practice(), home.id)).get(0).latest().size() == 1);
        }
        assertThat(sittings()).singleElement().satisfies(s -> assertThat(s.passed()).isEqualTo(2));
    }
}
