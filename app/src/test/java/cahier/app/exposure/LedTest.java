package cahier.app.exposure;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import cahier.core.exposure.NextDistance;
import cahier.core.exposure.Steepness;
import cahier.core.exposure.WorkingDistance;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A distance that the estimate leads, what is learnt of how sharply dogs turn, and where a dog works however long ago that was set. */
class LedTest extends AppTest {

    @Autowired
    private Exposures exposures;
    @Autowired
    private SteepnessRound steepness;
    private Home home;
    private long dog;

    @BeforeEach
    void makeHome() {
        home = homes.make(edda(), TrackKind.COMFORT, 1);
        dog = home.facts().dogs().get(0).id();
    }

    private void meet(Home at, double metres, String... responses) throws Exception {
        long who = at.facts().dogs().get(0).id();
        for (String response : responses) {
            clock.pass(Duration.ofSeconds(30));
            at.post("exposures", "{\"id\":\"%s\",\"dog\":\"%d\",\"kind\":\"DOG\",\"far\":%s,\"unit\":\"M\",\"response\":\"%s\",\"at\":\"%s\"}".formatted(UUID.randomUUID(), who, metres, response, now())).andExpect(status().isOk());
        }
    }

    private void set(String metres, String... more) throws Exception {
        String[] form = {"dog", Long.toString(dog), "kind", "DOG", "metres", metres};
        send("/households/" + home.id + "/distances", Stream.concat(Stream.of(form), Stream.of(more)).toArray(String[]::new)).andExpect(status().isFound());
    }

    private Reading reading() {
        List<Reading> all = asEdda(() -> exposures.of(edda().practice(), home.id, now()));
        assertThat(all).hasSize(1);
        return all.get(0);
    }

    @Test
    void whereItWorksDoesNotFadeWithTheMonths() throws Exception {
        set("30 m");
        meet(home, 30, "UNPROMPTED", "UNPROMPTED", "UNPROMPTED", "UNPROMPTED", "UNPROMPTED");
        assertThat(reading().set().getAsDouble()).isEqualTo(28.5);
        clock.pass(Duration.ofDays(120));
        meet(home, 28.5, "UNPROMPTED");
        assertThat(reading().set().getAsDouble()).as("as the answers of four months ago left it").isEqualTo(28.5);
        assertThat(reading().moving().orElseThrow().since()).hasSize(1);
    }

    @Test
    void theEstimateLeadsWhereTheTrainerSaysSo() throws Exception {
        meet(home, 20, "UNPROMPTED", "UNPROMPTED", "UNPROMPTED", "UNPROMPTED");
        set("20 m", "closer", "LED");
        meet(home, 20, "UNPROMPTED", "UNPROMPTED");
        assertThat(reading().set().getAsDouble()).isEqualTo(20);
        meet(home, 20, "UNPROMPTED");
        assertThat(reading().set().getAsDouble()).as("an eighth at most").isEqualTo(17.6);
        assertThat(reading().moving().orElseThrow().last()).isEqualTo(NextDistance.Verdict.CLOSER);
        open("/households/" + home.id + "/distances").andExpect(content().string(allOf(containsString("Looked back by itself three times in a row: closer."), containsString("After every third the estimate leads closer"), containsString("It leads"))));
        set("18 m");
        assertThat(reading().led()).as("what is left empty stays").isPresent();
        set("18 m", "step", "1 m");
        assertThat(reading().led()).as("a step of their own ends it").isEmpty();
        set("18 m", "closer", "LED");
        assertThat(reading().led()).isPresent();
        send("/households/" + home.id + "/distances", "dog", Long.toString(dog), "kind", "DOG", "metres", "18 m", "closer", "LED", "step", "1 m")
                .andExpect(flash().attribute("refusal", containsString("must have no step of its own while the estimate leads, was 1 m")));
        set("18 m", "closer", "STEPS");
        assertThat(reading().led()).isEmpty();
        assertThat(reading().run()).isEqualTo(5);
    }

