package cahier.app.alone;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import com.microsoft.playwright.Page;
import java.time.Duration;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;

/** Departures planned, left, upset, planned anew; and the hours nobody covers. */
class AloneTest extends AppTest {

    @Autowired
    private Departures departures;
    private Home home;
    private String dog;

    @BeforeEach
    void makeHome() {
        home = homes.make(edda(), TrackKind.COMFORT, 1);
        dog = Long.toString(home.facts().dogs().get(0).id());
    }

    private ResultActions page() throws Exception {
        return open("/households/" + home.id + "/alone");
    }

    private AloneTrack track() {
        return asEdda(() -> departures.of(edda().practice(), home.id)).get(0);
    }

    private ResultActions log(String left, String upset) throws Exception {
        String[] l = left.split(",");
        String[] fields = new String[2 + 4 * l.length];
        fields[0] = "dog";
        fields[1] = dog;
        for (int i = 0; i < l.length; i++) {
            fields[2 + 2 * i] = "left";
            fields[3 + 2 * i] = l[i].strip();
            fields[2 + 2 * (l.length + i)] = "upset";
            fields[3 + 2 * (l.length + i)] = i == l.length - 1 ? upset : "";
        }
        return send("/households/" + home.id + "/departures", fields);
    }

    private ResultActions depart(String id, String sitting, int left, String more) throws Exception {
        return home.post("departures", "{\"id\":\"%s\",\"sitting\":\"%s\",\"dog\":\"%s\",\"left\":%d%s,\"at\":\"%s\"}".formatted(id, sitting, dog, left, more, now()));
    }

    @Test
    void theNextSessionFollowsFromTheLast() throws Exception {
        page().andExpect(content().string(allOf(containsString("Next: at longest 1\u00a0s"), containsString("The very first is a second."))));
        log("10 s, 1 min", "");
        page().andExpect(content().string(allOf(containsString("Next: at longest 1\u00a0min 15\u00a0s"), containsString("15\u00a0s, 45\u00a0s, 30\u00a0s, 1\u00a0min 15\u00a0s, 20\u00a0s, 15\u00a0s."))));
        clock.pass(Duration.ofHours(1));
        log("15 s, 45 s, 75 s", "40 s");
        page().andExpect(content().string(allOf(containsString("Next: at longest 20\u00a0s"), containsString("Longest calm 45\u00a0s, upset after 40\u00a0s: half of that, and never more than was calm."))));
        send("/households/" + home.id + "/departures/undo", "sitting", track().sessions().get(0).get(0).sittingId().toString());
        assertThat(track().target()).isEqualTo(75);
    }

    @Test
    void nonsenseIsNamedAndStays() throws Exception {
        log("soon", "").andExpect(flash().attribute("refusal", containsString("was “soon”"))).andExpect(flash().attributeExists("left"));
        log("10 s", "20 s").andExpect(flash().attribute("refusal", containsString("Departure 1 must last 1 s or more and be upset within it, was “10 s” and “20 s”")));
        log("", "").andExpect(flash().attribute("refusal", containsString("at least one departure")));
        assertThat(track().sessions()).isEmpty();
    }

    @Test
    void aPhonesDepartureIsKeptOnceAndForItsHouseholdOnly() throws Exception {
        String id = UUID.randomUUID().toString();
        String sitting = UUID.randomUUID().toString();
        depart(id, sitting, 30, "").andExpect(status().isOk());
        depart(id, sitting, 30, "").andExpect(status().isOk());
        depart(UUID.randomUUID().toString(), sitting, 20, ",\"upset\":21").andExpect(jsonPath("$.error").value("upset must be a whole number from 0 to 20, was 21"));
        depart(UUID.randomUUID().toString(), sitting, 0, "").andExpect(jsonPath("$.error").value("left must be a whole number from 1 to 43200, was 0"));
        assertThat(track().sessions()).singleElement().satisfies(s -> assertThat(s).hasSize(1));
        homes.make(edda(), TrackKind.SKILL, 1).post("departures/" + id + "/undo", "{}").andExpect(status().isNotFound());
        home.post("departures/" + id + "/undo", "{}").andExpect(status().isOk());
        assertThat(track().sessions()).isEmpty();
    }

