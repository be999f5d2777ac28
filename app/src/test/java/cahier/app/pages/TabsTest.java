package cahier.app.pages;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.hamcrest.Matchers.stringContainsInOrder;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;

import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.ResultMatcher;

/** A section that no dog of the household needs stands behind one tab, until it is asked for or something is about it. */
class TabsTest extends AppTest {

    private Home home;

    @BeforeEach
    void household() {
        home = homes.make(edda(), TrackKind.SKILL, 1);
    }

    private static ResultMatcher lane(String... inOrder) {
        return content().string(stringContainsInOrder(inOrder));
    }

    @Test
    void nothingIsInSightBeforeSomethingIsAboutIt() throws Exception {
        String book = "/households/" + home.id;
        open(book).andExpect(lane("Baselines", "<summary>More", "class=\"behind\"", "Distances", "Alone", "Handling", "Lessons"));
        send(book + "/intake/wishes", "words", "Past the neighbour’s dog", "topic", "DOGS", "mover", "");
        open(book).andExpect(lane("Baselines", "Distances", "<summary>More", "Alone", "Handling", "Lessons"));
        asEdda(() -> homes.number(edda(), "with t as (update track set topic = 'HANDLING' where id = " + home.track + " returning 1) select count(*)::int from t"));
        open("/tracks/" + home.track).andExpect(lane("Baselines", "Distances", "Handling", "<summary>More", "Alone", "Lessons"));
        asEdda(() -> homes.number(edda(), "with t as (update track set topic = 'ALONE' where id = " + home.track + " returning 1) select count(*)::int from t"));
        open(book + "/week").andExpect(lane("Baselines", "Distances", "Alone", "<summary>More", "Handling", "Lessons"));
    }

    @Test
    void theOneThatIsOpenIsInSightAndNothingIsBehindWhereAllAreNeeded() throws Exception {
        open("/households/" + home.id + "/alone").andExpect(lane("Baselines", "aria-current=\"page\">Alone", "<summary>More", "class=\"behind\"", "Distances", "Handling"));
        for (String topic : new String[] {"DOGS", "ALONE", "HANDLING"}) {
            send("/households/" + home.id + "/intake/wishes", "words", "About " + topic, "topic", topic, "mover", "");
        }
        open("/households/" + home.id).andExpect(lane("Baselines", "Distances", "Alone", "Handling", "Lessons")).andExpect(content().string(not(containsString("<summary>More</summary>"))));
    }
}
