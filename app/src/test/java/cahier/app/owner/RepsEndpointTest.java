package cahier.app.owner;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.log.KeptRep;
import cahier.app.log.RepLog;
import cahier.app.log.Side;
import cahier.app.sheet.OwnerLinks;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import cahier.core.rep.Outcome;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;

class RepsEndpointTest extends AppTest {

    private final String sitting = UUID.randomUUID().toString();
    private final ExecutorService phones = Executors.newFixedThreadPool(4);
    private Home home;
    @Autowired
    private RepLog log;
    @Autowired
    private OwnerLinks links;

    @BeforeEach
    void makeHome() {
        home = homes.make(edda(), TrackKind.SKILL, 3);
    }

    @AfterEach
    void noMorePhones() {
        phones.shutdown();
    }

    private String rep(String id, String outcome, Instant at) {
        return Home.rep(id, sitting, home.stepNow(), outcome, at, "Dele");
    }

    private String good() {
        return rep(UUID.randomUUID().toString(), "CLEAN", now());
    }

    private static String batch(String... items) {
        return "{\"reps\":[" + String.join(",", items) + "]}";
    }

    private List<KeptRep> stored() {
        return asEdda(() -> log.latestOfTrack(edda().practice(), home.track, 500));
    }

    @Test
    void aBatchIsStored() throws Exception {
        home.sendReps(batch(good(), good())).andExpect(status().isOk())
                .andExpect(jsonPath("$.stored").value(2)).andExpect(jsonPath("$.known").value(0));
        assertThat(stored()).hasSize(2).allSatisfy(r -> assertThat(r.outcome()).isEqualTo(Outcome.CLEAN));
    }

    @Test
    void aRepeatedSendChangesNothing() throws Exception {
        String one = good();
        home.sendReps(batch(one));
        home.sendReps(batch(one, good())).andExpect(jsonPath("$.stored").value(1)).andExpect(jsonPath("$.known").value(1));
        home.sendReps(batch(one, one)).andExpect(jsonPath("$.stored").value(0)).andExpect(jsonPath("$.known").value(2));
        assertThat(stored()).hasSize(2);
    }

    @Test
    void twiceInOneBatchIsOnce() throws Exception {
        String one = good();
        home.sendReps(batch(one, one)).andExpect(jsonPath("$.stored").value(1)).andExpect(jsonPath("$.known").value(1));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {
        "id        | \"7\"                    | reps[1].id must be a UUID such as 7f0c5d0e-3b0a-4f6e-9d55-0d1a3c1b2e4f, was \"7\"",
        "sessionId | null                     | reps[1].sessionId must be a UUID such as 7f0c5d0e-3b0a-4f6e-9d55-0d1a3c1b2e4f, was null",
        "stepId    | 999999999                | reps[1].stepId must be a step of this household's homework, was 999999999",
        "stepId    | \"hall\"                 | reps[1].stepId must be a step of this household's homework, was \"hall\"",
        "outcome   | \"PERFECT\"              | reps[1].outcome must be one of CLEAN, HELPED, MISSED, TOO_MUCH, was \"PERFECT\"",
        "at        | \"tomorrow\"             | reps[1].at must be a time such as 2026-06-18T09:15:00Z, was \"tomorrow\"",
        "at        | \"0001-01-01T00:00:00Z\" | reps[1].at must be a time such as 2026-06-18T09:15:00Z, was \"0001-01-01T00:00:00Z\"",
        "person    | \"Bruno\"                | reps[1].person must be someone of this household, or left out, was \"Bruno\"",
        "place     | \"moon\"                 | reps[1].place must be a place of this household, or left out, was \"moon\""})
    void aBadItemIsNamedAndNothingIsStored(String field, String value, String error) throws Exception {
        String bad = good().replaceAll("\"" + field + "\":(\"[^\"]*\"|\\d+)", "\"" + field + "\":" + value);
        home.sendReps(batch(good(), bad)).andExpect(status().isBadRequest()).andExpect(jsonPath("$.error").value(error));
        assertThat(stored()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "{\"reps\":[]} | reps must hold 1 to 200 items, was 0",
        "{}            | reps must be a list of 1 to 200 reps",
        "[]            | reps must be a list of 1 to 200 reps",
        "{\"reps\":    | the message must be JSON such as {\"reps\":[]}"})
    void aMessageOfAnotherShapeIsRefused(String body, String error) throws Exception {
        home.sendReps(body).andExpect(status().isBadRequest()).andExpect(jsonPath("$.error").value(error));
    }

