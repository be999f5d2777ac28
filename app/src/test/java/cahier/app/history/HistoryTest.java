package cahier.app.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.scope.TrainerUser;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Who did what, and who looked: a line a day, in pages, for the practice alone. */
class HistoryTest extends AppTest {

    @Autowired
    private WhoLooked looks;

    @Test
    void looksAreCountedToTheDayAndSurviveARoundThatFails() throws Exception {
        TrainerUser orsolya = practices.trainerOf("Reed Fen", "Orsolya Pike", "orsolya@reedfen.example");
        Home home = homes.make(orsolya, TrackKind.SKILL, 2);
        String page = "/households/" + home.id + "/looks";
        open(orsolya, page).andExpect(content().string(containsString("Nothing yet.")));
        open(orsolya, "/tracks/" + home.track);
        open(orsolya, "/households/" + home.id + "/nothing-of-that-name").andExpect(status().isNotFound());
        looks.round();
        open(orsolya, page).andExpect(content().string(containsString("Orsolya opened 2 pages")));
        clock.pass(Duration.ofDays(1));
        looks.round();
        open(orsolya, page).andExpect(content().string(containsString("Orsolya opened 3 pages")));
        looks.round();
        open(orsolya, page).andExpect(content().string(containsString("Orsolya opened 3 pages"))).andExpect(content().string(containsString("Orsolya opened 1 page<")));
    }

    /** The table says it of itself: whichever page writes, in whichever way. */
    @Test
    void whoChangedTheBookIsNamedAndOnlyOnceAnAct() throws Exception {
        TrainerUser orsolya = practices.trainerOf("Reed Fen", "Orsolya Pike", "orsolya@reedfen.example");
        Home home = homes.make(orsolya, TrackKind.SKILL, 2);
        String page = "/households/" + home.id + "/history";
        clock.pass(Duration.ofMinutes(1));
        send(orsolya, "/households/" + home.id + "/places", "id", "0", "version", "0", "name", "Boathouse", "difficulty", "3").andExpect(status().is3xxRedirection());
        open(orsolya, page).andExpect(content().string(containsString("Orsolya added a place: Boathouse")));
        send(orsolya, "/households/" + home.id + "/lessons", "id", "0", "version", "0", "startsAt", "2026-07-06T10:00", "minutes", "60", "sure", "2026-07-06T10:00").andExpect(status().is3xxRedirection());
        open(orsolya, page).andExpect(content().string(containsString("Orsolya planned a lesson: Monday 6 July")));
        homes.change(orsolya, "update step set how = 'With the door shut.' where track_id = " + home.track);
        open(orsolya, page).andExpect(content().string(not(containsString("changed the steps"))));
        send(orsolya, "/steps/" + home.stepNow() + "/move", "by", "1").andExpect(status().is3xxRedirection());
        open(orsolya, page).andExpect(content().string(containsString("Orsolya changed the steps: ")));
        assertThat(homes.number(orsolya, "select count(*) from edit where what = 'STEPS_CHANGED' and household_id = " + home.id)).as("two rows moved, one act").isEqualTo(1);
        open(imre(), page).andExpect(status().isNotFound());
    }

    @Test
    void theNeighbourSeesNoneOfItAndIsNotNoted() throws Exception {
        TrainerUser orsolya = practices.trainerOf("Reed Fen", "Orsolya Pike", "orsolya@reedfen.example");
        long theirs = homes.bareWithin(orsolya);
        open(imre(), "/households/" + theirs + "/looks").andExpect(status().isNotFound());
        open(imre(), "/households/" + theirs + "/history").andExpect(status().isNotFound());
        looks.round();
        open(orsolya, "/households/" + theirs + "/looks").andExpect(content().string(not(containsString("Imre"))));
    }

    @Test
    void longListsComeInPagesAndNothingIsOutOfReach() throws Exception {
        TrainerUser orsolya = practices.trainerOf("Reed Fen", "Orsolya Pike", "orsolya@reedfen.example");
        long id = homes.bareWithin(orsolya);
        homes.change(orsolya, "insert into audit (practice_id, household_id, at, who, what, note) select " + orsolya.practice() + ", " + id
                + ", now() - make_interval(mins => n), 'Nr ' || n || '.', 'LINK_MADE', '' from generate_series(1, 101) n");
        for (String list : new String[]{"/households/" + id + "/history", "/account"}) {
            open(orsolya, list).andExpect(content().string(containsString("Nr 1. "))).andExpect(content().string(not(containsString("Nr 60. ")))).andExpect(content().string(containsString("?page=2")));
            open(orsolya, list + "?page=2").andExpect(content().string(containsString("Nr 60. "))).andExpect(content().string(not(containsString("Nr 1. "))));
            open(orsolya, list + "?page=3").andExpect(content().string(containsString("Nr 101. "))).andExpect(content().string(not(containsString("?page=4"))));
        }
        open(orsolya, "/households/" + id + "/history?page=400000000").andExpect(status().isOk()).andExpect(content().string(containsString("Nothing older.")));
        open(orsolya, "/households/" + id + "/history?page=-3").andExpect(status().isOk()).andExpect(content().string(containsString("Nr 1. ")));
        open(orsolya, "/households/" + id + "/history?page=two").andExpect(status().isBadRequest());
    }
}
