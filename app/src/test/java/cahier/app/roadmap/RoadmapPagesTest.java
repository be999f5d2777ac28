package cahier.app.roadmap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.judge.Answers;
import cahier.app.sheet.Homework;
import cahier.app.sheet.Homeworks;
import cahier.app.sheet.SheetItem;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.track.Step;
import cahier.app.track.StepPlan;
import cahier.app.track.Track;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.core.decide.TrackKind;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** The roadmap of a household: what starts, what waits, what rests, what goes on the next sheet, what another method changes. */
class RoadmapPagesTest extends AppTest {

    @Autowired
    private Tracks tracks;
    @Autowired
    private Answers answers;
    @Autowired
    private Homeworks homeworks;
    @Autowired
    private Roadmaps roadmaps;

    private Home home;
    private String household;

    @BeforeEach
    void household() {
        home = homes.make(edda(), TrackKind.SKILL, 2);
        household = "/households/" + home.id;
    }

    private void start(String... templates) throws Exception {
        String[] fields = new String[4 + 2 * templates.length];
        fields[0] = "version";
        fields[1] = "0";
        fields[2] = "dog";
        fields[3] = Long.toString(home.facts().dogs().get(0).id());
        for (int i = 0; i < templates.length; i++) {
            fields[4 + 2 * i] = "template";
            fields[5 + 2 * i] = templates[i];
        }
        send(household + "/tracks", fields).andExpect(status().is3xxRedirection());
    }

    private Map<String, RoadmapTrack> ways() {
        return asEdda(() -> roadmaps.of(edda().practice(), home.id, now())).stream().collect(Collectors.toMap(w -> w.track().title(), w -> w));
    }

    private RoadmapTrack way(String title) {
        return Optional.ofNullable(ways().get(title)).orElseThrow();
    }

    private Step step(String track, String key) {
        return way(track).roadmap().steps().stream().filter(s -> s.templateKey().equals(key)).findFirst().orElseThrow();
    }

    private void putOn(String track, String key) {
        Step step = step(track, key);
        asEdda(() -> {
            answers.putOn(edda(), step.trackId(), step.id(), now());
            return null;
        });
    }

    private List<String> onSheet() {
        return asEdda(() -> homeworks.latest(edda().practice(), home.id)).map(Homework::items).orElse(List.of()).stream().map(SheetItem::trackTitle).toList();
    }

    @Test
    void severalTracksStartAtOnceInTheHouseholdsMethod() throws Exception {
        send(household + "/method", "NAMING", "NAMED_EARLY", "MISS", "MISS_MARKER").andExpect(redirectedUrl(household + "/method"));
        start("down", "front", "settle-on-a-mat");
        assertThat(ways()).containsOnlyKeys("Leave it", "Down", "Front", "Settle on a mat");
        assertThat(way("Down").roadmap().steps().get(1).title()).isEqualTo("On the word");
        assertThat(way("Down").roadmap().steps().get(0).plan().onMiss()).startsWith("Say your try-again word once");
        assertThat(way("Settle on a mat").roadmap().steps().get(0).plan().onMiss()).doesNotContain("try-again");
        send(household + "/tracks", "version", "0", "dog", Long.toString(home.facts().dogs().get(0).id()), "template", "nonsense")
                .andExpect(content().string(containsString("must be on the shelf, was “nonsense”")));
    }

    @Test
    void aTrackWaitsForAnotherSaysForWhatAndIsNotProposedUntilItIsPassed() throws Exception {
        start("attention", "loose-lead");
        putOn("Loose lead by places", "front-door");
        assertThat(way("Loose lead by places").state()).isEqualTo(RoadmapTrack.State.WAITS);
        open(household + "/roadmap").andExpect(content().string(containsString("for Attention, step 9: At the open door.")));
        open(household).andExpect(content().string(containsString("Waits for Attention, step 9: At the open door.")));
        home.issue();
        assertThat(onSheet()).containsExactly("Leave it", "Attention");
        mvc.perform(MockMvcRequestBuilders.get("/o/" + home.token)).andExpect(content().string(allOf(containsString("Loose lead by places"),
                containsString("waits for Attention, step 9: At the open door."))));

        putOn("Attention", "outside");
        assertThat(way("Loose lead by places").isOpen()).isTrue();
        home.issue();
        assertThat(onSheet()).contains("Loose lead by places");
    }

