package cahier.app.owner;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.matchesPattern;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;

import cahier.app.household.Households;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.track.KeyedPlan;
import cahier.app.track.Track;
import cahier.app.track.Tracks;
import cahier.core.decide.TrackKind;
import cahier.core.gate.Topic;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;

/** What to practise in the minutes an owner has now (docs/rules.md 18). */
class TurnsTest extends AppTest {

    @Autowired
    private Tracks tracks;
    @Autowired
    private Households households;

    private void add(Home home, String title, String template) {
        asEdda(() -> tracks.add(edda().practice(), Track.fresh(edda().practice(), home.id, households.dogs(edda().practice(), home.id).get(0).id(), title, "", "", TrackKind.SKILL, Topic.EVERYDAY, template, ""),
                List.of(KeyedPlan.own(Home.step(title + " one"))), now()));
    }

    private ResultActions today(Home home, int minutes) throws Exception {
        return mvc.perform(get("/o/" + home.token + "?minutes=" + minutes));
    }

    @Test
    void attentionComesFirstTheSurestLastAndTheMinutesAreKept() throws Exception {
        Home home = homes.make(edda(), TrackKind.SKILL, 1);
        add(home, "Look at me", "attention");
        add(home, "Heel", "");
        home.issue();
        home.practise("cccc");
        today(home, 20).andExpect(content().string(matchesPattern("(?s).*<ol class=\"plan-list\">.*Look at me</a>, <span>4 reps.*Heel</a>, <span>\\d reps.*Leave it</a>, <span>8 reps.*</ol>.*")));
        today(home, 2).andExpect(content().string(matchesPattern("(?s).*<ol class=\"plan-list\">\\s*<li><a [^>]*>Leave it</a>, <span>8 reps</span></li>\\s*</ol>.*")));
        today(home, 3).andExpect(content().string(not(containsString("<ol class=\"plan-list\">"))));
        today(home, 0).andExpect(content().string(containsString("aria-label=\"5 minutes now\"")));
    }
}
