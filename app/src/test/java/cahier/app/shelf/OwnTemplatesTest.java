package cahier.app.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.scope.TrainerUser;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.track.StepPlan;
import cahier.app.track.Tracks;
import cahier.core.decide.TrackKind;
import cahier.core.method.Choice;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A practice's own templates: made of tracks, edited, shared, taken off. */
class OwnTemplatesTest extends AppTest {

    @Autowired
    private Tracks tracks;
    @Autowired
    private Templates templates;

    private Home home;

    @BeforeEach
    void home() {
        home = homes.make(edda(), TrackKind.SKILL, 3);
    }

    private String saved(long track) throws Exception {
        return send("/tracks/" + track + "/template").andExpect(status().is3xxRedirection()).andReturn().getResponse().getRedirectedUrl();
    }

    private Template template(String address) {
        return asEdda(() -> templates.find(edda(), address.replace("/shelf/", ""))).orElseThrow();
    }

    private List<StepPlan> steps(String address, Choice... choices) {
        return template(address).in(Schools.with(choices), "Pim").steps().stream().map(k -> k.plan()).toList();
    }

    private long start(String template) throws Exception {
        String dog = Long.toString(home.facts().dogs().get(0).id());
        String address = send("/households/" + home.id + "/tracks", "version", "0", "dog", dog, "template", template).andReturn().getResponse().getRedirectedUrl();
        return Long.parseLong(address.replace("/tracks/", ""));
    }

    @Test
    void aTrackOfTheTrainersOwnBecomesATemplateThatStandsAsItIs() throws Exception {
        String address = saved(home.track);
        assertThat(steps(address)).isEqualTo(home.roadmap().steps().stream().map(s -> s.plan()).toList());
        assertThat(steps(address, Choice.MISS_MARKER)).isEqualTo(steps(address));
        open("/shelf").andExpect(content().string(containsString("Yours")));
    }

    @Test
    void namesOfDogsAndPeopleGoOutOfATemplateShownAndEditable() throws Exception {
        asEdda(() -> {
            var step = home.roadmap().steps().get(0);
            tracks.saveStep(edda().practice(), step.id(), 0, step.plan().withTitle("Pim waits").withWho("Marit holds Pim").withWord("Pim"), now());
            return null;
        });
        open("/tracks/" + home.track + "/template").andExpect(status().isOk()).andExpect(content().string(allOf(containsString("Pim, 3 times"), containsString("value=\"{name}\""), containsString("Marit"), containsString("somebody at home"))));
        String address = send("/tracks/" + home.track + "/template", "title", "Waits, anywhere", "notes", "Begin at the gate.", "named", "Marit", "other", "a helper, seated", "named", "Pim", "other", "{name}").andReturn().getResponse().getRedirectedUrl();
        Template made = template(address);
        assertThat(List.of(made.title(), made.notes(), made.author())).containsExactly("Waits, anywhere", "Begin at the gate.", edda().signature());
        StepPlan first = made.in(Schools.with(), "Sorrel").steps().get(0).plan();
        assertThat(List.of(first.title(), first.who(), first.word())).containsExactly("Sorrel waits", "A helper, seated holds Sorrel", "Sorrel");
        assertThat(TemplateFile.write(made)).doesNotContain("Pim").doesNotContain("Marit");
        open(address).andExpect(content().string(allOf(containsString("Version 1."), containsString("Begin at the gate."))));
        open(address + ".json").andExpect(content().string(allOf(containsString("\"version\" : 1"), containsString("\"author\" : "))));
        send("/tracks/" + home.track + "/template", "title", "x".repeat(81), "notes", "kept").andExpect(content().string(allOf(containsString("must"), containsString("kept"))));
    }

