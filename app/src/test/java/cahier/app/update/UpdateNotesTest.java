package cahier.app.update;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.scope.TrainerUser;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.support.Postgres;
import cahier.core.decide.TrackKind;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.JdbcTemplate;

class UpdateNotesTest extends AppTest {

    @Value("${spring.datasource.url}")
    private String url;

    @Test
    void whatAnUpdateCouldNotMendStandsOnTheDeskUntilItIsSeen() throws Exception {
        TrainerUser trainer = practices.trainerOf("Long Meadow Lessons", "Orla Finn", "orla@longmeadow.example");
        Home home = homes.make(trainer, TrackKind.SKILL, 2);
        long id = new JdbcTemplate(Postgres.superuserOf(url)).queryForObject("insert into update_note (practice_id, household_id, words) values (?, ?, 'Garden is out of doors now.') returning id",
                Long.class, Long.parseLong(trainer.practice().toString()), home.id);
        open(trainer, "/").andExpect(content().string(containsString("one thing to look at")));
        open(trainer, "/update-notes").andExpect(content().string(containsString("Garden is out of doors now.")));
        open("/update-notes").andExpect(content().string(not(containsString("Garden is out of doors now."))));
        send(edda(), "/update-notes/" + id + "/seen").andExpect(status().isNotFound());
        send(trainer, "/update-notes/" + id + "/seen").andExpect(redirectedUrl("/update-notes"));
        send(trainer, "/update-notes/" + id + "/seen").andExpect(redirectedUrl("/update-notes"));
        open(trainer, "/").andExpect(content().string(not(containsString("Cahier was updated"))));
        open(trainer, "/update-notes").andExpect(content().string(containsString("You have seen everything.")));
    }
}
