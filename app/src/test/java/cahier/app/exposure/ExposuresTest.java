package cahier.app.exposure;

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
import cahier.core.exposure.Response;
import com.microsoft.playwright.Page;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;

/** What a dog met, from the tap on the phone to the working distance in the margin. */
class ExposuresTest extends AppTest {

    @Autowired
    private Exposures exposures;
    private Home home;
    private long dog;

    @BeforeEach
    void makeHome() {
        home = homes.make(edda(), TrackKind.COMFORT, 1);
        dog = home.facts().dogs().get(0).id();
    }

    private String met(String id, double far, String unit, String response) {
        return "{\"id\":\"%s\",\"dog\":\"%d\",\"kind\":\"DOG\",\"far\":%s,\"unit\":\"%s\",\"response\":\"%s\",\"at\":\"%s\"}".formatted(id, dog, far, unit, response, now());
    }

    private ResultActions send(double far, String unit, String response) throws Exception {
        return home.post("exposures", met(UUID.randomUUID().toString(), far, unit, response));
    }

    private void meet(double metres, String... responses) throws Exception {
        for (String response : responses) {
            clock.pass(Duration.ofSeconds(30));
            send(metres, "M", response).andExpect(status().isOk());
        }
    }

    private List<Reading> readings() {
        return asEdda(() -> exposures.of(edda().practice(), home.id, now()));
    }

    private ResultActions page() throws Exception {
        return open("/households/" + home.id + "/distances");
    }

    private void set(String metres) throws Exception {
        send("/households/" + home.id + "/distances", "dog", Long.toString(dog), "kind", "DOG", "metres", metres);
    }

    @Test
    void aTapIsKeptOnceInTheUnitItWasGivenIn() throws Exception {
        String id = UUID.randomUUID().toString();
        home.post("exposures", met(id, 30, "PACES", "PROMPTED")).andExpect(status().isOk());
        home.post("exposures", met(id, 30, "PACES", "PROMPTED")).andExpect(status().isOk());
        send(60, "FT", "STARED");
        send(4, "CARS", "REACTED");
        assertThat(readings()).singleElement().satisfies(r -> assertThat(r.met()).extracting(Met::given).containsExactlyInAnyOrder("30 paces", "60 ft", "4 car lengths"));
        assertThat(readings().get(0).met()).extracting(Met::metres).containsExactlyInAnyOrder(22.5, 18.288, 18.0);
        home.post("exposures/" + id + "/undo", "{}").andExpect(status().isOk());
        assertThat(readings().get(0).met()).hasSize(2);
        home.post("exposures/" + id + "/undo", "{}").andExpect(status().isOk());
        home.post("exposures/" + UUID.randomUUID() + "/undo", "{}").andExpect(status().isNotFound());
        homes.make(edda(), TrackKind.SKILL, 1).post("exposures/" + readings().get(0).met().get(0).id() + "/undo", "{}").andExpect(status().isNotFound());
        assertThat(readings().get(0).met()).hasSize(2);
    }

    @Test
    void whatDoesNotFitIsNamed() throws Exception {
        send(0, "M", "STARED").andExpect(status().isBadRequest()).andExpect(jsonPath("$.error").value(containsString("far must be a distance above 0 and up to 1000 m")));
        send(900, "CARS", "STARED").andExpect(status().isBadRequest());
        send(9, "MILES", "STARED").andExpect(jsonPath("$.error").value("unit must be one of M, FT, YD, PACES, CARS, was \"MILES\""));
        send(9, "M", "PURRED").andExpect(jsonPath("$.error").value(containsString("response must be one of")));
        Home other = homes.make(edda(), TrackKind.SKILL, 1);
        other.post("exposures", met(UUID.randomUUID().toString(), 9, "M", "STARED")).andExpect(status().isBadRequest()).andExpect(jsonPath("$.error").value(containsString("dog must be a dog of this household")));
        assertThat(readings()).isEmpty();
    }

