package cahier.app.owner;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.alarm.Alarm;
import cahier.app.alarm.Alarms;
import cahier.app.judge.Answers;
import cahier.app.log.Detail;
import cahier.app.log.KeptRep;
import cahier.app.log.RepLog;
import cahier.app.log.Sign;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.track.Helper;
import cahier.app.track.PassChoice;
import cahier.app.track.Step;
import cahier.app.track.StepPlan;
import cahier.app.track.Teaching;
import cahier.app.track.Tracks;
import cahier.app.track.Trait;
import cahier.core.decide.Cause;
import cahier.core.decide.Decision;
import cahier.core.decide.TrackKind;
import cahier.core.pass.Missing;
import cahier.core.pass.Spread;
import cahier.core.rep.Aid;
import cahier.core.rep.Role;
import cahier.core.slip.Slip;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;

/** What a phone adds inside a session: roles, slips, signs, its clock, and stop and call. */
class SessionEndpointTest extends AppTest {

    @Autowired
    private RepLog log;
    @Autowired
    private Alarms alarms;
    @Autowired
    private Tracks tracks;

    private final String sitting = UUID.randomUUID().toString();
    private Home home;

    @BeforeEach
    void home() {
        home = homes.make(edda(), TrackKind.SKILL, 3);
    }

    private String rep(String id, String role, Instant at) {
        String rep = Home.rep(id, sitting, home.stepNow(), "MISSED", at, "Dele");
        return role.isEmpty() ? rep : rep.substring(0, rep.length() - 1) + ",\"role\":\"" + role + "\"}";
    }

    private List<KeptRep> kept() {
        return asEdda(() -> log.latestOfTrack(edda().practice(), home.track, 20));
    }

    private List<Detail> details() {
        long visit = home.roadmap().visit().orElseThrow().id();
        return asEdda(() -> log.details(edda().practice(), home.id)).getOrDefault(visit, List.of());
    }