    @Test
    void theTrainerMayLetATrackWaitNoMore() throws Exception {
        start("attention", "loose-lead");
        putOn("Loose lead by places", "front-door");
        Wait wait = way("Loose lead by places").unmet().get(0);
        send("/tracks/" + wait.trackId() + "/needs/" + wait.id() + "/remove").andExpect(status().is3xxRedirection());
        assertThat(way("Loose lead by places").isOpen()).isTrue();
        send("/tracks/" + wait.trackId() + "/needs/" + wait.id() + "/remove").andExpect(status().isNotFound());
    }

    @Test
    void whatTheDogWorksAlreadyDoesNotBeginToWaitBecauseATrackWasAdded() throws Exception {
        start("loose-lead");
        putOn("Loose lead by places", "pavement");
        start("attention");
        assertThat(way("Loose lead by places").waits()).isEmpty();
    }

    @Test
    void aNeedThatGoesRoundIsRefusedAndTheWayRoundNamed() throws Exception {
        start("attention", "loose-lead");
        String track = "/tracks/" + way("Attention").track().id();
        send(track + "/needs", "step", Long.toString(step("Attention", "hall").id()), "first", Long.toString(step("Loose lead by places", "block").id()))
                .andExpect(flash().attribute("refusal", allOf(startsWith("That would go round in a circle: "), containsString("Attention, step 8"),
                        containsString("Loose lead by places, step 9"), containsString(" → "))));
        assertThat(way("Attention").waits()).isEmpty();

        send(track + "/needs", "step", Long.toString(step("Attention", "hall").id()), "first", Long.toString(step("Loose lead by places", "indoors").id()))
                .andExpect(flash().attributeCount(0));
        assertThat(way("Attention").waits()).hasSize(1);
        String move = "/steps/" + step("Attention", "open-door").id() + "/move";
        send(move, "by", "-1").andExpect(flash().attributeExists("changed"));
        long own = home.stepNow();
        send("/tracks/" + home.track + "/needs", "step", Long.toString(own), "first", Long.toString(home.roadmap().steps().get(1).id()))
                .andExpect(flash().attribute("refusal", "That would go round in a circle: Leave it, step 1 → Leave it, step 2 → Leave it, step 1."));
    }

    @Test
    void anOrderOfStepsThatWouldGoRoundIsRefused() throws Exception {
        Step first = home.roadmap().steps().get(0);
        Step second = home.roadmap().steps().get(1);
        send("/tracks/" + home.track + "/needs", "step", Long.toString(second.id()), "first", Long.toString(first.id())).andExpect(flash().attributeCount(0));
        send("/steps/" + second.id() + "/move", "by", "-1").andExpect(flash().attribute("refusal", startsWith("That would go round in a circle")));
        assertThat(home.roadmap().steps()).extracting(Step::id).containsExactly(first.id(), second.id());
    }

    @Test
    void threeTracksGoOnASheetByThemselvesThoseOfTheLastSheetFirstAndMoreOnPurpose() throws Exception {
        start("down", "attention", "handling", "settle-on-a-mat");
        home.issue();
        assertThat(onSheet()).containsExactly("Leave it", "Down", "Attention");
        String[] all = ways().values().stream().flatMap(w -> List.of("track", Long.toString(w.track().id())).stream()).toArray(String[]::new);
        send(household + "/roadmap/issue", all).andExpect(flash().attribute("refusal", startsWith("You ticked 5 tracks; three at most is usual.")));
        send(household + "/roadmap/issue").andExpect(flash().attribute("refusal", startsWith("Nothing was issued")));
        assertThat(onSheet()).hasSize(3);

        String handling = Long.toString(way("Handling").track().id());
        send(household + "/roadmap/issue", "track", handling).andExpect(redirectedUrl(household + "/homework?track=" + handling));
        send(household + "/homework", "track", handling).andExpect(status().is3xxRedirection());
        assertThat(onSheet()).containsExactly("Handling");
        home.issue();
        assertThat(onSheet()).containsExactly("Leave it", "Down", "Handling");

        String[] onPurpose = Stream.concat(Arrays.stream(all), Stream.of("more", "yes")).toArray(String[]::new);
        send(household + "/roadmap/issue", onPurpose).andExpect(status().is3xxRedirection());
        send(household + "/homework", all).andExpect(status().is3xxRedirection());
        assertThat(onSheet()).hasSize(5);
    }

