package cahier.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.household.Dog;
import cahier.app.household.Households;
import cahier.app.judge.Answers;
import cahier.app.roadmap.RoadmapTrack;
import cahier.app.roadmap.Roadmaps;
import cahier.app.roadmap.Wait;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.track.Step;
import cahier.core.decide.TrackKind;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.ResultActions;

/** Roadmaps and templates out and in again; a bad file changes nothing and is not lost. */
class ExchangeTest extends AppTest {

    @Autowired
    private Roadmaps roadmaps;
    @Autowired
    private Answers answers;
    @Autowired
    private Households households;

    private Home home;

    @BeforeEach
    void aHouseholdWithThreeTracks() throws Exception {
        home = homes.make(edda(), TrackKind.SKILL, 2);
        String dog = Long.toString(home.facts().dogs().get(0).id());
        send("/households/" + home.id + "/tracks", "version", "0", "dog", dog, "template", "attention", "template", "loose-lead").andExpect(status().is3xxRedirection());
        asEdda(() -> {
            Step third = ways(home).get(1).roadmap().steps().get(2);
            answers.putOn(edda(), third.trackId(), third.id(), now());
            roadmaps.keepApart(edda().practice(), home.id, home.track, third.trackId(), true);
            return null;
        });
    }

    private List<RoadmapTrack> ways(Home of) {
        return asEdda(() -> roadmaps.of(edda().practice(), of.id, now()));
    }

    private String exported() throws Exception {
        return open("/households/" + home.id + "/roadmap.json").andExpect(status().isOk())
                .andExpect(header().string("Content-Disposition", containsString("attachment; filename=\"roadmap-Test-home-"))).andReturn().getResponse().getContentAsString(StandardCharsets.UTF_8);
    }

    private ResultActions upload(String path, String file) throws Exception {
        return mvc.perform(multipart(path).file(new MockMultipartFile("file", "it.json", "application/json", file.getBytes(StandardCharsets.UTF_8)))
                .with(user(edda())).with(csrf()));
    }

    @Test
    void aRoadmapComesBackInAnotherHouseholdWithEverythingThatBelongsToIt() throws Exception {
        Home other = homes.make(edda(), TrackKind.SKILL, 0);
        String file = exported();
        String dog = Long.toString(other.facts().dogs().get(0).id());
        upload("/households/" + other.id + "/roadmap/import", file).andExpect(content().string(allOf(containsString("Which dog gets which tracks?"), containsString("Tracks of Pim go to"),
                containsString("Loose lead by places needs a harness."))));
        assertThat(ways(other)).hasSize(1);
        send("/households/" + other.id + "/roadmap/import", "text", file, "name", "Pim", "dog", dog).andExpect(redirectedUrl("/households/" + other.id + "/roadmap"));
        List<RoadmapTrack> came = ways(other).subList(1, 4);
        List<RoadmapTrack> were = ways(home);
        for (int i = 0; i < 3; i++) {
            RoadmapTrack now = came.get(i);
            RoadmapTrack was = were.get(i);
            assertThat(now.roadmap().steps()).extracting(Step::plan).isEqualTo(was.roadmap().steps().stream().map(Step::plan).toList());
            assertThat(now.roadmap().number()).isEqualTo(was.roadmap().number());
            assertThat(now.track().template()).isEqualTo(was.track().template());
            assertThat(now.waits()).extracting(Wait::forWhat).isEqualTo(was.waits().stream().map(Wait::forWhat).toList());
            assertThat(now.apart()).extracting(a -> a.title()).isEqualTo(was.apart().stream().map(a -> a.title()).toList());
        }
        assertThat(came.get(1).roadmap().number()).isEqualTo(3);
        send("/households/" + other.id + "/method", "NAMING", "NAMED_EARLY").andExpect(redirectedUrl("/households/" + other.id + "/method/changes"));
    }

    @Test
    void aDogThatIsNotHereIsAskedAboutAndItsTracksNeverGoToAnotherUnasked() throws Exception {
        asEdda(() -> {
            households.put(edda().practice(), home.id, new Dog(0, "Quillan", "", null, null, 0));
            return null;
        });
        String file = exported().replaceFirst("\"dog\" : \"Pim\"", "\"dog\" : \"Tollard\"");
        upload("/households/" + home.id + "/roadmap/import", file).andExpect(content().string(allOf(containsString("Tracks of Tollard go to"), containsString("Tracks of Pim go to"),
                containsString("selected=\"selected\">nobody"))));
        send("/households/" + home.id + "/roadmap/import", "text", file, "name", "Tollard", "dog", "", "name", "Pim", "dog", "").andExpect(content().string(containsString("At least one dog must get its tracks.")));
        assertThat(ways(home)).hasSize(3);
        String quillan = Long.toString(home.facts().dogs().get(1).id());
        send("/households/" + home.id + "/roadmap/import", "text", file, "name", "Tollard", "dog", quillan, "name", "Pim", "dog", "").andExpect(redirectedUrl("/households/" + home.id + "/roadmap"));
        assertThat(ways(home)).hasSize(4).last().satisfies(w -> assertThat(w.track().dogName()).isEqualTo("Quillan"));
        send("/households/" + home.id + "/roadmap/import", "text", file, "name", "Tollard", "dog", "999999", "name", "Pim", "dog", "x").andExpect(content().string(containsString("At least one dog")));
    }

