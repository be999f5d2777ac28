package cahier.app.progress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.Decision;
import cahier.core.decide.TrackKind;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What an owner sees of the way so far: honest about step backs, and what is still to come at the least. */
class ProgressTest extends AppTest {

    @Autowired
    private Progress progress;

    private List<Progress.OfTrack> of(Home home) {
        return asEdda(() -> progress.of(edda().practice(), home.id, now()));
    }

    @Test
    void theOwnerSeesStepBacksRepsByPersonAndTheLeastThatIsLeft() throws Exception {
        Home home = homes.make(edda(), TrackKind.SKILL, 3);
        assertThat(of(home).get(0).words()).isEqualTo("Step 1 of 3.");
        assertThat(of(home).get(0).who()).isEqualTo("No reps yet. How far it is shows once you practise.");
        assertThat(of(home).get(0).when()).as("no date out of nothing").isEmpty();
        home.practise("ccccc");
        home.accept();
        home.issue();
        clock.pass(Duration.ofHours(4));
        home.practise("Marit", "cm");
        home.overrule(Decision.BACK);
        assertThat(of(home).get(0).words()).isEqualTo("Step 1 of 3. Once a step back, which is part of it. At least 15 more clean reps to the goal.");
        assertThat(of(home).get(0).who()).isEqualTo("In the last two weeks: Dele 5, Marit 2 reps.");
        mvc.perform(get("/o/" + home.token + "/progress")).andExpect(status().isOk()).andExpect(content().string(allOf(containsString("Once a step back"), containsString("Leave it"))));
        mvc.perform(get("/o/no-such-link/progress")).andExpect(status().isNotFound());
    }

    @Test
    void withoutATrackThePageSaysWhatItIsFor() throws Exception {
        Home home = homes.make(edda(), TrackKind.SKILL, 0);
        mvc.perform(get("/o/" + home.token + "/progress")).andExpect(content().string(containsString("It grows with the first reps.")));
    }
}
