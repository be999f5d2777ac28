package cahier.app.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.log.RepLog;
import cahier.app.scope.TrainerUser;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;

/** What the page of a lesson that runs sends, what it is told, and the dates that are proposed when it is closed. */
class HourTest extends AppTest {

    @Autowired
    private Households households;
    @Autowired
    private RepLog log;
    private Home home;
    private long lesson;
    private Instant starts;

    @BeforeEach
    void aLessonThatRuns() throws Exception {
        home = homes.make(edda(), TrackKind.SKILL, 3);
        starts = now().truncatedTo(ChronoUnit.SECONDS);
        lesson = plan(starts);
        send("/lessons/" + lesson + "/begin").andExpect(redirectedUrl("/lessons/" + lesson + "/hour"));
    }

    private long plan(Instant when) {
        return asEdda(() -> {
            households.put(edda().practice(), new Lesson(0, home.id, when, 60, "", 20, Lesson.State.PLANNED, 0));
            return home.facts().lessons().stream().filter(l -> l.startsAt().equals(when)).findFirst().orElseThrow().id();
        });
    }

    private ResultActions hour(TrainerUser who, String path, String body) throws Exception {
        return mvc.perform(post("/lessons/" + lesson + "/hour/" + path).with(user(who)).with(csrf()).accept(MediaType.APPLICATION_JSON).contentType(MediaType.APPLICATION_JSON).content(body));
    }

    private ResultActions hour(String path, String body) throws Exception {
        return hour(edda(), path, body);
    }

    private ResultActions state() throws Exception {
        return open("/lessons/" + lesson + "/hour/state?track=" + home.track);
    }

    private String rep(UUID id, String outcome, String more) {
        return "{\"id\":\"%s\",\"track\":%d,\"step\":%d,\"outcome\":\"%s\",\"at\":\"%s\"%s}".formatted(id, home.track, home.stepNow(), outcome, now(), more);
    }

    private String theirs() {
        return ",\"person\":" + home.facts().people().get(0).id();
    }

    @Test
    void whatIsSentTwiceIsKeptOnce() throws Exception {
        UUID id = UUID.randomUUID();
        hour("reps", rep(id, "CLEAN", theirs())).andExpect(status().isOk());
        hour("reps", rep(id, "CLEAN", theirs())).andExpect(status().isOk());
        hour("reps", rep(UUID.randomUUID(), "MISSED", "")).andExpect(status().isOk());
        state().andExpect(jsonPath("$.tracks[0].reps.length()").value(2)).andExpect(jsonPath("$.tracks[0].reps[1].role").value("SHOWN")).andExpect(jsonPath("$.stands.clean").value(1)).andExpect(jsonPath("$.stands.of").value(1));
        hour("reps/" + id + "/undo", "{}").andExpect(status().isOk());
        state().andExpect(jsonPath("$.tracks[0].reps.length()").value(1));
        hour("reps/" + id + "/undo", "{}").andExpect(status().isOk());
        UUID unknown = UUID.randomUUID();
        hour("reps/" + unknown + "/undo", "{}").andExpect(status().isNotFound()).andExpect(jsonPath("$.error").value("rep " + unknown + " is not here"));
        hour("reps/" + UUID.randomUUID() + "/slip", "{\"slip\":null}").andExpect(status().isNotFound());
    }

    @Test
    void whatDoesNotFitIsNamed() throws Exception {
        hour("reps", rep(UUID.randomUUID(), "PURRED", "")).andExpect(status().isBadRequest()).andExpect(jsonPath("$.error").isNotEmpty());
        hour("reps", "{}").andExpect(status().isBadRequest()).andExpect(jsonPath("$.error").value("a rep needs id, outcome and a time such as 2026-06-18T09:15:00Z, was null, null, null"));
        hour("reps", rep(UUID.randomUUID(), "CLEAN", ",\"item\":\"" + "x".repeat(41) + "\"")).andExpect(jsonPath("$.error").value("item must be at most 40 characters, was 41"));
        hour("agenda", "{\"agenda\":[{\"title\":\"Arrive\",\"minutes\":5}],\"at\":1}").andExpect(status().isBadRequest()).andExpect(jsonPath("$.error").value("at must be one of 1 blocks, was 1"));
        hour("agenda", "{\"agenda\":[{\"title\":\" \",\"minutes\":5}],\"at\":0}").andExpect(jsonPath("$.error").value("title must have 1 to 80 characters, was “ ”"));
        hour("agenda", "{\"agenda\":[{\"title\":\"Arrive\",\"minutes\":-1}],\"at\":0}").andExpect(jsonPath("$.error").value("minutes must be 0 to 300, was -1"));
        hour("agenda", "{\"agenda\":[],\"at\":0}").andExpect(jsonPath("$.error").value("agenda must have 1 to 40 blocks, was 0"));
        hour("notes", "{\"words\":\"" + "x".repeat(8001) + "\",\"base\":\"\"}").andExpect(jsonPath("$.error").value("words must be at most 8000 characters, was 8001"));
        hour("shown", "{\"fine\":true}").andExpect(status().isBadRequest());
        hour("notes", "no json").andExpect(status().isBadRequest()).andExpect(jsonPath("$.error").value("the message must be JSON as this page sends it"));
        state().andExpect(jsonPath("$.notes").value("")).andExpect(jsonPath("$.agenda[0].minutes").value(5));
    }

