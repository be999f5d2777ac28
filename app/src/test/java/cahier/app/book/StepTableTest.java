package cahier.app.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.track.KeyedPlan;
import cahier.app.track.StepPlan;
import cahier.app.track.Tracks;
import cahier.core.decide.TrackKind;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;

/** The steps of a track in their table: what each change answers, what it refuses, and what it leaves as it was. */
class StepTableTest extends AppTest {

    @Autowired
    private Tracks tracks;

    private Home home;

    @BeforeEach
    void threeSteps() {
        home = homes.make(edda(), TrackKind.SKILL, 3);
    }

    private ResultActions inPlace(String address, String... fields) throws Exception {
        var request = post(address).with(user(edda())).with(csrf()).header(StepTableController.IN_PLACE, "yes");
        for (int i = 0; i < fields.length; i += 2) {
            request.param(fields[i], fields[i + 1]);
        }
        return mvc.perform(request);
    }

    private ResultActions cell(int step, String field, String typed, String was) throws Exception {
        return inPlace("/steps/" + id(step) + "/cell", "field", field, "typed", typed, "was", was);
    }

    private long id(int step) {
        return home.roadmap().steps().get(step).id();
    }

    private StepPlan plan(int step) {
        return home.roadmap().steps().get(step).written();
    }

    private List<String> titles() {
        return home.roadmap().steps().stream().map(s -> s.written().title()).toList();
    }

    @Test
    void aCellChangesThatAloneAndSaysWhatItWasAndWhatTheForecastIs() throws Exception {
        StepPlan before = plan(1);
        cell(1, "distance", "10 ft", "1 m").andExpect(status().isOk()).andExpect(content().string(containsString("Step 2, distance: 3.05\u00a0m (10\u00a0ft), was 1\u00a0m (3\u00a0ft).")))
                .andExpect(content().string(containsString("as before"))).andExpect(content().string(not(containsString("<html"))));
        assertThat(plan(1)).isEqualTo(before.withDistance(3.048));
        cell(1, "word", "mat", "").andExpect(status().isOk());
        assertThat(plan(1)).as("not rounded with it").isEqualTo(before.withDistance(3.048).withWord("mat"));
        cell(1, "run", "9", "5").andExpect(content().string(containsString("At least 19 reps, was 15.")));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"distance|a bit|1 m|must be a distance from 0 to 1000 m", "duration|5 h||must be a time from 0 s to 4 h", "title||Step 2|must not be empty", "run|0|5|must be a whole number from 1 to 100", "place|%LONG%|kitchen|must be at most 80 characters"})
    void whatCannotStandIsRefusedAndNothingChanges(String field, String typed, String was, String why) throws Exception {
        StepPlan before = plan(1);
        cell(1, field, typed == null ? "" : typed.replace("%LONG%", "x".repeat(81)), was == null ? "" : was).andExpect(status().isUnprocessableEntity()).andExpect(content().string(containsString(why)));
        assertThat(plan(1)).isEqualTo(before);
    }

    @Test
    void whatSomebodyElseWroteMeanwhileIsNotOverwrittenUnread() throws Exception {
        cell(1, "place", "garden", "kitchen").andExpect(status().isOk());
        cell(1, "place", "hall", "kitchen").andExpect(status().isUnprocessableEntity()).andExpect(content().string("was changed meanwhile to “garden”. Enter puts yours in its place"));
        cell(1, "distance", "2 m", "1 m").andExpect(status().isOk());
        cell(1, "place", "hall", "garden").andExpect(status().isOk());
        assertThat(plan(1).setting()).isEqualTo("hall, 2\u00a0m (7\u00a0ft)");
        cell(1, "minutes", "5", "5").andExpect(status().isNotFound());
    }

    @Test
    void aStepThatRaisesTwoThingsIsMarkedAndTheStepBetweenRaisesOne() throws Exception {
        cell(1, "distance", "2 m", "1 m");
        cell(1, "duration", "10 s", "").andExpect(content().string(containsString("Step 2 raises 2 things: distance and duration.")));
        inPlace("/steps/" + id(1) + "/between").andExpect(content().string(not(containsString(" raises 2 things"))));
        assertThat(titles()).containsExactly("Step 1", "Half-way to step 2", "Step 2", "Step 3");
        assertThat(List.of(plan(1).distanceM(), plan(2).distanceM(), plan(2).durationS())).containsExactly(2.0, 2.0, 10.0);
        assertThat(plan(1).durationS()).isNull();
    }

    @Test
    void aStepBetweenGoesHalfTheWayWhereOneThingIsRaisedAndTheDogStaysWhereItIs() throws Exception {
        cell(1, "distance", "4 m", "1 m");
        inPlace("/steps/" + id(1) + "/between").andExpect(status().isOk());
        assertThat(plan(1).distanceM()).isEqualTo(2.0);
        assertThat(home.roadmap().number()).isEqualTo(1);
        inPlace("/steps/" + id(0) + "/between").andExpect(status().isOk());
        assertThat(plan(0).distanceM()).isEqualTo(plan(1).distanceM());
        assertThat(home.roadmap().number()).isEqualTo(2);
    }

    @Test
    void aStepIsTakenElsewhereAndOutAndBackAndTheDogsStepStays() throws Exception {
        inPlace("/steps/" + id(2) + "/move", "by", "-2").andExpect(content().string(containsString("“Step 3” is step 1, was step 3.")));
        assertThat(titles()).containsExactly("Step 3", "Step 1", "Step 2");
        inPlace("/steps/" + id(0) + "/move", "by", "7");
        assertThat(titles()).containsExactly("Step 3", "Step 1", "Step 2");
        inPlace("/steps/" + home.stepNow() + "/remove").andExpect(status().isUnprocessableEntity()).andExpect(content().string(containsString("Put it on another step first")));
        long out = id(0);
        inPlace("/steps/" + out + "/remove").andExpect(content().string(containsString("its reps are kept")));
        inPlace("/steps/" + out + "/restore").andExpect(content().string(containsString("“Step 3” is back.")));
        assertThat(titles()).containsExactly("Step 3", "Step 1", "Step 2");
    }

    @Test
    void aStepThatIsOutIsEditedNoMore() throws Exception {
        long out = id(2);
        inPlace("/steps/" + out + "/remove");
        for (String change : List.of("/cell?field=word&typed=hup", "/between", "/move?by=-1")) {
            inPlace("/steps/" + out + change).andExpect(status().isNotFound());
        }
    }

    @Test
    void aComfortTrackKeepsItsRule() throws Exception {
        Home fear = homes.make(edda(), TrackKind.COMFORT, 2);
        inPlace("/steps/" + fear.stepNow() + "/cell", "field", "run", "typed", "3", "was", "5").andExpect(status().isUnprocessableEntity()).andExpect(content().string(containsString("from 5 to 100")));
        asEdda(() -> tracks.addStep(edda().practice(), fear.track, KeyedPlan.own(Home.step("More")), Integer.MAX_VALUE, now()));
        assertThat(fear.roadmap().steps()).hasSize(3);
    }
}