    @Test
    void theOrderOfTheTracksIsTheTrainers() throws Exception {
        start("down", "attention");
        send("/tracks/" + way("Attention").track().id() + "/order", "by", "-1").andExpect(redirectedUrl(household + "/roadmap"));
        assertThat(asEdda(() -> tracks.ofHousehold(edda().practice(), home.id))).extracting(m -> m.track().title()).containsExactly("Leave it", "Attention", "Down");
        send("/tracks/" + way("Leave it").track().id() + "/order", "by", "-1");
        assertThat(asEdda(() -> tracks.ofHousehold(edda().practice(), home.id)).get(0).track().title()).isEqualTo("Leave it");
    }

    @Test
    void aParkedTrackRestsUntilItsDayAndThenComesBack() throws Exception {
        String park = "/tracks/" + home.track + "/park";
        send(park, "until", "soon").andExpect(flash().attribute("refusal", allOf(startsWith("The return date must be a day after today"), containsString("was “soon”"))));
        send(park, "until", today(0)).andExpect(flash().attribute("refusal", startsWith("The return date must be a day after today")));
        send(park, "until", today(3)).andExpect(flash().attributeCount(0));
        assertThat(way("Leave it").state()).isEqualTo(RoadmapTrack.State.PARKED);
        mvc.perform(MockMvcRequestBuilders.get("/o/" + home.token)).andExpect(content().string(containsString("Leave it")));
        clock.pass(Duration.ofDays(3));
        assertThat(way("Leave it").isOpen()).isTrue();
        send(park).andExpect(flash().attributeCount(0));
        assertThat(way("Leave it").track().parkedUntil()).hasToString(today(14));
        send(park, "back", "yes");
        assertThat(way("Leave it").isOpen()).isTrue();
    }

    private String today(int plus) {
        return now().atZone(home.facts().household().zone()).toLocalDate().plusDays(plus).toString();
    }

    @Test
    void aThingRestsTwoWeeksUnlessAnotherDayIsGiven() throws Exception {
        send(household + "/parked", "item", "squeaky ball").andExpect(flash().attributeCount(0));
        send(household + "/parked", "item", "").andExpect(flash().attribute("refusal", startsWith("What is parked must have 1 to 80 characters")));
        ParkedItem ball = asEdda(() -> roadmaps.parkedItems(edda().practice(), home.id)).get(0);
        assertThat(ball.until()).hasToString(today(14));
        open(household + "/roadmap").andExpect(content().string(containsString("squeaky ball")));
        send(household + "/parked/" + ball.id() + "/return");
        open(household + "/roadmap").andExpect(content().string(not(containsString("squeaky ball"))));
    }

    @Test
    void whatIsKeptApartIsSaidOnTheSheetUntilBothAreSure() throws Exception {
        start("wait", "stay");
        home.issue();
        assertThat(asEdda(() -> homeworks.latest(edda().practice(), home.id)).orElseThrow().items()).filteredOn(i -> i.trackTitle().equals("Stay"))
                .singleElement().satisfies(i -> assertThat(i.apart()).containsExactly("Wait"));
        send("/tracks/" + way("Wait").track().id() + "/apart", "other", Long.toString(way("Stay").track().id()), "apart", "false");
        assertThat(way("Stay").apart()).isEmpty();
        send("/tracks/" + way("Wait").track().id() + "/apart", "other", Long.toString(home.track));
        assertThat(way("Wait").apartStill()).extracting(Apart::title).containsExactly("Leave it");
        send("/tracks/" + way("Wait").track().id() + "/apart", "other", Long.toString(way("Wait").track().id())).andExpect(status().isNotFound());
    }

    @Test
    void whatATemplateWantsFirstAndNobodyHasStartedIsProposed() throws Exception {
        start("muzzle");
        open(household + "/roadmap").andExpect(content().string(allOf(containsString("Handling first?"), containsString("Muzzle wants it from step 4 on."))));
        start("handling");
        open(household + "/roadmap").andExpect(content().string(not(containsString("Handling first?"))));
        assertThat(way("Muzzle").later()).hasSize(2);
    }

