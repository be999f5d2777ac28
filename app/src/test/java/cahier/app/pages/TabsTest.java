package cahier.app.pages;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.stringContainsInOrder;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;

import cahier.app.pages.Tabs.Sections;
import cahier.app.scope.PracticeScope;
import cahier.app.scope.TrainerUser;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A section that no dog of the household needs stands behind one tab, until it is asked for or something is about it. */
class TabsTest extends AppTest {

    @Autowired
    private Tabs tabs;

    private Home home;

    @BeforeEach
    void household() {
        home = homes.make(edda(), TrackKind.SKILL, 1);
    }

    private Sections sections(String open) {
        return asEdda(() -> tabs.of(edda().practice(), home.id, open));
    }

    @Test
    void nothingIsInSightBeforeSomethingIsAboutIt() throws Exception {
        assertThat(sections("tracks")).isEqualTo(new Sections(List.of(), List.of("distances", "alone", "handling")));
        send("/households/" + home.id + "/intake/wishes", "words", "Past the neighbour’s dog", "topic", "DOGS", "mover", "");
        assertThat(sections("tracks").shown()).containsExactly("distances");
        assertThat(sections("alone").shown()).as("the one that is open").containsExactly("distances", "alone");
        asEdda(() -> homes.number(edda(), "with t as (update track set topic = 'HANDLING' where id = " + home.track + " returning 1) select count(*)::int from t"));
        assertThat(sections("tracks").behind()).containsExactly("alone");
    }

    @Test
    void theLaneShowsThemAndTheRestBehindMore() throws Exception {
        open("/households/" + home.id).andExpect(content().string(stringContainsInOrder("Baselines", "<summary>More", "class=\"behind\"", "Distances", "Alone", "Handling", "Lessons")));
        open("/households/" + home.id + "/alone").andExpect(content().string(stringContainsInOrder("aria-current=\"page\">Alone", "<summary>More", "class=\"behind\"", "Distances", "Handling")));
    }

    @Test
    void theNeighbourSeesNothingOfIt() throws Exception {
        send("/households/" + home.id + "/intake/wishes", "words", "Past the neighbour’s dog", "topic", "DOGS", "mover", "");
        TrainerUser neighbour = practices.trainerOf("Fallow Field Dogs", "Ines Marchetti", "ines@fallowfield.example");
        assertThat(PracticeScope.within(neighbour.practice(), () -> tabs.of(neighbour.practice(), home.id, "")).shown()).isEmpty();
    }
}
