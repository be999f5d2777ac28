package cahier.app.settings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.matchesPattern;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.household.Person;
import cahier.app.scope.PracticeScope;
import cahier.app.scope.TrainerUser;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** What is set changes what it says it does. */
class SettingsTest extends AppTest {

    private TrainerUser ode;

    @BeforeEach
    void aPractice() {
        ode = practices.trainerOf("Mere Cottage", "Ode Falk", "ode@merecottage.example");
    }

    private String[] practice(String name, String zone, String lesson, String rhythm) {
        return new String[]{"name", name, "address", "2 Mere Lane", "practicePhone", "", "zone", zone, "lesson", lesson, "travel", "25", "rhythm", rhythm, "reps", "6", "sessions", "4"};
    }

    @Test
    void whatIsUsualStandsInNewLessonsAndSteps() throws Exception {
        Home home = homes.make(ode, TrackKind.SKILL, 0);
        send(ode, "/settings/practice", practice("Mere Cottage", "Europe/Lisbon", "75", "10")).andExpect(redirectedUrl("/settings"));
        open(ode, "/settings").andExpect(content().string(containsString("value=\"Europe/Lisbon\""))).andExpect(content().string(containsString("2 Mere Lane")));
        open(ode, "/households/new").andExpect(content().string(containsString("value=\"Europe/Lisbon\"")));
        open(ode, "/households/" + home.id + "?facts=lessons").andExpect(content().string(containsString("value=\"75\""))).andExpect(content().string(containsString("value=\"25\"")));
        send(ode, "/households/" + home.id + "/lessons", "id", "0", "version", "0", "startsAt", "2026-12-01T10:00", "minutes", "60");
        open(ode, "/households/" + home.id + "?facts=lessons").andExpect(content().string(containsString("value=\"2026-12-11T10:00\"")));
        open(ode, "/tracks/" + home.track + "/steps/new").andExpect(content().string(containsString("name=\"reps\" value=\"6\""))).andExpect(content().string(containsString("name=\"sessions\" value=\"4\"")));
        mvc.perform(MockMvcRequestBuilders.get("/o/" + home.token + "/privacy")).andExpect(content().string(containsString("2 Mere Lane")));
        open(ode, "/account").andExpect(content().string(containsString("changed the settings")));
    }

    @Test
    void thePassRuleOfThePracticeStandsInNewStepsOfHouseholdsThatChoseNothing() throws Exception {
        Home home = homes.make(ode, TrackKind.SKILL, 0);
        Home chose = homes.make(ode, TrackKind.SKILL, 0);
        send(ode, "/households/" + chose.id + "/method", "PASS", "PASS_BLOCKS");
        send(ode, "/settings/method", "PASS", "PASS_ODDS", "WHO_MOVES_ON", "nobody").andExpect(redirectedUrl("/settings/method"));
        open(ode, "/settings/method").andExpect(content().string(matchesPattern("(?s).*value=\"PASS_ODDS\"\\s+checked.*"))).andExpect(content().string(matchesPattern("(?s).*value=\"TRAINER_MOVES_ON\"\\s+checked.*")));
        open(ode, "/tracks/" + home.track + "/steps/new").andExpect(content().string(matchesPattern("(?s).*value=\"ODDS\"\\s+selected.*")));
        open(ode, "/tracks/" + chose.track + "/steps/new").andExpect(content().string(matchesPattern("(?s).*value=\"BLOCKS\"\\s+selected.*")));
    }

    @Test
    void whatCannotBeIsSaidBesideItsFieldAndNothingTypedIsLost() throws Exception {
        send(ode, "/settings/practice", practice("", "Nowhere/Land", "500", "0")).andExpect(status().isOk()).andExpect(content().string(containsString("must be a time zone such as Europe/London, was “Nowhere/Land”")))
                .andExpect(content().string(containsString("must be a whole number from 15 to 240, was “500”"))).andExpect(content().string(containsString("value=\"Nowhere/Land\"")))
                .andExpect(content().string(containsString("2 Mere Lane")));
        send(ode, "/settings/practice", "country", "XX", "practicePhone", "soon").andExpect(content().string(containsString("must be the two letters of a country such as GB, was “XX”")))
                .andExpect(content().string(containsString("must begin with + and the country, such as +44 20 7946 0123, was “soon”")));
    }

    @Test
    void aMailToTryGoesToTheTrainer() throws Exception {
        send(ode, "/settings/try-mail").andExpect(redirectedUrl("/settings")).andExpect(flash().attribute("said", "A mail to ode@merecottage.example is on its way. The outbox says whether it went."));
        assertThat(homes.number(ode, "select count(*) from mail where kind = 'TRIED' and to_address = 'ode@merecottage.example'")).isEqualTo(1);
        open(ode, "/outbox").andExpect(content().string(containsString("Mail from Cahier arrives")));
        for (String fixed : new String[]{"TRIED", "PASSWORD"}) {
            open(ode, "/outbox/texts/" + fixed).andExpect(status().isNotFound());
            send(ode, "/outbox/texts/" + fixed, "subject", "x", "body", "Go elsewhere").andExpect(status().isNotFound());
        }
    }

    @Test
    void aChildsNameIsKeptOnlyWhereAnAdultAgreed() throws Exception {
        Home home = homes.make(ode, TrackKind.SKILL, 0);
        String adult = Long.toString(home.facts().people().get(0).id());
        String people = "/households/" + home.id + "/people";
        send(ode, people, "id", "0", "version", "0", "name", "Ivo", "age", "9", "mayHandle", "on", "adult", adult).andExpect(status().isOk())
                .andExpect(content().string(containsString("must be ticked for anyone under 18"))).andExpect(content().string(containsString("value=\"Ivo\"")));
        send(ode, people, "id", "0", "version", "0", "name", "Ivo", "age", "9", "mayHandle", "on", "adult", adult, "consent", "on").andExpect(status().is3xxRedirection());
        Person ivo = home.facts().people().stream().filter(p -> p.name().equals("Ivo")).findFirst().orElseThrow();
        assertThat(ivo.consented()).isTrue();
        assertThat(homes.number(ode, "select count(*) from person where consented_at is not null and id = " + ivo.id())).isEqualTo(1);
        send(ode, people, "id", "0", "version", "0", "name", "Greta", "age", "44").andExpect(status().is3xxRedirection());
    }

    @Test
    void whoDidWhatOfAHouseholdIsForItsPracticeToRead() throws Exception {
        Home home = homes.make(ode, TrackKind.SKILL, 3);
        home.practise("ccccc");
        PracticeScope.within(ode.practice(), home::accept);
        send(ode, "/households/" + home.id + "/close");
        open(ode, "/households/" + home.id + "/history").andExpect(content().string(containsString("sent homework 1"))).andExpect(content().string(containsString("accepted a suggestion: Leave it")))
                .andExpect(content().string(containsString("Ode Falk closed the household"))).andExpect(content().string(containsString("made the owners’ link"))).andExpect(content().string(not(containsString("Nothing yet."))));
        open(edda(), "/households/" + home.id + "/history").andExpect(status().isNotFound());
    }
}