    @Test
    void aTrackFollowsANewerVersionStepByStep() throws Exception {
        send("/shelf/down/copy");
        String name = asEdda(() -> templates.ownOf(edda()).stream().filter(o -> o.template().title().equals("Down")).reduce((a, b) -> b)).orElseThrow().name();
        long track = start(name);
        String newer = "/tracks/" + track + "/newer";
        open(newer).andExpect(content().string(containsString("Nothing: every step of this track reads as on the shelf")));
        open("/tracks/" + track).andExpect(content().string(not(containsString("The shelf has this newer"))));

        long id = OwnTemplate.idOf(name);
        asEdda(() -> {
            var sign = tracks.get(edda().practice(), track).steps().get(2);
            tracks.saveStep(edda().practice(), sign.id(), 0, sign.plan().withTitle("My sign"), now());
            Template t = templates.mine(edda(), id).template();
            Template edited = Written.withStep(Written.withStep(Written.without(t, "hall"), "lured", steps("/shelf/" + name).get(0).withTitle("Follows a piece")), "sign", steps("/shelf/" + name).get(2).withPlace("hall"));
            templates.save(edda(), id, 0, edited);
            return null;
        });
        open("/tracks/" + track).andExpect(content().string(containsString("The shelf has this newer: 3 steps differ")));
        open("/shelf/" + name).andExpect(content().string(containsString("1 track follows an older version")));
        open(newer).andExpect(content().string(allOf(containsString("Follows a piece"), containsString("My sign"), containsString("goes out; its reps are"))));

        asEdda(() -> {
            var hall = tracks.get(edda().practice(), track).steps().stream().filter(s -> s.templateKey().equals("hall")).findFirst().orElseThrow();
            tracks.move(edda().practice(), track, hall.id(), null, null, edda().signature(), now());
            return null;
        });
        send(newer, "take", "sign", "seen", "another").andExpect(redirectedUrl(newer)).andExpect(flash().attribute("refusal", "The template was changed once more meanwhile. Nothing was taken: look again."));
        send(newer, "take", "sign", "take", "hall", "seen", TemplateFile.digest(template("/shelf/" + name))).andExpect(redirectedUrl("/tracks/" + track));
        List<StepPlan> now = asEdda(() -> tracks.get(edda().practice(), track)).steps().stream().map(s -> s.written()).toList();
        assertThat(now).extracting(StepPlan::title).startsWith("Follows the lure", "A fist that waits", "My sign").doesNotContain("In the hall");
        assertThat(now.get(2).place()).isEqualTo("hall");
        assertThat(asEdda(() -> tracks.get(edda().practice(), track)).current().orElseThrow().title()).as("where the dog goes from a step that went").isEqualTo("On grass");
        open("/tracks/" + track).andExpect(content().string(not(containsString("The shelf has this newer"))));
        TrainerUser neighbour = practices.trainerOf("Fallow Field Dogs", "Ines Marchetti", "ines@fallowfield.example");
        mvc.perform(get(newer).with(user(neighbour))).andExpect(status().isNotFound());
        send(neighbour, newer, "take", "lured").andExpect(status().isNotFound());
    }

    @Test
    void aTrackOlderThanTheMemoryOfItsTemplateShowsAllThatDiffersAndTakesNothingUnasked() throws Exception {
        long track = start("down");
        asEdda(() -> {
            tracks.keepTemplate(edda().practice(), track, "", "{}");
            var step = tracks.get(edda().practice(), track).steps().get(0);
            tracks.saveStep(edda().practice(), step.id(), 0, step.plan().withTitle("As it was"), now());
            return null;
        });
        open("/tracks/" + track + "/newer").andExpect(content().string(allOf(containsString("older than Cahier"), containsString("As it was"), not(containsString("checked=\"checked\"")))));
        send("/tracks/" + track + "/newer", "seen", TemplateFile.digest(Shelves.shipped("down"))).andExpect(redirectedUrl("/tracks/" + track)).andExpect(flash().attribute("said", "The steps stay as they are."));
        assertThat(asEdda(() -> tracks.get(edda().practice(), track)).steps().get(0).title()).isEqualTo("As it was");
        open("/tracks/" + track + "/newer").andExpect(content().string(containsString("Nothing: every step")));
    }

    @Test
    void whatTheTemplateWroteGoesOnFollowingTheMethodAndWhatWasEditedStands() throws Exception {
        long track = start("down");
        asEdda(() -> {
            var step = tracks.get(edda().practice(), track).steps().get(0);
            tracks.saveStep(edda().practice(), step.id(), 0, step.plan().withTitle("My way"), now());
            return null;
        });
        String address = saved(track);
        assertThat(steps(address).get(0).title()).isEqualTo("My way");
        assertThat(steps(address, Choice.NAMED_EARLY).get(1).title()).isEqualTo("On the word");
        assertThat(steps(address, Choice.MISS_MARKER).get(0).onMiss()).doesNotContain("try-again");
        assertThat(steps(address, Choice.MISS_MARKER).get(1).onMiss()).contains("try-again");
        long again = start(address.replace("/shelf/", ""));
        assertThat(asEdda(() -> tracks.get(edda().practice(), again)).track().template()).isEqualTo(address.replace("/shelf/", ""));
    }

