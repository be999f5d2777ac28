package cahier.app.owner;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.gate.Gates;
import cahier.app.household.Person;
import cahier.app.paper.Paper;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import cahier.core.gate.RedFlag;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;

/** Somebody under 16 practises only while a named adult is there, and some of it not at all; what is tapped all the same is kept and shown. */
class ChildrenTest extends AppTest {

    @Autowired
    private Gates gates;
    @Autowired
    private Paper paper;
    private Home home;

    @BeforeEach
    void makeHome() throws Exception {
        home = homes.make(edda(), TrackKind.SKILL, 2);
        child("").andExpect(content().string(containsString("must name the adult who is there, or untick “Practises with the dog”: under 16 nobody practises alone, was age 9")));
        assertThat(home.facts().people()).hasSize(2);
        child(Long.toString(person("Marit").id())).andExpect(status().is3xxRedirection());
    }

    private ResultActions child(String adult) throws Exception {
        return send("/households/" + home.id + "/people", "id", "0", "version", "0", "name", "Noor", "consent", "on", "age", "9", "mayHandle", "on", "adult", adult);
    }

    private Person person(String name) {
        return home.facts().people().stream().filter(p -> p.name().equals(name)).findFirst().orElseThrow();
    }

    private ResultActions tap(Instant at, String more) throws Exception {
        return home.sendReps("{\"reps\":[{\"id\":\"%s\",\"sessionId\":\"%s\",\"stepId\":%d,\"outcome\":\"CLEAN\",\"at\":\"%s\",\"person\":\"Noor\"%s}]}"
                .formatted(UUID.randomUUID(), UUID.randomUUID(), home.stepNow(), at, more));
    }

    private int count(String sql) {
        return homes.number(edda(), sql.formatted(home.id));
    }

    private void book(String says, String saysNot) throws Exception {
        open("/households/" + home.id).andExpect(content().string(allOf(containsString(says), not(containsString(saysNot)))));
    }

    @Test
    void aChildsRepNamesTheAdultWhoWasThere() throws Exception {
        tap(now(), ",\"adult\":\"Marit\"").andExpect(jsonPath("$.stored").value(1)).andExpect(jsonPath("$.rests").doesNotExist());
        assertThat(count("select count(*) from rep r join person p on p.id = r.adult_id where r.household_id = %d and p.name = 'Marit'")).isEqualTo(1);
        book("Leave it", "Tapped all the same");
        tap(now(), ",\"adult\":\"Noor\"").andExpect(status().isBadRequest()).andExpect(jsonPath("$.error").value("reps[0].adult must be an adult of this household, or left out, was \"Noor\""));
    }

    @Test
    void withoutAnAdultItIsKeptMarkedAndShownAlsoWhenItComesLate() throws Exception {
        tap(now().minus(Duration.ofDays(3)), "").andExpect(jsonPath("$.stored").value(1)).andExpect(jsonPath("$.rests").value("An adult must be there. Tap who it is."));
        assertThat(count("select count(*) from rep where household_id = %d")).isEqualTo(1);
        assertThat(count("select count(*) from tap_mark where household_id = %d and why = 'ADULT_MISSING'")).isEqualTo(1);
        book("Leave it with Pim: 1 tap by Noor, by a child, with no adult named.", "for grown-ups");
    }

    @Test
    void fearWorkAndADogWithAFlagAboutPeopleAreForGrownUps() throws Exception {
        String page = "/o/" + home.token + "/practice/" + home.stepNow();
        mvc.perform(get(page)).andExpect(content().string(allOf(containsString("Noor (9)"), containsString("An adult must be there. Tap who it is."))));
        send("/tracks/" + home.track, "version", "0", "title", "Leave it", "kind", "COMFORT", "topic", "HANDLING", "staleDays", "7", "movesOn", "TRAINER").andExpect(status().is3xxRedirection());
        mvc.perform(get(page)).andExpect(content().string(allOf(containsString("Marit"), not(containsString("Noor")))));
        tap(now(), ",\"adult\":\"Marit\"").andExpect(jsonPath("$.rests").value("This one is for grown-ups."));
        book("Leave it with Pim: 1 tap by Noor, by a child, and it is for grown-ups.", "no adult named");
        for (String beside : new String[] {"/met", "/watch", "/out"}) {
            mvc.perform(get("/o/" + home.token + beside)).andExpect(status().isOk()).andExpect(content().string(not(containsString("Noor"))));
        }

        send("/tracks/" + home.track, "version", "1", "title", "Leave it", "kind", "SKILL", "topic", "EVERYDAY", "staleDays", "7", "movesOn", "TRAINER").andExpect(status().is3xxRedirection());
        mvc.perform(get(page)).andExpect(content().string(containsString("Noor (9)")));
        asEdda(() -> {
            gates.raise(edda(), home.id, home.facts().dogs().get(0).id(), RedFlag.CHILD_THREATENED, "Growled at Noor", now());
            return null;
        });
        mvc.perform(get(page)).andExpect(content().string(not(containsString("Noor"))));
    }

    @Test
    void aChildsExposureIsKeptAndMarked() throws Exception {
        home.post("exposures", "{\"id\":\"%s\",\"dog\":\"%d\",\"kind\":\"DOG\",\"far\":20,\"unit\":\"M\",\"response\":\"UNPROMPTED\",\"person\":\"%d\",\"at\":\"%s\"}"
                .formatted(UUID.randomUUID(), home.facts().dogs().get(0).id(), person("Noor").id(), now())).andExpect(status().isOk());
        assertThat(count("select count(*) from exposure where household_id = %d")).isEqualTo(1);
        book("What came with Pim: 1 tap by Noor, by a child, and it is for grown-ups.", "no adult named");
    }

    @Test
    void theSheetNamesTheAdult() throws Exception {
        home.issue();
        long sheet = homes.number(edda(), "select max(id)::int from homework where household_id = " + home.id);
        open("/sheets/" + sheet).andExpect(content().string(containsString("Dele, Marit, Noor (9) with Marit.")));
        assertThat(asEdda(() -> paper.sheet(edda().practice(), sheet, "http://x")).people()).isEqualTo("Dele, Marit, Noor (9) with Marit");
    }
}
