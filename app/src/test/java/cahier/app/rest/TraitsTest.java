package cahier.app.rest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;

import cahier.app.household.Households;
import cahier.app.household.Place;
import cahier.app.roadmap.Roadmaps;
import cahier.app.scope.PracticeScope;
import cahier.app.scope.TrainerUser;
import cahier.app.sheet.Homeworks;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.track.Helper;
import cahier.app.track.KeyedPlan;
import cahier.app.track.StepPlan;
import cahier.app.track.Teaching;
import cahier.app.track.Track;
import cahier.app.track.Tracks;
import cahier.app.track.Trait;
import cahier.core.decide.TrackKind;
import cahier.core.gate.Topic;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** What a step waits for by itself holds it back everywhere, also where a trainer puts it on a sheet on purpose. */
class TraitsTest extends AppTest {

    @Autowired
    private Tracks tracks;
    @Autowired
    private Homeworks homeworks;
    @Autowired
    private Roadmaps roadmaps;
    @Autowired
    private Households households;
    private TrainerUser orsolya;
    private Home home;

    @BeforeEach
    void aHousehold() {
        orsolya = practices.trainerOf("Reed Fen", "Orsolya Pike", "orsolya@reedfen.example");
        home = homes.make(orsolya, TrackKind.SKILL, 1);
        clock.pass(Duration.ofHours(1));
    }

    private long track(String title, String place, Trait trait) {
        StepPlan p = Home.step(title).withPlace(place);
        StepPlan plan = new StepPlan(p.title(), p.how(), p.place(), null, null, "", "", p.aid(), "", p.pass(), 5, 6, 2, 5, "", "",
                new Teaching("", "", Helper.NOBODY, List.of(), List.of(), null, List.of(), List.of(trait)));
        return home.within(() -> tracks.add(orsolya.practice(), Track.fresh(orsolya.practice(), home.id, dog(), title, "", "", TrackKind.SKILL, Topic.HANDLING, "", ""), List.of(KeyedPlan.own(plan)), clock.instant()));
    }

    private long dog() {
        return home.facts().dogs().get(0).id();
    }

    private String why(long track) {
        return PracticeScope.within(orsolya.practice(), () -> roadmaps.of(orsolya.practice(), home.id, clock.instant()).stream().filter(w -> w.track().id() == track).findFirst().orElseThrow().why());
    }

    private boolean goesOnPurpose(long track) {
        return PracticeScope.within(orsolya.practice(), () -> homeworks.draft(orsolya.practice(), home.id, Set.of(track), clock.instant()).items().stream().anyMatch(i -> i.trackId() == track));
    }

    private void rate(String zone, int comfort) throws Exception {
        send(orsolya, "/households/" + home.id + "/handling/comfort", "dog", Long.toString(dog()), "target", "muzzle", "zone", zone, "comfort", Integer.toString(comfort));
    }

    @Test
    void aStepThatTouchesTheHeadWaitsForEveryZoneOfItEarsIncluded() throws Exception {
        long straps = track("Straps over", "kitchen", Trait.TOUCHES_HEAD);
        assertThat(why(straps)).isEqualTo("This waits for a head that is easy to touch: chin, muzzle, crown, neck, ear left, ear right.");
        assertThat(goesOnPurpose(straps)).isFalse();
        for (String zone : List.of("chin", "muzzle", "crown", "neck", "ear left")) {
            rate(zone, 3);
        }
        assertThat(why(straps)).isEqualTo("This waits for a head that is easy to touch: ear right.");
        open(orsolya, "/households/" + home.id + "/roadmap").andExpect(content().string(containsString("waits")));
        rate("ear right", 4);
        assertThat(why(straps)).isEmpty();
        assertThat(goesOnPurpose(straps)).isTrue();
        home.issue();
        mvc.perform(MockMvcRequestBuilders.get("/o/" + home.token)).andExpect(content().string(not(containsString("easy to touch"))));
        rate("chin", 1);
        mvc.perform(MockMvcRequestBuilders.get("/o/" + home.token)).andExpect(content().string(containsString("This waits for a head that is easy to touch: chin.")));
    }

    @Test
    void anOffLeadStepIsNotIssuedForAPlaceThatIsNotEnclosed() {
        long loose = track("Loose", "field", Trait.OFF_LEAD);
        assertThat(why(loose)).isEqualTo("This waits for an enclosed place, which field is not.");
        assertThat(goesOnPurpose(loose)).isFalse();
        assertThat(why(track("Loose in the kitchen", "kitchen", Trait.OFF_LEAD))).isEmpty();
        assertThat(why(track("Loose where it is enclosed", "enclosed field", Trait.OFF_LEAD))).isEmpty();
        home.within(() -> {
            Place p = Place.named("field", 3);
            households.put(orsolya.practice(), home.id, new Place(0, p.name(), p.difficulty(), p.surface(), p.passers(), true, p.signal(), p.note(), true, p.busy(), 0));
            return p;
        });
        assertThat(why(loose)).isEmpty();
    }

    @Test
    void aDoseUntilOneIsCleanIsSaidAndTheTraitsAreKeptInTheForm() throws Exception {
        long door = track("Through the door", "hall", Trait.UNTIL_CLEAN);
        home.issue();
        long step = home.within(() -> tracks.get(orsolya.practice(), door)).current().orElseThrow().id();
        mvc.perform(MockMvcRequestBuilders.get("/o/" + home.token)).andExpect(content().string(containsString("until one is clean, 6 reps at most, twice a day")));
        mvc.perform(MockMvcRequestBuilders.get("/o/" + home.token + "/practice/" + step)).andExpect(content().string(containsString("data-until=\"clean\"")));
        open(orsolya, "/steps/" + step).andExpect(content().string(containsString("value=\"UNTIL_CLEAN\" checked")));
        send(orsolya, "/steps/" + step, "version", "0", "title", "Through the door", "how", "Go", "run", "5", "reps", "6", "sessions", "2", "minutes", "5", "traits", "OFF_LEAD", "traits", "UNTIL_CLEAN");
        assertThat(home.within(() -> tracks.step(orsolya.practice(), step)).plan().teaching().traits()).containsExactly(Trait.OFF_LEAD, Trait.UNTIL_CLEAN);
        send(orsolya, "/steps/" + step, "version", "1", "title", "Through the door", "how", "Go", "run", "5", "reps", "6", "sessions", "2", "minutes", "5", "traits", "SOMETHING")
                .andExpect(content().string(containsString("must be one of")));
    }
}