    @Test
    void aTemplateIsEditedStepByStep() throws Exception {
        String address = saved(home.track);
        open(address + "/steps/step-1").andExpect(status().isOk()).andExpect(content().string(containsString("Step 1")));
        String[] step = {"version", "0", "title", "Renamed", "how", "Wait, then pay.", "run", "5", "reps", "8", "sessions", "2", "minutes", "5", "slips", "GRABBED", "events", "sits\nhandle"};
        send(address + "/steps/step-1", step).andExpect(redirectedUrl(address));
        assertThat(steps(address).get(0).title()).isEqualTo("Renamed");
        assertThat(steps(address).get(0).teaching().events()).containsExactly("sits", "handle");
        send(address + "/steps/step-1", step).andExpect(status().isConflict());
        step[3] = "Step 2";
        step[1] = "1";
        send(address + "/steps/step-1", step).andExpect(content().string(containsString("titles must differ")));
        step[3] = "A fourth";
        send(address + "/steps/new", step).andExpect(redirectedUrl(address));
        send(address + "/steps/a-fourth/move", "by", "-1");
        assertThat(steps(address)).extracting(StepPlan::title).containsExactly("Renamed", "Step 2", "A fourth", "Step 3");
        send(address + "/steps/a-fourth/remove");
        assertThat(steps(address)).hasSize(3);
        open(address + "/edit").andExpect(status().isOk());
        send(address, "version", "4", "title", "Better", "goal", "g", "kind", "SKILL", "topic", "BODY").andExpect(redirectedUrl(address));
        assertThat(template(address).title()).isEqualTo("Better");
        send(address, "version", "5", "title", "", "kind", "SKILL", "topic", "BODY").andExpect(content().string(containsString("must not be empty")));
        step[1] = "5";
        step[9] = "0";
        send(address + "/steps/new", step).andExpect(content().string(allOf(containsString("must be a whole number from 1 to 100, was “0”"), containsString("A fourth"))));
    }

    @Test
    void itIsSeenByItsTrainerAloneUntilSharedAndNeverByAnotherPractice() throws Exception {
        String address = saved(home.track);
        TrainerUser colleague = practices.colleagueOf(edda(), "Odile Farr", "odile@marlroad.example");
        TrainerUser neighbour = practices.trainerOf("Fallow Field Dogs", "Ines Marchetti", "ines@fallowfield.example");
        mvc.perform(get(address).with(user(colleague))).andExpect(status().isNotFound());
        send(address + "/share", "shared", "true").andExpect(redirectedUrl(address));
        mvc.perform(get(address).with(user(colleague))).andExpect(status().isOk()).andExpect(content().string(allOf(containsString("By Edda"), not(containsString("/edit")))));
        for (String change : List.of("/share?shared=false", "/remove", "/steps/step-1/remove", "/steps/step-1/move?by=1")) {
            send(colleague, address + change).andExpect(status().isNotFound());
        }
        send(colleague, address + "/copy").andExpect(status().is3xxRedirection());
        for (String path : List.of(address, address + ".json", address + "/edit", address + "/steps/step-1")) {
            mvc.perform(get(path).with(user(neighbour))).andExpect(status().isNotFound());
        }
        assertThat(steps(address)).hasSize(3);
    }

    @Test
    void takenOffTheShelfItCanBePutBack() throws Exception {
        String address = saved(home.track);
        send(address + "/remove").andExpect(redirectedUrl("/shelf")).andExpect(flash().attributeExists("removed"));
        open(address).andExpect(status().isNotFound());
        send(address + "/restore").andExpect(redirectedUrl(address));
        open(address).andExpect(status().isOk());
        send("/shelf/down/copy").andExpect(status().is3xxRedirection());
        open("/shelf/nonsense").andExpect(status().isNotFound());
    }

    @Test
    void aTrackWithoutStepsIsNoTemplate() throws Exception {
        Home bare = homes.make(edda(), TrackKind.SKILL, 0);
        send("/tracks/" + bare.track + "/template").andExpect(flash().attribute("refusal", "A template must have a step; this track has none yet."));
    }
}