    @Test
    void aRoadmapHoldsNoPersonAndNoRep() throws Exception {
        home.practise("cccm");
        assertThat(exported()).doesNotContain("Dele").doesNotContain("Marit").doesNotContain("CLEAN").contains("\"dog\" : \"Pim\"");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "\"kind\" : \"SKILL\" | \"kind\" : \"TRICK\" | tracks[0].kind: does not have a value in the enumeration",
        "\"at\" : 3 | \"at\" : 19 | tracks[1].at: must be from 1 to 17, was 19",
        "\"run\" : 5 | \"run\" : 0 | tracks[0].steps[0].run: must have a minimum value of 1, was 0",
        "\"from\" : { | \"frm\" : { | property 'frm' is not defined",
        "\"apart\" : [ [ 1, 2 ] ] | \"apart\" : [ [ 2, 2 ] ] | apart[0]: must be two different tracks from 1 to 3, was [2, 2]"})
    void aBadRoadmapIsRefusedAsAWholeAndComesBackToBeMended(String good, String bad, String says) throws Exception {
        String file = exported();
        assertThat(file).contains(good);
        int before = ways(home).size();
        upload("/households/" + home.id + "/roadmap/import", file.replace(good, bad)).andExpect(status().isOk())
                .andExpect(content().string(allOf(containsString("Nothing was taken in."), containsString(says.replace("'", "&#39;")), containsString("cahier-roadmap-1"))));
        assertThat(ways(home)).hasSize(before);
    }

    @Test
    void needsThatGoRoundAreRefusedNamingTheWay() throws Exception {
        String file = exported();
        String round = file.replaceFirst("\"needs\" : \\[", "\"needs\" : [ {\"from\": {\"track\": 2, \"step\": 1}, \"first\": {\"track\": 3, \"step\": 11}},");
        upload("/households/" + home.id + "/roadmap/import", round).andExpect(content().string(containsString("needs: must not go round in a circle, was track")));
    }

    @Test
    void aFileForAHouseholdWithoutADogIsNotLost() throws Exception {
        long bare = asEdda(() -> homes.bare(edda()));
        upload("/households/" + bare + "/roadmap/import", exported()).andExpect(content().string(allOf(containsString("the household: must have a dog first"), containsString("Loose lead"))));
    }

    @Test
    void aTemplateGoesOutIsEditedAndComesIn() throws Exception {
        String file = open("/shelf/leave-it.json").andExpect(status().isOk()).andReturn().getResponse().getContentAsString(StandardCharsets.UTF_8);
        String own = upload("/shelf/import", file.replace("\"title\" : \"Leave it\"", "\"title\" : \"Leave it, my way\"")).andExpect(status().is3xxRedirection())
                .andReturn().getResponse().getRedirectedUrl();
        open(own).andExpect(content().string(allOf(containsString("Leave it, my way"), containsString("Closed hand"), containsString("seen by you alone"))));
        upload("/shelf/import", file.replace("\"reps\" : 8", "\"reps\" : 800")).andExpect(content().string(allOf(
                containsString("steps[0].reps: must have a maximum value of 100, was 800"), containsString("Closed hand"))));
        send("/shelf/import", "text", "{}").andExpect(content().string(containsString("required property")));
    }

    @Test
    void aFileOfAnotherKindIsRefusedInWords() throws Exception {
        upload("/shelf/import", "x".repeat(1_200_000)).andExpect(content().string(containsString("the file: must be at most 1000000 characters, was 1200000")));
        upload("/shelf/import", "").andExpect(content().string(containsString("Nothing was taken in.")));
        upload("/shelf/import", exported()).andExpect(content().string(containsString("format: must be the constant value")));
    }

    @Test
    void theSchemasArePublished() throws Exception {
        open("/formats/template.schema.json").andExpect(status().isOk()).andExpect(content().string(containsString("cahier-template-1")));
        open("/formats/roadmap.schema.json").andExpect(status().isOk()).andExpect(content().string(containsString("cahier-roadmap-1")));
    }
}