    @Test
    void theNeighbourIsToldNothingAndChangesNothing() throws Exception {
        TrainerUser neighbour = practices.trainerOf("Fallow Field Dogs", "Ines Marchetti", "ines@fallowfield.example");
        for (String path : List.of("/hour", "/hour/state", "/close")) {
            mvc.perform(get("/lessons/" + lesson + path).with(user(neighbour))).andExpect(status().isNotFound());
        }
        hour(neighbour, "reps", rep(UUID.randomUUID(), "CLEAN", "")).andExpect(status().isNotFound());
        hour(neighbour, "agenda", "{\"agenda\":[{\"title\":\"Arrive\",\"minutes\":5}],\"at\":0}").andExpect(status().isNotFound());
        hour(neighbour, "notes", "{\"words\":\"x\",\"base\":\"\"}").andExpect(status().isNotFound());
        hour(neighbour, "shown", "{\"what\":\"MARKER\",\"fine\":true}").andExpect(status().isNotFound());
        Home other = homes.make(edda(), TrackKind.SKILL, 1);
        hour("reps", rep(UUID.randomUUID(), "CLEAN", "").replace("\"track\":" + home.track, "\"track\":" + other.track)).andExpect(status().isNotFound());
        hour("reps", rep(UUID.randomUUID(), "CLEAN", "").replace("\"step\":" + home.stepNow(), "\"step\":" + other.stepNow())).andExpect(status().isNotFound());
        state().andExpect(jsonPath("$.tracks[0].reps.length()").value(0)).andExpect(jsonPath("$.notes").value("")).andExpect(jsonPath("$.shown").isEmpty());
    }

    @Test
    void notesOfTwoDevicesBothStay() throws Exception {
        hour("notes", "{\"words\":\"Door\",\"base\":\"\"}");
        hour("notes", "{\"words\":\"Door\",\"base\":\"\"}");
        hour("notes", "{\"words\":\"Door opens\",\"base\":\"Door\"}");
        state().andExpect(jsonPath("$.notes").value("Door opens"));
        hour("notes", "{\"words\":\"Lead is long\",\"base\":\"\"}").andExpect(status().isOk());
        state().andExpect(jsonPath("$.notes").value("Door opens\nLead is long"));
        open("/lessons/" + lesson).andExpect(content().string(allOf(containsString("Noted in the lesson"), containsString("Door opens\nLead is long"), containsString("Go on with the lesson"))));
    }

    @Test
    void whoGoesOnFromATrackHasItJudged() throws Exception {
        clock.pass(Duration.ofHours(1));
        for (int i = 0; i < 5; i++) {
            clock.pass(Duration.ofSeconds(20));
            hour("reps", rep(UUID.randomUUID(), "CLEAN", theirs()));
        }
        hour("agenda", "{\"agenda\":[{\"title\":\"Leave it\",\"minutes\":50},{\"title\":\"Homework and next date\",\"minutes\":10}],\"at\":0}");
        hour("agenda", "{\"agenda\":[{\"title\":\"Leave it\",\"minutes\":50},{\"title\":\"Homework and next date\",\"minutes\":10}],\"at\":1}").andExpect(status().isOk());
        open("/lessons/" + lesson + "/close").andExpect(content().string(containsString("Leave it: step up")));
        assertThat(asEdda(() -> log.ofTrack(edda().practice(), home.track, starts))).hasSize(5);
    }

    @Test
    void aLessonThatIsOverRunsNoMore() throws Exception {
        send("/lessons/" + lesson + "/close").andExpect(status().isFound());
        open("/lessons/" + lesson + "/hour").andExpect(redirectedUrl("/lessons/" + lesson));
        open("/lessons/" + lesson + "/close").andExpect(redirectedUrl("/lessons/" + lesson));
    }

    @Test
    void theNextLessonIsProposedBesideTheOthersAndPlannedWithTheClose() throws Exception {
        LocalDateTime usual = starts.atZone(home.facts().household().zone()).toLocalDateTime().plusDays(asEdda(() -> accounts.settings(edda().practice())).rhythmDays());
        Home other = homes.make(edda(), TrackKind.SKILL, 1);
        asEdda(() -> {
            households.put(edda().practice(), new Lesson(0, other.id, usual.minusMinutes(50).atZone(home.facts().household().zone()).toInstant(), 60, "", 0, Lesson.State.PLANNED, 0));
            return null;
        });
        open("/lessons/" + lesson + "/close").andExpect(content().string(allOf(containsString("value=\"" + usual + "\""), containsString("You have lesson with Test home"))));
        for (String nonsense : List.of("tomorrow", starts.minus(Duration.ofDays(1)).atZone(home.facts().household().zone()).toLocalDateTime().toString(), "2199-01-01T09:00")) {
            send("/lessons/" + lesson + "/close", "next", "own", "nextOwn", nonsense).andExpect(redirectedUrl("/lessons/" + lesson + "/close"))
                    .andExpect(flash().attribute("refusal", containsString("was “" + nonsense + "”. Nothing was closed or sent."))).andExpect(flash().attribute("typed", nonsense));
        }
        send("/lessons/" + lesson + "/close", "next", "own", "nextOwn", usual.toString()).andExpect(redirectedUrl("/lessons/" + lesson + "/close"))
                .andExpect(flash().attribute("refusal", containsString("The next lesson runs into lesson with"))).andExpect(flash().attribute("sure", usual.toString()));
        assertThat(home.facts().lessons()).singleElement().satisfies(l -> assertThat(l.state()).isEqualTo(Lesson.State.PLANNED));
        send("/lessons/" + lesson + "/close", "next", "own", "nextOwn", usual.toString(), "sure", usual.toString()).andExpect(status().isFound());
        assertThat(home.facts().lessons()).extracting(l -> l.state().name().toLowerCase(Locale.ROOT)).containsExactlyInAnyOrder("given", "planned");
        long next = home.facts().lessons().stream().filter(l -> l.state() == Lesson.State.PLANNED).findFirst().orElseThrow().id();
        open("/lessons/" + next + "/close").andExpect(content().string(not(containsString("planned already"))));
    }
}