    @Test
    void twoHundredAreTakenAndOneMoreIsNot() throws Exception {
        home.sendReps(batch(many(201))).andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.error").value("reps must hold 1 to 200 items, was 201"));
        assertThat(stored()).isEmpty();
        home.sendReps(batch(many(200))).andExpect(jsonPath("$.stored").value(200));
    }

    private String many(int n) {
        return IntStream.range(0, n).mapToObj(i -> good()).collect(Collectors.joining(","));
    }

    @Test
    void anotherHouseholdsStepAndAnotherHouseholdsRepAreNotHere() throws Exception {
        Home neighbour = homes.make(edda(), TrackKind.SKILL, 1);
        neighbour.sendReps(batch(good())).andExpect(status().isBadRequest()).andExpect(jsonPath("$.error").value(containsString("stepId must be a step")));
        String id = UUID.randomUUID().toString();
        home.sendReps(batch(rep(id, "CLEAN", now())));
        neighbour.post("reps/" + id + "/undo", "{\"at\":\"" + now() + "\"}").andExpect(status().isNotFound());
        assertThat(stored()).hasSize(1);
    }

    @Test
    void aTokenThatIsNobodysOrRevokedOpensNothing() throws Exception {
        String mine = home.token;
        home.token = "demo-pim-0000000000000000000000000";
        home.sendReps(batch(good())).andExpect(status().isNotFound());
        home.token = mine;
        asEdda(() -> {
            links.revoke(edda().practice(), home.id, now());
            return null;
        });
        home.sendReps(batch(good())).andExpect(status().isNotFound());
        assertThat(stored()).isEmpty();
    }

    @Test
    void aPhoneWhoseClockRunsAheadKeepsTheOrderAndPutsNothingIntoTheFuture() throws Exception {
        Instant ahead = now().plus(Duration.ofHours(9));
        home.sendReps(batch(rep(UUID.randomUUID().toString(), "MISSED", ahead), rep(UUID.randomUUID().toString(), "CLEAN", ahead.plusSeconds(20))));
        assertThat(stored()).extracting(KeptRep::outcome).containsExactly(Outcome.CLEAN, Outcome.MISSED);
        assertThat(stored()).allSatisfy(r -> assertThat(r.happenedAt()).isBeforeOrEqualTo(now()));
    }

    @Test
    void aRepCanBeTakenBackAndTakingItBackTwiceChangesNothing() throws Exception {
        String id = UUID.randomUUID().toString();
        home.sendReps(batch(rep(id, "TOO_MUCH", now())));
        String undo = "{\"at\":\"" + now().plusSeconds(30) + "\"}";
        home.post("reps/" + id + "/undo", undo).andExpect(status().isOk());
        home.post("reps/" + id + "/undo", undo).andExpect(status().isOk());
        assertThat(stored()).isEmpty();
        assertThat(asEdda(() -> log.days(edda().practice(), home.id))).allSatisfy(d -> assertThat(d.reps()).isZero());
        home.sendReps(batch(rep(id, "TOO_MUCH", now()))).andExpect(jsonPath("$.known").value(1));
        assertThat(stored()).isEmpty();
    }

    @Test
    void afterAMinuteTooMuchIsTheTrainersToVoid() throws Exception {
        String tooMuch = UUID.randomUUID().toString();
        String clean = UUID.randomUUID().toString();
        Instant earlier = now().minusSeconds(120);
        home.sendReps(batch(rep(tooMuch, "TOO_MUCH", earlier), rep(clean, "CLEAN", earlier)));
        home.post("reps/" + tooMuch + "/undo", "{\"at\":\"" + now() + "\"}").andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.error").value("a rep that was too much can be taken back within 60 s; after that ask your trainer"));
        home.post("reps/" + clean + "/undo", "{\"at\":\"" + now() + "\"}").andExpect(status().isOk());
        assertThat(stored()).extracting(KeptRep::outcome).containsExactly(Outcome.TOO_MUCH);
    }

    @Test
    void aClockThatRunsWrongTakesNothingFromTheMinute() throws Exception {
        String id = UUID.randomUUID().toString();
        Instant ahead = now().plus(Duration.ofHours(2));
        home.sendReps("{\"sentAt\":\"" + ahead.plusSeconds(1) + "\",\"reps\":[" + rep(id, "TOO_MUCH", ahead) + "]}");
        home.post("reps/" + id + "/undo", "{\"at\":\"" + ahead.plusSeconds(30) + "\"}").andExpect(status().isOk());
        assertThat(stored()).isEmpty();
    }

