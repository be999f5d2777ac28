package cahier.app.rehearse;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import cahier.core.pass.Odds;
import cahier.core.pass.Spread;
import cahier.core.rehearse.Plan;
import java.time.Duration;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A plan walked by made-up dogs: from a track, a template, a household. */
class RehearseTest extends AppTest {

    private Home home;

    @BeforeEach
    void aTrack() {
        home = homes.make(edda(), TrackKind.SKILL, 4);
    }

    @Test
    void aTrackIsWalkedAndSaysWhatItIs() throws Exception {
        open("/tracks/" + home.track + "/rehearse").andExpect(status().isOk()).andExpect(content().string(allOf(containsString("A hundred made-up dogs walk this plan."),
                containsString("Half of the dogs reach the goal within "), containsString("Walked by usual made-up dogs."), containsString("class=\"strand\""), containsString("Step 4"), not(containsString("Changed")))));
        home.practise("ccmcc");
        clock.pass(Duration.ofDays(1));
        home.practise("Marit", "mmcm");
        open("/tracks/" + home.track + "/rehearse").andExpect(content().string(allOf(containsString("made-up dogs like Pim, by its 9 reps"), containsString("only Marit"))));
    }

    @Test
    void whatIsChangedStandsBesideItAndInTheAddress() throws Exception {
        String changed = open("/tracks/" + home.track + "/rehearse?week=3&reps=5&pass=BLOCKS&answers=FORTNIGHTLY&step=split-2").andExpect(status().isOk())
                .andExpect(content().string(allOf(containsString("As it is"), containsString("Changed"), containsString("value=\"3\"")))).andReturn().getResponse().getContentAsString();
        String again = open("/tracks/" + home.track + "/rehearse?week=3&reps=5&pass=BLOCKS&answers=FORTNIGHTLY&step=split-2").andReturn().getResponse().getContentAsString();
        assertThat(drawings(again)).as("the same seed, the same dogs").isEqualTo(drawings(changed)).contains("strand");
        open("/tracks/" + home.track + "/rehearse?week=99&reps=-1&pass=LUCK&answers=NEVER&who=x&step=out-77").andExpect(status().isOk());
        open("/tracks/" + home.track + "/rehearse?step=out-4&week=0").andExpect(content().string(containsString("Changed")));
    }

    @Test
    void aTemplateAndAHouseholdAreWalkedToo() throws Exception {
        open("/shelf/leave-it/rehearse").andExpect(status().isOk()).andExpect(content().string(containsString("Back to the template")));
        open("/shelf/noises/rehearse").andExpect(status().isOk());
        open("/shelf/no-such/rehearse").andExpect(status().isNotFound());
        open("/households/" + home.id + "/rehearse").andExpect(status().isOk()).andExpect(content().string(containsString("/tracks/" + home.track + "/rehearse/line")));
        open("/tracks/" + home.track + "/rehearse/line").andExpect(content().string(containsString("Half of the dogs reach the goal within ")));
    }

    @Test
    void anotherPracticeGetsNothing() throws Exception {
        var stranger = practices.trainerOf("Other Lane Dogs", "Rhea Toll", "rhea@otherlane.example");
        for (String address : new String[] {"/tracks/" + home.track + "/rehearse", "/tracks/" + home.track + "/rehearse/line", "/households/" + home.id + "/rehearse"}) {
            open(stranger, address).andExpect(status().isNotFound());
        }
    }

    @Test
    void whereTheyBeginFollowsTheSteps() {
        Plan four = Plan.even(TrackKind.SKILL, 4, Odds.usual(Spread.NONE), 8);
        assertThat(step("out-1").of(four, true).steps()).hasSize(3);
        assertThat(step("split-3").of(four, true).steps()).hasSize(5).extracting(Plan.Step::level).containsExactly(0.0, 1.0, 1.5, 2.0, 3.0);
        assertThat(step("out-1").from(2)).isEqualTo(1);
        assertThat(step("out-3").from(2)).as("the step it stands on is gone: the one in its place").isEqualTo(2);
        assertThat(step("split-2").from(2)).isEqualTo(3);
        assertThat(step("split-3").from(2)).as("one goes in below the step it stands on: it begins there").isEqualTo(2);
        assertThat(step("split-4").from(2)).isEqualTo(2);
        assertThat(step(null).isNone()).isTrue();
    }

    private static String drawings(String page) {
        return page.substring(page.indexOf("strand"), page.lastIndexOf("</table>"));
    }

    private static Change step(String step) {
        return new Change(null, null, null, null, null, step);
    }
}