    @Test
    void aDogThatTakesLongToLieDownIsLeftNoLonger() throws Exception {
        String sitting = UUID.randomUUID().toString();
        String one = UUID.randomUUID().toString();
        String two = UUID.randomUUID().toString();
        depart(one, sitting, 20, "");
        depart(two, sitting, 40, "");
        assertThat(track().target()).isEqualTo(50);
        home.post("departures/" + two + "/settled", "{\"seconds\":75}").andExpect(status().isOk());
        page().andExpect(content().string(allOf(containsString("Next: at longest 40\u00a0s"), containsString("over 1\u00a0min to lie down"), containsString("lay down within 1\u00a0min 15\u00a0s in the middle"))));
        home.post("departures/" + one + "/settled", "{\"seconds\":10}");
        assertThat(track().target()).isEqualTo(40);
        home.post("departures/" + two + "/settled", "{\"seconds\":60}");
        assertThat(track().target()).isEqualTo(50);
        home.post("departures/" + two + "/settled", "{\"seconds\":3601}").andExpect(jsonPath("$.error").value("seconds must be a whole number from 0 to 3600, was 3601"));
        homes.make(edda(), TrackKind.SKILL, 1).post("departures/" + two + "/settled", "{\"seconds\":5}").andExpect(status().isNotFound());
        home.post("departures/" + UUID.randomUUID() + "/settled", "{\"seconds\":5}").andExpect(status().isNotFound());
    }

    @Test
    void hoursThatNobodyCoversAreCounted() throws Exception {
        String to = "/households/" + home.id + "/hours";
        page().andExpect(content().string(containsString("Somebody is there at all times")));
        send(to, "weekday", "2", "from", "9:00", "to", "12:30", "cover", "");
        send(to, "weekday", "4", "from", "09:00", "to", "17:00", "cover", "Mrs Aldous");
        page().andExpect(content().string(allOf(containsString("1 gap to fill"), containsString("Tuesday"), containsString("9:00 to 12:30"), containsString("Mrs Aldous"))));
        HoursAway gap = asEdda(() -> departures.hours(edda().practice(), home.id)).get(0);
        send(to + "/" + gap.id() + "/cover", "cover", "A sitter");
        page().andExpect(content().string(containsString("Somebody is there at all times")));
        send(to + "/" + gap.id() + "/remove");
        page().andExpect(content().string(not(containsString("A sitter"))));
        send(to, "weekday", "1", "from", "12:00", "to", "9:00").andExpect(flash().attribute("refusal", containsString("end after they begin, were “12:00” to “9:00”")));
        send(to, "weekday", "1", "from", "noon", "to", "9:00").andExpect(flash().attribute("refusal", containsString("A time must be such as 9:15, was “noon”")));
        Home other = homes.make(edda(), TrackKind.SKILL, 1);
        send("/households/" + other.id + "/hours/" + gap.id() + "/remove").andExpect(status().isNotFound());
    }

    @Test
    void theOwnerTimesDeparturesAndAnUpsetShortensTheNext() throws Exception {
        log("30 s", "");
        try (Browser browser = browser()) {
            Page owner = browser.visitor(360, 640);
            owner.navigate("/o/" + home.token + "/alone");
            owner.waitForSelector("body[data-ready]");
            assertThat(owner.locator("#plan li").nth(3)).hasText("38 s");
            owner.click("#out");
            owner.reload();
            owner.waitForSelector("body[data-ready]");
            owner.click("#calm");
            assertThat(owner.locator("#says")).hasText("Calm. Wait until it rests, then the next.");
            owner.click("#out");
            owner.click("#upset");
            assertThat(owner.locator("#says")).hasText("Enough for today. The next is shorter.");
            assertThat(owner.locator("#out")).isHidden();
            owner.waitForCondition(() -> track().sessions().size() == 2 && track().sessions().get(0).size() == 2);
            owner.reload();
            owner.waitForSelector("body[data-ready]");
            assertThat(owner.locator("#plan li").first()).hasText("1 s");
        }
        assertThat(track().target()).isEqualTo(1);
    }

    @Test
    void whereTheSchoolWaitsForQuietTheSessionGoesOnEasierAndASecondUpsetEndsIt() throws Exception {
        log("30 s", "");
        send("/households/" + home.id + "/method", "RETURN", "RETURN_AT_QUIET");
        try (Browser browser = browser()) {
            Page owner = browser.visitor(360, 640);
            owner.navigate("/o/" + home.token + "/alone");
            owner.waitForSelector("body[data-ready]");
            assertThat(owner.locator("#says")).hasText("Come back while it is quiet.");
            owner.click("#out");
            assertThat(owner.locator("#upset")).containsText("wait for a second of quiet");
            owner.click("#upset");
            assertThat(owner.locator("#says")).hasText("Wait until it rests. The next ones are shorter.");
            assertThat(owner.locator("#plan li").nth(3)).hasText("1 s");
            owner.reload();
            owner.waitForSelector("body[data-ready]");
            assertThat(owner.locator("#plan li").nth(3)).hasText("1 s");
            owner.click("#out");
            owner.click("#upset");
            assertThat(owner.locator("#says")).hasText("Enough for today. The next is shorter.");
            assertThat(owner.locator("#out")).isHidden();
            owner.waitForCondition(() -> track().sessions().size() == 2 && track().sessions().get(0).size() == 2);
        }
    }
}