    @Test
    void anEasierRepAndTheSureWinKeepTheirRoleAndAreNoEvidence() throws Exception {
        for (String role : List.of("", "WORK", "EASE", "WIN")) {
            home.sendReps("{\"reps\":[" + rep(UUID.randomUUID().toString(), role, now()) + "]}").andExpect(status().isOk());
        }
        assertThat(kept()).extracting(KeptRep::role).containsExactlyInAnyOrder(Role.WORK, Role.WORK, Role.EASE, Role.WIN);
        clock.pass(Duration.ofMinutes(31));
        assertThat(home.suggestion().grounds().reps()).isEqualTo(2);
        home.sendReps("{\"reps\":[" + rep(UUID.randomUUID().toString(), "SHOWN", now()) + "]}").andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.error").value("reps[0].role must be one of WORK, EASE, WIN, PROBE, REFRESH, was \"SHOWN\""));
    }

    @Test
    void aMissIsNamedAfterTheTapAndTheLastWordHolds() throws Exception {
        String id = UUID.randomUUID().toString();
        home.sendReps("{\"reps\":[" + rep(id, "", now()) + "]}");
        home.post("reps/" + id + "/detail", "{\"slip\":\"GRABBED\"}").andExpect(status().isOk());
        home.post("reps/" + id + "/detail", "{\"slip\":\"BROKE_AT\",\"event\":\"handle\"}").andExpect(status().isOk());
        assertThat(details()).containsExactly(new Detail(Slip.BROKE_AT, "handle", null));
        home.post("reps/" + id + "/detail", "{\"sign\":\"FROZE\"}").andExpect(status().isOk());
        assertThat(details()).containsExactly(new Detail(null, "", Sign.FROZE));
        home.post("reps/" + id + "/detail", "{\"slip\":\"SULKED\"}").andExpect(status().isBadRequest()).andExpect(jsonPath("$.error").value(startsWith("slip must be one of GRABBED")));
        home.post("reps/" + UUID.randomUUID() + "/detail", "{}").andExpect(status().isNotFound());
        Home neighbour = homes.make(edda(), TrackKind.SKILL, 1);
        neighbour.post("reps/" + id + "/detail", "{\"slip\":\"GRABBED\"}").andExpect(status().isNotFound());
    }

    private void save(Step step, StepPlan plan) {
        asEdda(() -> {
            tracks.saveStep(edda().practice(), step.id(), step.version(), plan, now());
            return step;
        });
    }

    @Test
    void whatHelpedIsKeptAndSaysWhatToDo() throws Exception {
        List<String> said = List.of("{\"cues\":2}", "{\"aid\":\"HAND\"}", "{\"aid\":\"HAND\"}", "{\"aid\":\"HAND\"}");
        for (int i = 0; i < said.size(); i++) {
            open("/tracks/" + home.track).andExpect(content().string(not(containsString("Put the help back in"))));
            String id = new UUID(1, i).toString();
            home.sendReps("{\"reps\":[" + rep(id, "", now().plusSeconds(i)).replace("MISSED", "HELPED") + "]}");
            home.post("reps/" + id + "/detail", said.get(i)).andExpect(status().isOk());
        }
        assertThat(details()).containsExactly(new Detail(null, "", null, null, 2), new Detail(null, "", null, Aid.HAND, null), new Detail(null, "", null, Aid.HAND, null), new Detail(null, "", null, Aid.HAND, null));
        open("/tracks/" + home.track).andExpect(content().string(allOf(containsString("Put the help back in"), containsString("3 of 4 helped reps were done with an empty hand."))));
        for (String wrong : List.of("1", "10", "\"two\"", "2.5")) {
            home.post("reps/" + new UUID(1, 0) + "/detail", "{\"cues\":" + wrong + "}").andExpect(status().isBadRequest()).andExpect(jsonPath("$.error").value(startsWith("cues must be a number from 2 to 9")));
        }
    }

    @Test
    void handsAndItemsStandInTheEvidenceAndInTheSpread() throws Exception {
        StepPlan plan = home.roadmap().steps().get(0).plan();
        Step first = home.roadmap().steps().get(0);
        save(first, plan.passedBy(PassChoice.RUN, 5, new Spread(0, 0, 0, 0, 0, 0, 2, 2)));
        for (int i = 0; i < 18; i++) {
            boolean ball = i % 2 == 0;
            String one = rep(new UUID(2, i).toString(), "", now().plusSeconds(i)).replace("MISSED", ball ? "CLEAN" : "MISSED");
            home.sendReps("{\"reps\":[" + one.substring(0, one.length() - 1) + ",\"item\":\"" + (ball ? "Ball" : "glove ") + "\",\"side\":\"" + (ball ? "LEFT" : "RIGHT") + "\"}]}").andExpect(status().isOk());
        }
        clock.pass(Duration.ofMinutes(31));
        assertThat(home.suggestion().grounds().gaps()).extracting(g -> g.better().name() + " over " + g.worse().name()).containsExactly("left hand over right hand", "ball over glove");
        assertThat(home.suggestion().grounds().suggestion().missing()).contains(new Missing(Missing.What.HANDS, 1), new Missing(Missing.What.ITEMS, 1));
        open("/tracks/" + home.track).andExpect(content().string(allOf(containsString("glove differs"), containsString("with 2 hands, with 2 rewards or objects"))));
    }

    @Test
    void howSoonItAnswersIsTimedAndSaid() throws Exception {
        Step first = home.roadmap().steps().get(0);
        Teaching timed = new Teaching("", "", Helper.NOBODY, List.of(), List.of(), null, List.of(), List.of(Trait.ANSWER_TIMED));
        StepPlan p = first.plan();
        save(first, new StepPlan(p.title(), p.how(), p.place(), p.distanceM(), null, "", "", p.aid(), "down", p.pass(), p.run(), p.reps(), p.sessions(), p.minutes(), "", "", timed));
        home.issue();
        open("/o/" + home.token + "/practice/" + first.id()).andExpect(content().string(allOf(containsString("cue to answer"), containsString("Said it again"), containsString("Pointing"))));
        for (int i = 0; i < 5; i++) {
            String one = rep(new UUID(3, i).toString(), "", now().plusSeconds(i)).replace("MISSED", "CLEAN");
            home.sendReps("{\"reps\":[" + one.substring(0, one.length() - 1) + ",\"value\":4}]}").andExpect(status().isOk());
        }
        open("/tracks/" + home.track).andExpect(content().string(allOf(containsString("Pay the quick ones"), containsString("It answers after 4\u00a0s"))));
    }

    @Test
    void missesOfOneKindProposeTheirRemedyInTheMargin() throws Exception {
        for (int i = 0; i < 4; i++) {
            String id = UUID.randomUUID().toString();
            home.sendReps("{\"reps\":[" + rep(id, "", now()) + "]}");
            open("/tracks/" + home.track).andExpect(content().string(not(containsString("coded misses"))));
            home.post("reps/" + id + "/detail", i == 0 ? "{\"slip\":\"GRABBED\"}" : "{\"slip\":\"BROKE_AT\",\"event\":\"handle\"}");
        }
        String says = "Broke the chain at “handle”, 3 of 4 coded misses. Play that event alone, then the chain from its start.";
        open("/tracks/" + home.track).andExpect(content().string(containsString(says)));
        open("/households/" + home.id).andExpect(content().string(containsString(says)));
    }

    @ParameterizedTest
    @CsvSource({"-7200, true", "7200, true", "-200, false", "5, false", "-3, false"})
    void aClockThatIsOffIsPutRightAndMarkedWhenItIsFarOff(int phoneOff, boolean marked) throws Exception {
        String id = UUID.randomUUID().toString();
        Instant tapped = now().minusSeconds(60).plusSeconds(phoneOff);
        home.sendReps("{\"sentAt\":\"" + now().plusSeconds(phoneOff) + "\",\"reps\":[" + rep(id, "", tapped) + "]}").andExpect(status().isOk());
        Duration wrong = Duration.between(now().minusSeconds(60), kept().get(0).happenedAt());
        assertThat(wrong.abs()).isLessThanOrEqualTo(Duration.ofSeconds(Math.abs(phoneOff) > 10 ? 3 : 8));
        Integer off = homes.number(edda(), "select clock_off_s from rep where id = '" + id + "'");
        assertThat(off != null).isEqualTo(marked);
        if (off != null) {
            assertThat(off).isBetween(phoneOff - 3, phoneOff + 3);
        }
    }

    @Test
    void pausesAndReadinessAreKeptWithTheSitting() throws Exception {
        home.post("sessions/" + sitting + "/finish", "{\"at\":\"" + now() + "\",\"how\":\"EAGER\",\"ready\":true,\"cameBack\":2,\"stayedOff\":1}").andExpect(status().isOk());
        assertThat(homes.number(edda(), "select came_back * 10 + stayed_off + ready::int * 100 from sitting where id = '" + sitting + "'")).isEqualTo(121);
        home.post("sessions/" + sitting + "/finish", "{\"at\":\"" + now() + "\",\"cameBack\":-4}").andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.error").value("cameBack must be a number from 0 to 100, was -4"));
    }

    @Test
    void sessionsThatEndFlatProposeAShorterDose() throws Exception {
        for (String how : List.of("EAGER", "FLAT", "EAGER", "FRUSTRATED")) {
            open("/tracks/" + home.track).andExpect(content().string(not(containsString("Make it shorter"))));
            clock.pass(Duration.ofHours(5));
            String sat = UUID.randomUUID().toString();
            home.sendReps("{\"reps\":[" + Home.rep(UUID.randomUUID().toString(), sat, home.stepNow(), "CLEAN", now(), "Dele") + "]}").andExpect(status().isOk());
            home.post("sessions/" + sat + "/finish", "{\"at\":\"" + now() + "\",\"how\":\"" + how + "\"}").andExpect(status().isOk());
        }
        open("/tracks/" + home.track).andExpect(content().string(containsString("2 of the last 4 sessions ended flat or frustrated.")));
    }

    private String alarm(String id, String kind) {
        return "{\"id\":\"" + id + "\",\"dog\":\"" + home.facts().dogs().get(0).id() + "\",\"kind\":\"" + kind + "\",\"what\":\"At the child next door\",\"at\":\"" + now() + "\"}";
    }

    @Test
    void stopAndCallLocksTheDogUntilTheTrainerHasAnswered() throws Exception {
        home.practise("cccc");
        String id = UUID.randomUUID().toString();
        home.post("alarms", alarm(id, "GROWLED")).andExpect(status().isOk());
        home.post("alarms", alarm(id, "GROWLED")).andExpect(status().isOk());
        assertThat(home.suggestion().suggested()).isEqualTo(Decision.CALL);
        assertThat(home.suggestion().cause()).isEqualTo(Cause.ALARM);
        mvc.perform(get("/o/" + home.token)).andExpect(content().string(allOf(containsString("Everything with Pim rests."), containsString("Your trainer speaks with you first."))));
        mvc.perform(get("/o/" + home.token + "/practice/" + home.stepNow())).andExpect(status().isOk()).andExpect(content().string(allOf(containsString("Everything with Pim rests."), not(containsString("data-outcome")))));
        open("/").andExpect(content().string(containsString("Stop and call")));
        open("/households/" + home.id).andExpect(content().string(allOf(containsString("Growled at someone, Pim"), containsString("At the child next door"))));

        String answer = "/alarms/" + id + "/answer";
        send(answer, "with", "", "answer", "", "next-" + home.track, "GO_ON").andExpect(content().string(allOf(containsString("must say what was found out and agreed"), containsString("must name whom you spoke with"),
                containsString("must say why it goes on"))));
        send(practices.trainerOf("Fallow Field Dogs", "Ines Marchetti", "ines@fallowfield.example"), answer, "with", "Dele", "answer", "x").andExpect(status().isNotFound());
        send(answer, "with", "Dele", "answer", "Child had leaned over him. Gate up, referred.").andExpect(redirectedUrl("/households/" + home.id));
        assertThat(asEdda(() -> alarms.open(edda().practice(), home.id))).isEmpty();
        assertThat(home.suggestion().cause()).as("what comes next with the track is not decided by the answer").isEqualTo(Cause.ALARM);
        mvc.perform(get("/o/" + home.token)).andExpect(content().string(allOf(not(containsString("Everything with Pim rests.")), containsString("This rests until your trainer says what comes next."))));
        assertThat(home.call(Answers.Next.GO_ON)).isEqualTo(Answers.Result.DONE);
        assertThat(home.history()).anyMatch(d -> d.cause() == Cause.ALARM && d.answer() == Decision.STAY);
        open("/households/" + home.id).andExpect(content().string(containsString("spoke with Dele: Child had leaned over him. Gate up, referred.")));
        mvc.perform(get("/o/" + home.token + "/practice/" + home.stepNow())).andExpect(status().isOk());
    }

    @Test
    void anAlarmNamesADogOfTheHouseholdAndWhatHappened() throws Exception {
        home.post("alarms", alarm(UUID.randomUUID().toString(), "SULKED")).andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.error").value("kind must be one of GROWLED, SNAPPED, BIT, PANICKED, HURT, ESCAPED, was \"SULKED\""));
        home.post("alarms", alarm(UUID.randomUUID().toString(), "BIT").replaceAll("\"dog\":\"\\d+\"", "\"dog\":\"0\"")).andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.error").value("dog must be a dog of this household, was \"0\""));
        assertThat(asEdda(() -> alarms.open(edda().practice(), home.id))).isEmpty();
        assertThat(Alarm.Kind.BIT.words()).isEqualTo("Bit");
        mvc.perform(get("/o/" + home.token + "/alarm")).andExpect(status().isOk());
    }
}
