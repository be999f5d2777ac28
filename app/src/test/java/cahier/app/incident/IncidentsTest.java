package cahier.app.incident;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What happens for real is written down, seen by the trainer, and is no evidence. */
class IncidentsTest extends AppTest {

    @Autowired
    private Incidents incidents;

    private Home home;

    @BeforeEach
    void home() {
        home = homes.make(edda(), TrackKind.COMFORT, 2);
    }

    private List<Incident> kept() {
        return asEdda(() -> incidents.lately(edda().practice(), home.id, now()));
    }

    private String incident(String id, String kind, String went, String distance) {
        return "{\"id\":\"%s\",\"kind\":\"%s\",\"went\":\"%s\",\"distance\":\"%s\",\"place\":\"%d\",\"words\":\"Rang twice.\",\"at\":\"%s\"}"
                .formatted(id, kind, went, distance, home.facts().places().get(1).id(), now());
    }

    @Test
    void itStandsOnTheTimelineAndNeverInTheScore() throws Exception {
        home.practise("ccccc");
        int reps = home.suggestion().grounds().reps();
        String id = UUID.randomUUID().toString();
        home.post("incidents", incident(id, "VISITOR", "TOO_MUCH", "10 ft")).andExpect(status().isOk());
        home.post("incidents", incident(id, "VISITOR", "TOO_MUCH", "10 ft")).andExpect(status().isOk());
        assertThat(kept()).singleElement().satisfies(i -> assertThat(i.said()).isEqualTo("A visitor, hall, 3.05\u00a0m (10\u00a0ft): too much. Rang twice."));
        clock.pass(Duration.ofMinutes(31));
        assertThat(home.suggestion().grounds().reps()).isEqualTo(reps);
        open("/households/" + home.id).andExpect(content().string(containsString("Rang twice.")));
        Home neighbour = homes.make(edda(), TrackKind.SKILL, 1);
        mvc.perform(get("/o/" + neighbour.token + "/happened")).andExpect(content().string(not(containsString("Rang twice."))));
    }

    @Test
    void whatDoesNotFitIsNamed() throws Exception {
        home.post("incidents", incident(UUID.randomUUID().toString(), "GHOST", "CALM", "")).andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.error").value("kind must be one of VISITOR, DOG, PERSON, RUNNER, CYCLE, NOISE, OTHER, was \"GHOST\""));
        home.post("incidents", incident(UUID.randomUUID().toString(), "DOG", "CALM", "far")).andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.error").value(containsString("was “far”")));
        assertThat(kept()).isEmpty();
    }

    @Test
    void theOwnerTapsItWithOneThumb() {
        try (Browser browser = browser()) {
            Page owner = browser.visitor(360, 740);
            owner.navigate("/o/" + home.token);
            owner.getByText("More to do and to note").click();
            owner.getByText("Write down how it went").click();
            owner.waitForSelector("body[data-ready]");
            Browser.fits(owner);
            owner.getByText("A runner").click();
            owner.click("#keep");
            PlaywrightAssertions.assertThat(owner.locator("#missing")).hasText("Tap what came and how it went.");
            owner.getByText("Worried, then settled").click();
            owner.fill("#distance", "a lot");
            owner.click("#keep");
            PlaywrightAssertions.assertThat(owner.locator("#missing")).containsText("was “a lot”");
            owner.fill("#distance", "12");
            owner.click("#keep");
            PlaywrightAssertions.assertThat(owner.locator("#kept")).hasText("Kept.");
        }
        assertThat(kept()).singleElement().satisfies(i -> assertThat(i.said()).startsWith("A runner, 12\u00a0m (39\u00a0ft): worried, then settled."));
    }
}
