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

import cahier.app.log.Sign;
import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import cahier.core.exposure.Response;
import com.microsoft.playwright.Page;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.assertj.core.data.Offset;
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
        page().andExpect(content().string(allOf(containsString("Closer: 22.8"), not(containsString("value=\"22.8 m\"")))));
        mvc.perform(get("/o/" + home.token + "/met")).andExpect(content().string(containsString("data-now=\"22.8\"")));
        meet(22.8, "REACTED");
        page().andExpect(content().string(allOf(containsString("Further: 27.4"), containsString("Reacted: further."))));
        mvc.perform(get("/o/" + home.token + "/met")).andExpect(content().string(containsString("data-now=\"27.4\"")));
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
        for (String nonsense : List.of("near", "0 m", "-3", "2000 m")) {
            send("/households/" + home.id + "/distances", "dog", Long.toString(dog), "kind", "DOG", "metres", nonsense).andExpect(flash().attribute("refusal", containsString("“" + nonsense + "”")));
        }
        send("/households/" + home.id + "/distances", "dog", "0", "kind", "DOG", "metres", "9 m").andExpect(status().isNotFound());
        page().andExpect(content().string(not(containsString("Stay at"))));
    }

    @Test
    void aNoiseIsReadByItsLoudness() throws Exception {
        String noise = "{\"id\":\"%s\",\"dog\":\"%d\",\"kind\":\"NOISE\",\"loudness\":%d,\"far\":20,\"unit\":\"M\",\"response\":\"STARED\",\"at\":\"%s\"}";
        home.post("exposures", noise.formatted(UUID.randomUUID(), dog, 2, now())).andExpect(status().isOk());
        home.post("exposures", noise.formatted(UUID.randomUUID(), dog, 4, now())).andExpect(status().isOk());
        home.post("exposures", noise.formatted(UUID.randomUUID(), dog, 6, now())).andExpect(jsonPath("$.error").value("loudness must be a whole number from 0 to 5, was 6"));
        assertThat(readings()).extracting(r -> r.threat().words()).containsExactly("noise, loudness 2, low", "noise, loudness 4, loud");
        send("/households/" + home.id + "/distances", "dog", Long.toString(dog), "kind", "NOISE", "loudness", "2", "metres", "24 m");
        page().andExpect(content().string(allOf(containsString("Stay at 24"), containsString("/tracks/" + home.track + "/climb?noise=2&amp;from=24.0"))));
        open("/tracks/" + home.track + "/climb?noise=2&from=24.0").andExpect(content().string(allOf(containsString("value=\"24 m\""), containsString("loudness 2, low"), containsString("loudness 5, as loud as it gets"), not(containsString("loudness 1")))));
    }

    @Test
    void aLandmarkSparesTheGuess() throws Exception {
        send("/households/" + home.id + "/landmarks", "name", "The gatepost", "metres", "18 m");
        send("/households/" + home.id + "/landmarks", "name", "the Gatepost", "metres", "60 ft");
        send("/households/" + home.id + "/landmarks", "name", " ", "metres", "18").andExpect(flash().attribute("refusal", containsString("must have a name")));
        Landmark post = asEdda(() -> exposures.landmarks(edda().practice(), home.id)).get(0);
        assertThat(post.metres()).isCloseTo(18.288, Offset.offset(1e-9));
        send(0, "L" + post.id(), "PROMPTED").andExpect(status().isOk());
        assertThat(readings().get(0).met()).singleElement().satisfies(m -> assertThat(m.given()).isEqualTo("the Gatepost"));
        mvc.perform(get("/o/" + home.token + "/met")).andExpect(content().string(containsString("value=\"L" + post.id() + "\"")));
        Home other = homes.make(edda(), TrackKind.SKILL, 1);
        other.post("exposures", met(UUID.randomUUID().toString(), 9, "L" + post.id(), "STARED").replace("\"" + dog + "\"", "\"" + other.facts().dogs().get(0).id() + "\""))
                .andExpect(jsonPath("$.error").value(containsString("unit must be a landmark of this household")));
        send("/households/" + other.id + "/landmarks/" + post.id() + "/remove").andExpect(status().isNotFound());
        send("/households/" + home.id + "/landmarks/" + post.id() + "/remove").andExpect(status().isFound());
    }

    @Test
    void howLongUntilItWasCalmIsAddedAfterwards() throws Exception {
        String id = UUID.randomUUID().toString();
        home.post("exposures", met(id, 9, "M", "REACTED"));
        home.post("exposures/" + id + "/calm", "{\"seconds\":75}").andExpect(status().isOk());
        home.post("exposures/" + id + "/calm", "{\"seconds\":75}").andExpect(status().isOk());
        home.post("exposures/" + id + "/calm", "{\"seconds\":-1}").andExpect(jsonPath("$.error").value("seconds must be a whole number from 0 to 3600, was -1"));
        homes.make(edda(), TrackKind.SKILL, 1).post("exposures/" + id + "/calm", "{\"seconds\":5}").andExpect(status().isNotFound());
        home.post("exposures/" + id + "/sign", "{\"sign\":\"LUNGED\"}").andExpect(status().isOk());
        home.post("exposures/" + id + "/sign", "{\"sign\":\"SANG\"}").andExpect(jsonPath("$.error").value(containsString("sign must be one of BARKED, LUNGED")));
        homes.make(edda(), TrackKind.SKILL, 1).post("exposures/" + id + "/sign", "{\"sign\":\"HID\"}").andExpect(status().isNotFound());
        page().andExpect(content().string(containsString("reacted, lunged")));
        page().andExpect(content().string(containsString("Calm again after 1\u00a0min 15\u00a0s.")));
    }

    @Test
    void theTrainerNotesWhatTheySawAndTakesItBack() throws Exception {
        String to = "/households/" + home.id + "/exposures";
        send(to, "dog", Long.toString(dog), "kind", "RUNNER", "loudness", "3", "far", "30 paces", "response", "PROMPTED", "food", "LATE", "calm", "40 s").andExpect(status().isFound());
        assertThat(readings()).singleElement().satisfies(r -> assertThat(r.met()).singleElement().satisfies(m -> {
            assertThat(m.given()).isEqualTo("30 paces");
            assertThat(m.metres()).isEqualTo(22.5);
            assertThat(m.loudness()).isZero();
            assertThat(m.calmAfterS()).isEqualTo(40);
            assertThat(m.notedBy()).isEqualTo(edda().signature());
        }));
        for (String nonsense : List.of("", "far away", "2000 m", "3 miles")) {
            send(to, "dog", Long.toString(dog), "kind", "RUNNER", "far", nonsense, "response", "STARED").andExpect(flash().attribute("refusal", containsString("was “" + nonsense + "”")));
        }
        send(to, "dog", Long.toString(dog), "kind", "RUNNER", "far", "9 m").andExpect(flash().attribute("refusal", containsString("what the dog did")));
        send(to, "dog", "0", "kind", "RUNNER", "far", "9 m", "response", "STARED").andExpect(status().isNotFound());
        send(to + "/" + readings().get(0).met().get(0).id() + "/undo");
        assertThat(readings()).isEmpty();
    }

    @Test
    void anOwnStepAndAGoalGiveTheHonestCount() throws Exception {
        meet(24, "UNPROMPTED", "UNPROMPTED", "UNPROMPTED", "UNPROMPTED", "UNPROMPTED");
        send("/households/" + home.id + "/distances", "dog", Long.toString(dog), "kind", "DOG", "metres", "24 m", "step", "2 m", "goal", "20 m");
        page().andExpect(content().string(containsString("2 steps closer, about 10 looks and 50 treats, if it goes on like this.")));
        meet(24, "UNPROMPTED", "UNPROMPTED", "UNPROMPTED", "UNPROMPTED", "UNPROMPTED");
        page().andExpect(content().string(allOf(containsString("Closer: 22"), containsString("1 step closer, about 5 looks"))));
        meet(22, "REACTED");
        page().andExpect(content().string(containsString("Further: 26.4")));
        set("20 m");
        page().andExpect(content().string(containsString("The goal of 20")));
        send("/households/" + home.id + "/distances", "dog", Long.toString(dog), "kind", "DOG", "metres", "24 m", "step", "200 m").andExpect(flash().attribute("refusal", containsString("a step closer from 0.1 to 100 m, was “200 m”")));
    }

    @Test
    void theOwnerTapsWithOneThumbAlsoWithoutSignal() {
        try (Browser browser = browser().expecting("ERR_INTERNET_DISCONNECTED")) {
            Page owner = browser.visitor(360, 640);
            owner.navigate("/o/" + home.token);
            owner.getByText("More to do and to note").click();
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
            owner.locator("[data-sign=LUNGED]").click();
            owner.locator("[data-response=STARED]").click();
            owner.click("#undo");
            assertThat(owner.locator("#waiting")).isVisible();
            owner.context().setOffline(false);
            owner.reload();
            owner.waitForSelector("body[data-ready]");
            assertThat(owner.locator("#waiting")).isHidden();
            owner.waitForCondition(() -> homes.number(edda(), "select count(*) from exposure where undone_at is not null and household_id = " + home.id) == 1); // the last of what waited
            assertThat(owner.locator("#far")).hasValue("15");
        }
        assertThat(readings().get(0).met()).extracting(Met::response).containsExactlyInAnyOrder(Response.UNPROMPTED, Response.REACTED);
        assertThat(readings().get(0).met()).extracting(Met::sign).containsExactlyInAnyOrder(null, Sign.LUNGED);
    }
}
