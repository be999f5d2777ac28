package cahier.app.owner;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.log.KeptRep;
import cahier.app.log.RepLog;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.Decision;
import cahier.core.decide.TrackKind;
import cahier.core.rep.Outcome;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;

/** A session that was tallied on paper is typed in on one screen. */
class PaperTest extends AppTest {

    @Autowired
    private RepLog log;

    private Home home;
    private String today;

    @BeforeEach
    void home() {
        home = homes.make(edda(), TrackKind.SKILL, 2);
        today = now().atZone(home.facts().household().zone()).toLocalDate().toString();
    }

    private ResultActions type(String... fields) throws Exception {
        var request = post("/o/" + home.token + "/paper/" + home.stepNow());
        for (int i = 0; i < fields.length; i += 2) {
            request.param(fields[i], fields[i + 1]);
        }
        return mvc.perform(request);
    }

    private List<Outcome> kept() {
        List<Outcome> outcomes = new ArrayList<>(asEdda(() -> log.latestOfTrack(edda().practice(), home.track, 50)).stream().map(KeptRep::outcome).toList());
        Collections.reverse(outcomes);
        return outcomes;
    }

    @Test
    void inOrderItIsJudgedLikeAnyOtherSessionAndSentTwiceItIsOne() throws Exception {
        String dele = Long.toString(home.facts().people().get(0).id());
        String[] form = {"sitting", UUID.randomUUID().toString(), "date", today, "time", "23:59", "person", dele, "order", "M C C, C c c"};
        type(form).andExpect(redirectedUrl("/o/" + home.token));
        type(form).andExpect(redirectedUrl("/o/" + home.token));
        assertThat(kept()).containsExactly(Outcome.MISSED, Outcome.CLEAN, Outcome.CLEAN, Outcome.CLEAN, Outcome.CLEAN, Outcome.CLEAN);
        assertThat(home.suggestion().suggested()).isEqualTo(Decision.UP);
        assertThat(asEdda(() -> log.latestOfTrack(edda().practice(), home.track, 1)).get(0).happenedAt()).isBefore(now());
    }

    @Test
    void countsAloneMakeNoRun() throws Exception {
        type("date", today, "time", "00:05", "clean", "8", "missed", "2").andExpect(redirectedUrl("/o/" + home.token));
        assertThat(kept()).hasSize(10);
        assertThat(home.suggestion().suggested()).isEqualTo(Decision.STAY);
    }

    @Test
    void whatDoesNotFitIsSaidBesideItsFieldAndNothingIsLost() throws Exception {
        type("date", "2090-01-01", "time", "noon", "order", "ccx").andExpect(status().isOk()).andExpect(content().string(allOf(
                containsString("must be today or earlier, was “2090-01-01”"), containsString("must be a time such as 18:10, was “noon”"),
                containsString("must be letters c, h, m and t, was “x”"), containsString("value=\"ccx\""))));
        type("date", today, "time", "10:00", "clean", "many").andExpect(content().string(containsString("must be a whole number from 0 to 100, was “many”")));
        type("date", today, "time", "10:00").andExpect(content().string(containsString("must have a rep: type letters, or counts")));
        assertThat(kept()).isEmpty();
        mvc.perform(get("/o/" + home.token + "/paper/" + home.stepNow())).andExpect(status().isOk());
        mvc.perform(get("/o/" + home.token + "/paper/0")).andExpect(status().isNotFound());
    }
}
