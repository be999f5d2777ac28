package cahier.app.roadmap;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.scope.TrainerUser;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import java.time.Duration;
import java.util.UUID;
import org.hamcrest.Matcher;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** A thing that makes the dog silly is put away from where its misses are seen, and the owners are told. */
class ParkedItemTest extends AppTest {

    @Test
    void theRemedyParksTheThingAndThePhoneAndTheNextSheetSaySoUntilItIsBack() throws Exception {
        TrainerUser orsolya = practices.trainerOf("Reed Fen", "Orsolya Pike", "orsolya@reedfen.example");
        Home home = homes.make(orsolya, TrackKind.SKILL, 2);
        String sitting = UUID.randomUUID().toString();
        for (int i = 0; i < 4; i++) {
            String id = UUID.randomUUID().toString();
            home.sendReps("{\"reps\":[" + Home.rep(id, sitting, home.stepNow(), "MISSED", clock.instant(), "Dele") + "]}").andExpect(status().isOk());
            home.post("reps/" + id + "/detail", "{\"slip\":\"TOO_KEEN_ON_ITEM\"}").andExpect(status().isOk());
        }
        for (String page : new String[]{"/households/" + home.id, "/tracks/" + home.track}) {
            open(orsolya, page).andExpect(content().string(containsString("Park item")));
        }
        phone(home, not(containsString("Put away until")));
        send(orsolya, "/households/" + home.id + "/parked", "item", "the squeaky ball");
        phone(home, containsString(": the squeaky ball."));
        clock.pass(Duration.ofHours(1));
        open(orsolya, "/households/" + home.id + "/homework").andExpect(content().string(containsString(": the squeaky ball.")));
        home.issue();
        phone(home, containsString(": the squeaky ball."));
        int id = homes.number(orsolya, "select max(id) from parked_item where household_id = " + home.id);
        send(orsolya, "/households/" + home.id + "/parked/" + id + "/return");
        phone(home, not(containsString("squeaky ball")));
        send(orsolya, "/households/" + home.id + "/parked", "item", "a rope");
        phone(home, containsString(": a rope."));
        clock.pass(Duration.ofDays(15));
        phone(home, not(containsString("a rope")));
    }

    private void phone(Home home, Matcher<String> says) throws Exception {
        mvc.perform(MockMvcRequestBuilders.get("/o/" + home.token)).andExpect(content().string(says));
    }
}
