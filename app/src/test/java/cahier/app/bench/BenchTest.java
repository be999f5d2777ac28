package cahier.app.bench;

import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;

import cahier.app.support.AppTest;
import org.junit.jupiter.api.Test;

/** Set-ups from their address. */
class BenchTest extends AppTest {

    @Test
    void aGapThatIsTooShortSaysWhatToChange() throws Exception {
        open("/bench").andExpect(redirectedUrl("/bench/sight-line"));
        open("/bench/sight-line").andExpect(content().string(allOf(containsString("m seen"), containsString("value=\"20\""))));
        open("/bench/sight-line?path=20&pieces=3&pace=WALKING&lead=2&from1=-40&to1=-2&at1=10&from2=2&to2=40&at2=10").andExpect(content().string(allOf(
                containsString("Too short"), containsString("5.7 s in view, 6.5 s needed for 3 pieces."), containsString("Or pay 2 pieces"), containsString("8 m seen"), containsString("Nobody inside 3\u00a0m"))));
        open("/bench/sight-line?path=20&pieces=3&pace=WALKING&lead=2&from1=-40&to1=40&at1=10").andExpect(content().string(allOf(containsString("The path is hidden"), not(containsString("It appears near")))));
        open("/bench/sight-line?path=20&pieces=1&pace=WALKING&lead=2").andExpect(content().string(containsString("Long in view")));
    }

    @Test
    void whatCannotBeIsNamedAndStays() throws Exception {
        open("/bench/sight-line?path=far&pieces=3&lead=2&from1=-5&to1=x&at1=30").andExpect(content().string(allOf(containsString("The path must be a number of metres from 1 to 100, was “far”."),
                containsString("To, screen 1 must be a number of metres from -100 to 100, was “x”."), containsString("value=\"far\""), not(containsString("m seen")))));
        open("/bench/sight-line?path=20&pieces=3&lead=2&from1=-5&to1=5&at1=30").andExpect(content().string(containsString("Away, screen 1 must be nearer than the path, 20\u00a0m (66\u00a0ft), was “30”.")));
        open("/bench/triangle?caller=8&side=0&along=0").andExpect(content().string(containsString("Sideways and along the line cannot both be 0")));
        open("/bench/triangle?caller=-1&side=1&along=1").andExpect(content().string(containsString("The caller must be a number of metres from 1 to 100, was “-1”.")));
    }

    @Test
    void theDishComesNearerPassByPass() throws Exception {
        open("/bench/triangle?caller=6&side=2&along=2").andExpect(content().string(allOf(containsString("Next: 1.6 m beside the line"), containsString("Pull of the dish 1.81, at 45 degrees"), containsString(">0 m<"))));
        open("/bench/triangle?caller=6&side=0&along=3").andExpect(content().string(containsString("Next: 0 m beside the line")));
    }
}
