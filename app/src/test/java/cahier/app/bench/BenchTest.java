package cahier.app.bench;

import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.matchesPattern;
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
        open("/bench/sight-line?path=20&pieces=3&pace=WALKING&lead=2&from=-40&to=-2&at=10&from=2&to=40&at=10").andExpect(content().string(allOf(
                containsString("Too short"), containsString("5.7 s in view, 6.5 s needed for 3 treats."), containsString("Or pay 2 treats"), containsString("8 m seen"), containsString("Nobody inside 3\u00a0m (10\u00a0ft) of you"))));
        open("/bench/sight-line?path=20&pieces=3&pace=WALKING&lead=2&from=-40&to=40&at=10").andExpect(content().string(allOf(containsString("The path is hidden"), not(containsString("It appears near")))));
        open("/bench/sight-line?path=2&pieces=1&pace=WALKING&lead=2").andExpect(content().string(containsString("Inside the lead")));
        open("/bench/sight-line?path=2&pieces=1&pace=WALKING&lead=2&wrapped=1.5").andExpect(content().string(allOf(not(containsString("Inside the lead")), containsString("value=\"1.5\""))));
        open("/bench/sight-line?path=2&pieces=1&pace=WALKING&lead=2&wrapped=3").andExpect(content().string(containsString("What is wrapped of it must be a number of metres from 0 to 2, was “3”.")));
        open("/bench/sight-line?path=20&pieces=1&pace=WALKING&lead=2").andExpect(content().string(containsString("Long in view")));
    }

    @Test
    void whatCannotBeIsNamedAndStays() throws Exception {
        open("/bench/sight-line?path=far&pieces=3&lead=2&from=-5&to=x&at=30").andExpect(content().string(allOf(containsString("The path must be a number of metres from 1 to 100, was “far”."),
                containsString("Screen 1, to must be a number of metres from -100 to 100, was “x”."), containsString("value=\"far\""), not(containsString("m seen")))));
        open("/bench/sight-line?path=20&pieces=3&lead=2&from=-5&to=5&at=30").andExpect(content().string(containsString("Screen 1, away must be nearer than the path, 20\u00a0m (66\u00a0ft), was “30”.")));
        open("/bench/triangle?caller=8&side=0&along=0").andExpect(content().string(containsString("Sideways and along the line cannot both be 0")));
        open("/bench/triangle?caller=-1&side=1&along=1").andExpect(content().string(containsString("The caller must be a number of metres from 1 to 100, was “-1”.")));
    }

    @Test
    void theDishComesNearerPassByPass() throws Exception {
        open("/bench/triangle?caller=6&side=2&along=2").andExpect(content().string(allOf(containsString("Next: 1.6 m beside the line"), containsString("Pull of the dish 1.81, at 45 degrees"), containsString(">0 m<"))));
        open("/bench/triangle?caller=6&side=0&along=3").andExpect(content().string(containsString("Next: 0 m beside the line")));
    }

    @Test
    void aSuggestionIsTakenAndScreensComeAndGo() throws Exception {
        String gap = "/bench/sight-line?path=20&pieces=3&pace=WALKING&lead=2&from=-40&to=-2&at=10&from=2&to=40&at=10";
        open(gap + "&pay=2").andExpect(content().string(allOf(containsString("It fits"), matchesPattern("(?s).*name=\"pieces\"\\s+size=\"3\"\\s+inputmode=\"numeric\"\\s+value=\"2\".*"))));
        open(gap + "&more=yes").andExpect(content().string(allOf(containsString("Screen 3"), containsString("2 m seen"))));
        open(gap + "&drop=0").andExpect(content().string(allOf(containsString("Long in view"), not(containsString("Screen 2")))));
        open(gap + "&drop=9").andExpect(content().string(containsString("Too short")));
        open("/bench/sight-line?path=20&pieces=3&lead=2&from=-4&to=4&at=10&move=1.5").andExpect(content().string(allOf(containsString("value=\"-5.5\""), containsString("value=\"2.5\""))));
        open("/bench/sight-line?path=20&pieces=3&lead=2" + "&from=1&to=2&at=3".repeat(7)).andExpect(content().string(containsString("Screens must be at most 6, were 7.")));
    }

    @Test
    void everySpeedIsShownAndWhoComesInsideTheLead() throws Exception {
        open("/bench/sight-line?path=20&pieces=3&pace=WALKING&lead=2&from=-40&to=-3&at=10&from=3&to=40&at=10").andExpect(content().string(allOf(containsString("Walking 8.6 s, fits. "), containsString("Jogging 4.3 s, too short. "),
                containsString("Cycling 2.4 s, too short."), not(containsString("Inside the lead")))));
        open("/bench/sight-line?path=2.5&pieces=0&pace=WALKING&lead=2").andExpect(content().string(containsString("comes inside the 3\u00a0m (10\u00a0ft) that the lead reaches.")));
    }

    @Test
    void whatIsDraggedKeepsTheDrawingStill() throws Exception {
        String gap = "/bench/sight-line?path=20&pieces=3&pace=WALKING&lead=2&from=-10&to=-2&at=10";
        open(gap).andExpect(content().string(allOf(containsString("data-sideways=\"from-0 to-0\""), containsString("data-upward=\"at-0\""), containsString("The path, 20 m away."))));
        open(gap + "&hold=10.0000 244.0000").andExpect(content().string(containsString("data-hold=\"10.0000 244.0000\"")));
        open(gap + "&hold=<nonsense>").andExpect(content().string(not(containsString("data-hold=\"&lt;"))));
    }

    @Test
    void provisionsSayWhatIsMissingAndWhetherThePlaceSuits() throws Exception {
        open("/bench/provisions").andExpect(content().string(allOf(containsString("50 treats"), containsString("13 biscuits to cut, 25\u00a0g, 88\u00a0kcal."))));
        open("/bench/provisions?minutes=45&idle=1.5&passers=10&each=2&jackpots=3&cuts=4&carried=60&seen=8&during=10").andExpect(content().string(allOf(containsString("5 treats short: you carry 60."),
                containsString("One every 1.3 min: too busy."))));
        open("/bench/provisions?minutes=45&idle=1.5&passers=10&each=2&jackpots=3&cuts=4&seen=0").andExpect(content().string(allOf(containsString("Nobody in 10 min: too empty."), not(containsString("short:")))));
        open("/bench/provisions?minutes=0&idle=9&passers=x&each=2&jackpots=3&cuts=4").andExpect(content().string(allOf(containsString("Minutes must be a whole number from 1 to 480, was “0”."),
                containsString("Minutes between two treats must be a number of minutes from 1 to 2, was “9”."), containsString("Passers-by must be a whole number from 0 to 500, was “x”."))));
    }
}