    @Test
    void whatIsKnownOfARepBesideItsOutcomeIsKept() throws Exception {
        String tagged = good().replace("}", ",\"value\":21.5,\"side\":\"LEFT\",\"item\":\" chicken \",\"helper\":\"Marit\"}");
        home.sendReps(batch(tagged)).andExpect(jsonPath("$.stored").value(1));
        KeptRep rep = stored().get(0);
        assertThat(rep.value()).isEqualTo(21.5);
        assertThat(rep.side()).isEqualTo(Side.LEFT);
        assertThat(rep.item()).isEqualTo("chicken");
        assertThat(rep.helper()).isEqualTo("Marit");
        assertThat(rep.toLogged().rep().value()).hasValue(21.5);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {
        "value  | -1       | reps[0].value must be seconds from 0 to 14400, or left out, was -1",
        "value  | 14401    | reps[0].value must be seconds from 0 to 14400, or left out, was 14401",
        "value  | \"long\" | reps[0].value must be seconds from 0 to 14400, or left out, was \"long\"",
        "side   | \"UP\"   | reps[0].side must be one of LEFT, RIGHT, or left out, was \"UP\"",
        "item   | \"aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa\" | reps[0].item must be at most 40 characters, was 41"})
    void aBadTagIsNamedAndNothingIsStored(String field, String value, String error) throws Exception {
        home.sendReps(batch(good().replace("}", ",\"" + field + "\":" + value + "}"))).andExpect(status().isBadRequest()).andExpect(jsonPath("$.error").value(error));
        assertThat(stored()).isEmpty();
    }

    @Test
    void aRepTappedWrongIsPutRightOnceHoweverOftenThePhoneSaysSo() throws Exception {
        String wrong = UUID.randomUUID().toString();
        String right = UUID.randomUUID().toString();
        Instant earlier = now().minusSeconds(3600).truncatedTo(ChronoUnit.SECONDS);
        home.sendReps(batch(rep(wrong, "CLEAN", earlier).replace("}", ",\"value\":7,\"item\":\"ball\"}")));
        String as = "{\"as\":\"" + right + "\",\"outcome\":\"MISSED\",\"at\":\"" + now() + "\"}";
        home.post("reps/" + wrong + "/correct", as).andExpect(status().isOk());
        home.post("reps/" + wrong + "/correct", as).andExpect(status().isOk());
        assertThat(stored()).singleElement().satisfies(r -> {
            assertThat(r.id()).isEqualTo(UUID.fromString(right));
            assertThat(r.outcome()).isEqualTo(Outcome.MISSED);
            assertThat(r.happenedAt()).isEqualTo(earlier);
            assertThat(r.value()).isEqualTo(7);
            assertThat(r.item()).isEqualTo("ball");
        });
        assertThat(asEdda(() -> log.days(edda().practice(), home.id))).singleElement().satisfies(d -> assertThat(List.of(d.clean(), d.missed())).containsExactly(0, 1));
        homes.make(edda(), TrackKind.SKILL, 1).post("reps/" + right + "/correct", as).andExpect(status().isNotFound());
    }

    @Test
    void tooMuchIsPutRightWithinAMinuteAndNotLater() throws Exception {
        String soon = UUID.randomUUID().toString();
        String late = UUID.randomUUID().toString();
        home.sendReps(batch(rep(soon, "TOO_MUCH", now()), rep(late, "TOO_MUCH", now().minusSeconds(300))));
        home.post("reps/" + soon + "/correct", "{\"as\":\"" + UUID.randomUUID() + "\",\"outcome\":\"HELPED\",\"at\":\"" + now().plusSeconds(59) + "\"}").andExpect(status().isOk());
        home.post("reps/" + late + "/correct", "{\"as\":\"" + UUID.randomUUID() + "\",\"outcome\":\"CLEAN\",\"at\":\"" + now() + "\"}").andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.error").value("a rep that was too much can be taken back within 60 s; after that ask your trainer"));
        assertThat(stored()).extracting(KeptRep::outcome).containsExactly(Outcome.HELPED, Outcome.TOO_MUCH);
    }

    @Test
    void howOftenTheLeadMeantTheEndIsKeptAndToldKindly() throws Exception {
        home.sendReps(batch(good()));
        home.post("sessions/" + sitting + "/finish", "{\"at\":\"" + now() + "\",\"leadOn\":2,\"leadHome\":3}").andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.error").value("leadHome must be a number from 0 to leadOn, which is 2, was 3"));
        home.post("sessions/" + sitting + "/finish", "{\"at\":\"" + now() + "\",\"leadOn\":5,\"leadHome\":1}").andExpect(status().isOk());
        mvc.perform(get("/o/" + home.token + "/progress")).andExpect(content().string(not(containsString("begins to mean the end"))));
        home.post("sessions/" + sitting + "/finish", "{\"at\":\"" + now() + "\",\"leadOn\":5,\"leadHome\":2}").andExpect(status().isOk());
        mvc.perform(get("/o/" + home.token + "/progress")).andExpect(content().string(containsString("The lead went on 5 times in 30 days, and 2 times you went home with it.")));
    }