    @Test
    void theMarginSaysWhatIsMissingThenWhereToWorkThenWhenToGoCloser() throws Exception {
        page().andExpect(content().string(containsString("Nothing met yet.")));
        meet(20, "UNPROMPTED", "PROMPTED");
        page().andExpect(content().string(allOf(containsString("Not enough yet"), containsString("2 of the 6 that an estimate needs."))));
        meet(10, "REACTED", "STARED", "REACTED");
        meet(30, "UNPROMPTED", "UNPROMPTED");
        page().andExpect(content().string(allOf(containsString("Work at "), containsString("Calm 8 times in 10 at "), containsString("looked back by itself 3"))));
        set("24 m");
        meet(24, "UNPROMPTED", "UNPROMPTED", "UNPROMPTED", "UNPROMPTED");
        page().andExpect(content().string(allOf(containsString("Stay at 24"), containsString("4 by itself in a row, 5 bring it closer."))));
        meet(24, "UNPROMPTED");
        page().andExpect(content().string(allOf(containsString("Closer: 22.8"), containsString("value=\"22.8 m\""))));
        set("22.8 m");
        meet(22.8, "REACTED");
        page().andExpect(content().string(containsString("Further: 27.4")));
        mvc.perform(get("/o/" + home.token + "/met")).andExpect(content().string(containsString("work at 22.8")));
        assertThat(readings().get(0).count(Response.REACTED)).isEqualTo(3);
    }

    @Test
    void fiveWeeksLaterTheDistanceOfThenStandsBesideThatOfNow() throws Exception {
        meet(30, "UNPROMPTED", "UNPROMPTED", "PROMPTED");
        meet(15, "REACTED", "STARED", "REACTED");
        clock.pass(Duration.ofDays(30));
        meet(15, "UNPROMPTED", "UNPROMPTED", "PROMPTED", "UNPROMPTED", "UNPROMPTED", "UNPROMPTED");
        page().andExpect(content().string(containsString("Four and two weeks back: ")));
    }

    @Test
    void aDistanceThatIsNoneIsRefused() throws Exception {
        for (String nonsense : List.of("near", "0 m", "-3")) {
            send("/households/" + home.id + "/distances", "dog", Long.toString(dog), "kind", "DOG", "metres", nonsense).andExpect(flash().attribute("refusal", containsString("“" + nonsense + "”")));
        }
        send("/households/" + home.id + "/distances", "dog", "0", "kind", "DOG", "metres", "9 m").andExpect(status().isNotFound());
        page().andExpect(content().string(not(containsString("Stay at"))));
    }

    @Test
    void theOwnerTapsWithOneThumbAlsoWithoutSignal() {
        try (Browser browser = new Browser("http://127.0.0.1:" + port).expecting("ERR_INTERNET_DISCONNECTED")) {
            Page owner = browser.visitor(360, 640);
            owner.navigate("/o/" + home.token);
            owner.getByText("Tap what it does").click();
            owner.waitForSelector("body[data-ready]");
            Browser.fits(owner);
            owner.locator("[data-response=UNPROMPTED]").click();
            assertThat(owner.locator("#missing")).hasText("Tap what came.");
            owner.getByText("Runner").click();
            owner.locator("[data-response=UNPROMPTED]").click();
            assertThat(owner.locator("#says")).hasText("By itself, 20 m.");
            owner.waitForCondition(() -> !readings().isEmpty() && readings().get(0).met().size() == 1);
            owner.context().setOffline(true);
            owner.click("#nearer");
            owner.locator("[data-response=REACTED]").click();
            owner.locator("[data-response=STARED]").click();
            owner.click("#undo");
            assertThat(owner.locator("#waiting")).isVisible();
            owner.context().setOffline(false);
            owner.reload();
            owner.waitForSelector("body[data-ready]");
            owner.waitForCondition(() -> readings().get(0).met().size() == 2);
            assertThat(owner.locator("#far")).hasValue("15");
        }
        assertThat(readings().get(0).met()).extracting(Met::response).containsExactlyInAnyOrder(Response.UNPROMPTED, Response.REACTED);
    }
}
