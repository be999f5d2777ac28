package cahier.app.handling;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import cahier.core.handling.HandSeen;
import cahier.core.handling.Zone;
import com.microsoft.playwright.Page;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;

/** The map of the zones: rated, touched, flinched, and as it was. */
class HandlingTest extends AppTest {

    @Autowired
    private Handling handling;
    private Home home;
    private long dog;
    private String page;

    @BeforeEach
    void makeHome() {
        home = homes.make(edda(), TrackKind.COMFORT, 1);
        dog = home.facts().dogs().get(0).id();
        page = "/households/" + home.id + "/handling";
    }

    private ResultActions rate(String zone, int comfort) throws Exception {
        return send(page + "/comfort", "dog", Long.toString(dog), "target", "muzzle", "zone", zone, "comfort", Integer.toString(comfort));
    }

    private void touch(String zone, String seen) throws Exception {
        send(page + "/touches", "dog", Long.toString(dog), "target", "muzzle", "zone", zone, "seconds", "3 s", "seen", seen, "back", "yes");
    }

    private HandlingMap map() {
        return asEdda(() -> handling.of(edda().practice(), home.id, dog, Zone.MUZZLE, now()));
    }

    @Test
    void theHandGoesFromWhereItIsWelcome() throws Exception {
        open(page).andExpect(content().string(allOf(containsString("Next: back"), containsString("No zone is easy yet: begin where it is easiest."), containsString("muzzle, not touched yet"))));
        rate("chest", 3);
        rate("chin", 1);
        open(page).andExpect(content().string(allOf(containsString("Next: chin"), containsString("By chest, chin, muzzle."), containsString("chin, 1, stiffens"), containsString("Steps that touch the head wait for"))));
        rate("chin", 9).andExpect(flash().attribute("refusal", "The comfort must be from 0 to 4, was 9. Nothing was changed."));
        send(page + "/comfort", "dog", Long.toString(dog), "target", "muzzle", "zone", "knee", "comfort", "3").andExpect(status().isNotFound());
        rate("muzzle", 4);
        open(page).andExpect(content().string(containsString("The muzzle is easy")));
    }

    @Test
    void aZoneIsDoneAfterTwoCalmSessionsAndAFlinchStepsBack() throws Exception {
        rate("chest", 3);
        touch("chin", "CALM");
        touch("chin", "CALM");
        assertThat(map().next()).contains(Zone.CHIN);
        clock.pass(Duration.ofHours(2));
        touch("chin", "CALM");
        assertThat(map().comfort()).containsEntry(Zone.CHIN, 3);
        assertThat(map().next()).contains(Zone.MUZZLE);
        touch("muzzle", "FLINCH");
        assertThat(map().next()).contains(Zone.CHIN);
        open(page).andExpect(content().string(allOf(containsString("Next: chin"), containsString("It flinched at the muzzle: one zone back."), containsString("3 s, flinched"))));
        UUID flinch = map().touches().stream().filter(t -> t.seen() == HandSeen.FLINCH).findFirst().orElseThrow().id();
        send(page + "/touches/" + flinch + "/undo", "dog", Long.toString(dog), "target", "muzzle", "zone", "muzzle");
        assertThat(map().next()).contains(Zone.MUZZLE);
        rate("chin", 1);
        assertThat(map().next()).as("what is rated anew counts from then on").contains(Zone.CHIN);
    }

    @Test
    void theMapOfAPastDayStandsBesideTodays() throws Exception {
        rate("chest", 1);
        clock.pass(Duration.ofDays(9));
        rate("chest", 4);
        LocalDate then = now().minus(Duration.ofDays(5)).atZone(ZoneId.of("Europe/London")).toLocalDate();
        open(page + "?on=" + then).andExpect(content().string(allOf(containsString("class=\"zone c1\" d="), containsString("zone c4"))));
        open(page + "?on=someday").andExpect(content().string(not(containsString("class=\"zone c1\" d="))));
    }

    @Test
    void aPhoneNotesTouchesOnTheWayToTheTrainersTarget() throws Exception {
        rate("neck", 3);
        send(page + "/target", "dog", Long.toString(dog), "target", "ear left");
        mvc.perform(get("/o/" + home.token + "/touch")).andExpect(content().string(allOf(containsString("Next: ear left. By neck, ear left."), containsString("data-next=\"EAR_LEFT\""))));
        String body = "{\"id\":\"%s\",\"sitting\":\"%s\",\"dog\":\"%d\",\"zone\":\"%s\",\"seconds\":4,\"seen\":\"STIFF\",\"at\":\"%s\"}";
        String id = UUID.randomUUID().toString();
        home.post("touches", body.formatted(id, UUID.randomUUID(), dog, "EAR_LEFT", now())).andExpect(status().isOk());
        home.post("touches", body.formatted(UUID.randomUUID(), UUID.randomUUID(), dog, "KNEE", now())).andExpect(jsonPath("$.error").value(containsString("zone must be one of BACK, CHEST")));
        assertThat(map().touches()).singleElement().satisfies(t -> assertThat(t.cameBack()).isNull());
        homes.make(edda(), TrackKind.SKILL, 1).post("touches/" + id + "/undo", "{}").andExpect(status().isNotFound());
        home.post("touches/" + id + "/undo", "{}").andExpect(status().isOk());
        assertThat(map().touches()).isEmpty();
    }

    @Test
    void zonesAreChosenByKeyboard() throws Exception {
        rate("chest", 3);
        try (Browser browser = browser()) {
            Page trainer = browser.trainer(edda());
            trainer.navigate(page);
            trainer.locator("svg.dog a[aria-label^='chin']").first().focus();
            trainer.keyboard().press("Enter");
            trainer.waitForURL("**zone=chin#zone");
            assertThat(trainer.locator("#zone h2")).hasText("Chin");
            trainer.click("button:has-text('3 relaxed')");
            assertThat(trainer.locator("#next")).hasText("Next: muzzle");
            Page owner = browser.visitor(360, 640);
            owner.navigate("/o/" + home.token + "/touch");
            owner.waitForSelector("body[data-ready]");
            owner.fill("#seconds", "long");
            owner.locator("[data-seen=FLINCH]").click();
            assertThat(owner.locator("#missing")).hasText("Seconds must be a whole number up to 600, was “long”.");
            owner.fill("#seconds", "2");
            owner.locator("[data-seen=FLINCH]").click();
            assertThat(owner.locator("#says")).hasText("Flinched: one zone back.");
            owner.waitForCondition(() -> map().touches().size() == 1);
            trainer.reload();
            assertThat(trainer.locator("#next")).hasText("Next: chin");
        }
    }
}
