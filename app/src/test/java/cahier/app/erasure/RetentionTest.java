package cahier.app.erasure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.scope.TrainerUser;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** What is older than a practice keeps goes by itself; until it says so nothing does. */
class RetentionTest extends AppTest {

    private static final Duration YEAR_AND_A_BIT = Duration.ofDays(380);

    @Autowired
    private Retention retention;

    private int count(TrainerUser trainer, Home home, String table) {
        return homes.number(trainer, "select count(*) from " + table + " where household_id = " + home.id);
    }

    @Test
    void repsGoAfterTheTimeAndTheFiguresOfEachDayStay() throws Exception {
        TrainerUser odd = practices.trainerOf("Flint Row", "Odd Sorley", "odd@flintrow.example");
        Home home = homes.make(odd, TrackKind.SKILL, 2);
        home.practise("Marit", "cchm");
        int days = count(odd, home, "practice_day");
        clock.pass(YEAR_AND_A_BIT);
        home.practise("Marit", "cc");
        retention.round();
        assertThat(count(odd, home, "rep")).as("kept for good").isEqualTo(6);

        send(odd, "/settings/keeping", "reps", "11").andExpect(status().isOk()).andExpect(content().string(containsString("must be a whole number from 12 to 120, was “11”")));
        send(odd, "/settings/keeping", "reps", "12", "mail", "1").andExpect(redirectedUrl("/settings/keeping"));
        open(odd, "/settings/keeping").andExpect(content().string(containsString("value=\"12\"")));
        mvc.perform(MockMvcRequestBuilders.get("/o/" + home.token + "/privacy")).andExpect(content().string(containsString("What you tap: 12 months.")))
                .andExpect(content().string(containsString("Mail: 1 month.")));
        retention.round();
        assertThat(count(odd, home, "rep")).isEqualTo(2);
        assertThat(count(odd, home, "practice_day")).as("the figures").isEqualTo(days + 1);
        open(odd, "/account").andExpect(content().string(containsString("let go what was older than is kept")));
        open(odd, "/tracks/" + home.track).andExpect(status().isOk());
        open(odd, "/households/" + home.id).andExpect(status().isOk());
        send(odd, "/settings/keeping", "reps", "").andExpect(redirectedUrl("/settings/keeping"));
        clock.pass(YEAR_AND_A_BIT);
        retention.round();
        assertThat(count(odd, home, "rep")).isEqualTo(2);
    }

    @Test
    void notesOnHealthGoWithADogThatIsGoneOrAHouseholdThatIsClosed() throws Exception {
        TrainerUser odd = practices.trainerOf("Flint Row", "Odd Sorley", "odd@flintrow.example");
        Home home = homes.make(odd, TrackKind.SKILL, 2);
        long dog = home.facts().dogs().get(0).id();
        homes.change(odd, "insert into dog_care (dog_id, practice_id, household_id, health, fears) values (" + dog + ", " + odd.practice().value() + ", " + home.id + ", 'A bad hip', 'Vans')");
        send(odd, "/settings/keeping", "health", "12");
        clock.pass(YEAR_AND_A_BIT);
        retention.round();
        assertThat(homes.number(odd, "select count(*) from dog_care where health <> '' and dog_id = " + dog)).as("while it is there").isEqualTo(1);
        send(odd, "/households/" + home.id + "/close");
        retention.round();
        assertThat(homes.number(odd, "select count(*) from dog_care where health <> '' and dog_id = " + dog)).as("not yet").isEqualTo(1);
        clock.pass(YEAR_AND_A_BIT);
        retention.round();
        assertThat(homes.number(odd, "select count(*) from dog_care where health || fears <> '' and dog_id = " + dog)).isZero();
        send(odd, "/settings/keeping", "health", "");
    }
}