    /** With paces and feet, over a turn for the worse and back: the phone and the server must come to the same. */
    @Test
    void thePhoneGoesWhereTheServerGoesAlsoWithoutSignal() throws Exception {
        meet(home, 20, "UNPROMPTED", "REACTED", "UNPROMPTED", "PROMPTED", "UNPROMPTED");
        meet(home, 14, "STARED", "REACTED");
        set("24 m", "closer", "LED");
        try (Browser browser = browser().expecting("ERR_INTERNET_DISCONNECTED")) {
            Page owner = browser.visitor(390, 844);
            owner.navigate("/o/" + home.token + "/met");
            owner.waitForSelector("body[data-ready]");
            owner.getByText("Dog", new Page.GetByTextOptions().setExact(true)).first().click();
            owner.context().setOffline(true);
            for (String unit : List.of("M", "FT", "PACES")) {
                owner.fill("#far", unit.equals("M") ? "24" : unit.equals("FT") ? "70" : "26");
                owner.locator("input[name=unit][value=" + unit + "] + span").click();
                for (int i = 0; i < 3; i++) {
                    clock.pass(Duration.ofSeconds(5));
                    owner.locator("[data-response=UNPROMPTED]").click();
                }
            }
            owner.locator("[data-response=REACTED]").click();
            owner.click("#undo");
            String phone = owner.locator("[data-now] .num").textContent();
            assertThat(phone).isEqualTo("18.8\u00a0m (62\u00a0ft)");
            owner.context().setOffline(false);
            owner.reload();
            owner.waitForSelector("body[data-ready]");
            owner.waitForCondition(() -> homes.number(edda(), "select count(*) from exposure where undone_at is null and household_id = " + home.id) == 16);
            owner.waitForCondition(() -> homes.number(edda(), "select count(*) from exposure where undone_at is not null and household_id = " + home.id) == 1);
            owner.reload();
            owner.waitForSelector("body[data-ready]");
            assertThat(owner.locator("[data-now] .num")).hasText(phone);
        }
    }

    @Test
    void howSharplyDogsTurnIsLearntFromThoseOfThePractice() throws Exception {
        for (int i = 0; i < Steepness.FEWEST_DOGS; i++) {
            Home one = i == 0 ? home : homes.make(edda(), TrackKind.COMFORT, 1);
            meet(one, 21, "UNPROMPTED", "UNPROMPTED", "PROMPTED", "UNPROMPTED");
            meet(one, 19, "STARED", "REACTED", "STARED", "STARED");
        }
        steepness.round();
        Steepness learnt = asEdda(() -> exposures.usual(edda().practice()));
        assertThat(learnt.dogs()).isGreaterThanOrEqualTo(Steepness.FEWEST_DOGS);
        open("/households/" + home.id + "/distances").andExpect(content().string(containsString("How sharply a dog turns is taken from " + learnt.dogs() + " dogs of yours")));
        assertThat(reading().estimate()).as("what is shown goes by it").isEqualTo(WorkingDistance.of(reading().estimate().exposures(), learnt));
        set("20 m", "closer", "LED");
        assertThat(reading().led()).as("and what leads").contains(new Steepness(learnt.median(), learnt.sd(), 0));
        mvc.perform(get("/o/" + home.token + "/met")).andExpect(content().string(containsString("data-led=\"" + learnt.median() + "," + learnt.sd() + "\"")));
    }

    /** In the figures of docs/rules.md 9 and 39. */
    @Test
    void whatItCostsIsSaidWhereItIsChosen() throws IOException {
        List<String> rules = Files.readAllLines(Path.of("..", "docs", "rules.md"));
        String[] led = cells(rules, "| 40, led by the estimate |");
        String[] usual = cells(rules, "| 40, as it comes closer by itself |");
        String[] wayLed = cells(rules, "| both at once, led by the estimate |");
        String[] way = cells(rules, "| both at once |");
        assertThat(WorkAt.How.LED.cost()).contains("for " + led[3] + " of dogs instead of " + usual[3], led[6] + " looks in 100 went over threshold instead of " + usual[6],
                "over threshold " + Math.round(Double.parseDouble(wayLed[6])) + " times instead of " + Math.round(Double.parseDouble(way[6])));
        assertThat(Integer.parseInt(wayLed[2])).as("no sooner").isGreaterThanOrEqualTo(Integer.parseInt(way[2]));
    }

    private static String[] cells(List<String> rules, String row) {
        return rules.stream().filter(l -> l.startsWith(row)).findFirst().orElseThrow().split(" ?\\| ?");
    }
}