    @Test
    void aChangedMethodShowsWhatWouldChangeAndAsks() throws Exception {
        start("down", "front");
        List<String> before = titles("Down");
        StepPlan edited = step("Front", "lured").plan().withTitle("Mine");
        asEdda(() -> {
            tracks.saveStep(edda().practice(), step("Front", "lured").id(), 0, edited, now());
            return null;
        });
        putOn("Down", "sign");
        send(household + "/method", "NAMING", "NAMED_EARLY").andExpect(redirectedUrl(household + "/method/changes"));
        open(household + "/method/changes").andExpect(content().string(allOf(containsString("Down, Pim"), containsString("Front, Pim"), containsString("8 of the last 10 clean"),
                containsString("New order: "))));
        assertThat(titles("Down")).isEqualTo(before);

        send(household + "/method/changes", "track", Long.toString(way("Down").track().id())).andExpect(redirectedUrl(household + "/roadmap"));
        assertThat(titles("Down")).startsWith("Follows the lure", "On the word", "A fist that waits");
        assertThat(way("Down").roadmap().current().orElseThrow().title()).isEqualTo("A small sign");
        assertThat(step("Down", "sign").plan().word()).isEqualTo("down");
        assertThat(titles("Front")).startsWith("Mine", "Empty hands");
        open(household + "/method/changes").andExpect(content().string(containsString("Nothing: every step from the shelf is written in this method.")));
    }

    @Test
    void anotherExposureStyleBringsItsOwnStepsAndTheDogGoesToTheFirstOfThem() throws Exception {
        start("dogs-and-people");
        putOn("Other dogs and people at a distance", "near");
        send(household + "/method", "EXPOSURE", "EXPOSE_LONG_WATCHING").andExpect(redirectedUrl(household + "/method/changes"));
        String track = Long.toString(way("Other dogs and people at a distance").track().id());
        send(household + "/method/changes", "track", track).andExpect(redirectedUrl(household + "/roadmap"));
        TrackSteps map = way("Other dogs and people at a distance").roadmap();
        assertThat(map.steps()).hasSize(2).allMatch(s -> s.templateKey().startsWith("sit"));
        assertThat(map.current().orElseThrow().title()).isEqualTo("Eats there, from your hand");

        send(household + "/method", "EXPOSURE", "EXPOSE_BELOW_THRESHOLD");
        send(household + "/method/changes", "track", track);
        assertThat(way("Other dogs and people at a distance").roadmap().steps()).hasSize(4);
    }

    private List<String> titles(String track) {
        return way(track).roadmap().steps().stream().map(Step::title).toList();
    }

    @Test
    void inANewPlaceTheDogBeginsLowerTheHarderThePlaceIs() throws Exception {
        start("stay");
        putOn("Stay", "five-paces-30");
        long track = way("Stay").track().id();
        send(household + "/places", "id", "0", "version", "0", "name", "living room", "difficulty", "1").andExpect(status().is3xxRedirection());
        send(household + "/places", "id", "0", "version", "0", "name", "field", "difficulty", "4").andExpect(status().is3xxRedirection());
        long field = home.facts().places().stream().filter(p -> p.name().equals("field")).findFirst().orElseThrow().id();
        open("/tracks/" + track + "/place?place=" + field).andExpect(content().string(allOf(containsString("Begin with step 3"),
                containsString("Difficulty 1 in “living room”, 4 in “field”. Step 6 is reached, so begin with step 3."), containsString("Add 4 steps"))));
        send("/tracks/" + track + "/place", "place", Long.toString(field)).andExpect(redirectedUrl("/tracks/" + track));
        assertThat(titles("Stay").subList(5, 11)).containsExactly("Five paces, 30\u00a0s", "On the word, field", "One pace, 5\u00a0s, field", "Five paces, 5\u00a0s, field",
                "Five paces, 30\u00a0s, field", "Round it");
        open("/tracks/" + track + "/place?place=0").andExpect(status().isNotFound());
    }

    @Test
    void anEmptyRoadmapSaysWhatToDoFirst() throws Exception {
        Home bare = homes.make(edda(), TrackKind.SKILL, 0);
        open("/households/" + bare.id + "/roadmap").andExpect(content().string(allOf(containsString("no step yet"), not(containsString("Issue the ticked tracks")))));
        Track track = bare.roadmap().track();
        assertThat(track.isParked(LocalDate.MIN)).isFalse();
    }
}