    @Test
    void whatIsLeftTodayAndWhatTheStepLacksIsSaid() throws Exception {
        mvc.perform(get("/o/" + home.token + "/practice/" + home.stepNow() + "/left")).andExpect(content().string(containsString("5 more clean reps in a row to pass this step.")))
                .andExpect(content().string(containsString("Left today: Leave it twice.")));
        home.practise("ccc");
        mvc.perform(get("/o/" + home.token + "/practice/" + home.stepNow() + "/left")).andExpect(content().string(containsString("2 more clean reps in a row to pass this step.")))
                .andExpect(content().string(containsString("Left today: Leave it once.")));
        home.practise("cc");
        mvc.perform(get("/o/" + home.token + "/practice/" + home.stepNow() + "/left")).andExpect(content().string(containsString("The pass is there. Your trainer decides the next step.")));
        mvc.perform(get("/o/" + homes.make(edda(), TrackKind.SKILL, 1).token + "/practice/" + home.stepNow() + "/left")).andExpect(status().isNotFound());
    }

    @Test
    void howItEndedMustBeOneOfFour() throws Exception {
        home.post("sessions/" + sitting + "/finish", "{\"at\":\"" + now() + "\",\"how\":\"BORED\"}").andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.error").value("how must be one of EAGER, FLAT, FRUSTRATED, STOPPED, or left out, was \"BORED\""));
        home.post("sessions/" + sitting + "/finish", "{\"at\":\"" + now() + "\",\"note\":\"" + "x".repeat(1001) + "\"}")
                .andExpect(status().isBadRequest()).andExpect(jsonPath("$.error").value("note must be at most 1000 characters, was 1001"));
    }

    /** In a session of its own each time: what begins it is sent four times too. */
    @RepeatedTest(10)
    void aBatchSentByFourPhonesAtOnceIsStoredOnceAndKnownToTheOthers() throws Exception {
        String body = batch(many(20));
        List<String> answers = Collections.synchronizedList(new ArrayList<>());
        CountDownLatch together = new CountDownLatch(4);
        List<Thread> phones = IntStream.range(0, 4).mapToObj(i -> new Thread(() -> {
            together.countDown();
            try {
                together.await();
                MockHttpServletResponse answer = home.sendReps(body).andReturn().getResponse();
                answers.add(answer.getStatus() == 200 ? answer.getContentAsString() : answer.getStatus() + " " + answer.getContentType());
            } catch (Exception e) {
                answers.add(e.toString());
            }
        })).toList();
        phones.forEach(Thread::start);
        for (Thread phone : phones) {
            phone.join();
        }
        assertThat(answers).containsExactlyInAnyOrder("{\"stored\":20,\"known\":0}", "{\"stored\":0,\"known\":20}", "{\"stored\":0,\"known\":20}", "{\"stored\":0,\"known\":20}");
        assertThat(stored()).hasSize(20);
        assertThat(asEdda(() -> log.days(edda().practice(), home.id)).stream().mapToInt(d -> d.reps()).sum()).isEqualTo(20);
    }

    /** The same of what is sent once: an end, a question, an alarm. */
    @RepeatedTest(5)
    void whatIsSentTwiceAtTheSameMomentIsKnown() throws Exception {
        String id = UUID.randomUUID().toString();
        Map<String, String> messages = Map.of("sessions/" + id + "/finish", "{\"at\":\"" + now() + "\"}",
                "questions", "{\"id\":\"" + id + "\",\"words\":\"May he eat grass?\",\"at\":\"" + now() + "\"}",
                "alarms", "{\"id\":\"" + id + "\",\"dog\":\"" + home.facts().dogs().get(0).id() + "\",\"kind\":\"BIT\",\"what\":\"\",\"at\":\"" + now() + "\"}");
        for (Map.Entry<String, String> message : messages.entrySet()) {
            List<Integer> answers = IntStream.range(0, 4).mapToObj(i -> CompletableFuture.supplyAsync(() -> {
                try {
                    return home.post(message.getKey(), message.getValue()).andReturn().getResponse().getStatus();
                } catch (Exception e) {
                    throw new IllegalStateException(e);
                }
            }, phones)).toList().stream().map(CompletableFuture::join).toList();
            assertThat(answers).as(message.getKey()).containsOnly(200);
        }
    }
}
