package cahier.app.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.matchesPattern;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.judge.JudgingRound;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.track.Step;
import cahier.app.track.Tracks;
import cahier.core.decide.Cause;
import cahier.core.decide.Decision;
import cahier.core.decide.TrackKind;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;

/** What is logged beside the steps is the reps of the step that measures by it, and its criterion follows at once, whichever page it comes from. */
class MeasuredStepsTest extends AppTest {

    @Autowired
    private Tracks tracks;
    @Autowired
    private JudgingRound judging;
    private Home home;
    private long dog;

    @BeforeEach
    void aComfortTrack() throws Exception {
        home = homes.make(edda(), TrackKind.COMFORT, 1);
        dog = home.facts().dogs().get(0).id();
    }

    /** The only step of the track measures. */
    private void measure(String... fields) throws Exception {
        Step step = home.roadmap().steps().get(0);
        String[] all = new String[fields.length + 2];
        all[0] = "version";
        all[1] = Integer.toString(step.version());
        System.arraycopy(fields, 0, all, 2, fields.length);
        send("/steps/" + step.id() + "/measure", all).andExpect(redirectedUrl("/tracks/" + home.track));
        home.issue();
    }

    private String title() {
        return home.roadmap().steps().get(0).title();
    }

    private List<String> reps() {
        return texts("select r.outcome || ' ' || coalesce(r.value::text, '') || ' ' || r.level from rep r left join rep_void v on v.rep_id = r.id where v.rep_id is null and r.track_id = " + home.track + " order by r.happened_at, r.id");
    }

    private List<String> texts(String sql) {
        return homes.texts(edda(), sql);
    }

    private String meet(double metres, String response) throws Exception {
        String id = UUID.randomUUID().toString();
        clock.pass(Duration.ofSeconds(40));
        home.post("exposures", "{\"id\":\"" + id + "\",\"dog\":" + dog + ",\"kind\":\"DOG\",\"far\":" + metres + ",\"unit\":\"M\",\"response\":\"" + response + "\",\"answered\":900,\"phase\":\"COMING\",\"at\":\"" + now() + "\"}").andExpect(status().isOk());
        return id;
    }

    private void leave(String sitting, int seconds, boolean upset) throws Exception {
        clock.pass(Duration.ofMinutes(2));
        home.post("departures", "{\"id\":\"" + UUID.randomUUID() + "\",\"sitting\":\"" + sitting + "\",\"dog\":" + dog + ",\"left\":" + seconds + (upset ? ",\"upset\":" + seconds : "") + ",\"at\":\"" + now() + "\"}").andExpect(status().isOk());
    }

    private void closeSession() {
        clock.pass(Duration.ofMinutes(40));
        judging.round(edda().practice(), now());
    }

    private ResultActions phone(String page) throws Exception {
        return mvc.perform(get("/o/" + home.token + page));
    }

    @Test
    void aLookIsARepAndMovesTheDistanceEverywhereAtOnce() throws Exception {
        measure("kind", "DISTANCE", "trigger", "DOG", "goal", "8 m");
        assertThat(title()).endsWith(": find out first how far off it stays calm");
        send("/households/" + home.id + "/distances", "dog", Long.toString(dog), "kind", "DOG", "metres", "24 m");
        assertThat(title()).endsWith(": start at 24\u00a0m (79\u00a0ft)");
        String first = meet(24, "PROMPTED");
        for (int i = 0; i < 5; i++) {
            meet(24, "UNPROMPTED");
        }
        assertThat(reps()).containsExactly("HELPED 24 ", "CLEAN 24 ", "CLEAN 24 ", "CLEAN 24 ", "CLEAN 24 ", "CLEAN 24 ");
        assertThat(texts("select r.track_id::text from rep r where r.id = '" + first + "'")).containsExactly(Long.toString(home.track));
        assertThat(texts("select count(distinct sitting_id)::text from rep where track_id = " + home.track)).as("one walk is one session").containsExactly("1");
        for (String page : List.of("/tracks/" + home.track, "/households/" + home.id, "/households/" + home.id + "/distances", "/households/" + home.id + "/homework")) {
            open(page).andExpect(content().string(containsString("22.8")));
        }
        phone("").andExpect(content().string(allOf(containsString("start at 22.8"), containsString("/met#dog=" + dog + "&amp;kind=DOG"))));
        phone("/progress").andExpect(content().string(allOf(containsString("22.8\u00a0m (75\u00a0ft) now, 8\u00a0m (26\u00a0ft) is the goal."), containsString("At least 110 more clean reps to the goal."))));
        phone("/practice/" + home.stepNow()).andExpect(redirectedUrl("/o/" + home.token + "/met#dog=" + dog + "&kind=DOG"));
        phone("/met").andExpect(content().string(containsString("data-now=\"22.8\"")));
        open("/households/" + home.id + "/distances").andExpect(content().string(allOf(containsString("Reps of"), containsString("Answers the cue in 0.9"), containsString("Calm while coming 6 of 6."))));

        home.post("felt", "{\"dog\":" + dog + ",\"felt\":\"TENSE\",\"at\":\"" + now() + "\"}").andExpect(status().isOk());
        assertThat(texts("select distinct s.felt from sitting s join rep r on r.sitting_id = s.id where r.track_id = " + home.track)).containsExactly("TENSE");
        home.post("felt", "{\"dog\":" + dog + ",\"felt\":\"FINE\",\"at\":\"" + now() + "\"}").andExpect(status().isBadRequest());
        String near = meet(10, "REACTED");
        assertThat(title()).endsWith(": start at 27.4\u00a0m (90\u00a0ft)");
        closeSession();
        assertThat(home.suggestion().cause()).isEqualTo(Cause.GAVE_WAY);
        open("/").andExpect(content().string(containsString("It was too much once in the last session.")));
        open("/households/" + home.id).andExpect(content().string(allOf(containsString("It was too much once"), containsString("It has made itself easier since."))));

        home.post("exposures/" + near + "/undo", "{}").andExpect(status().isBadRequest()).andExpect(content().string(containsString("within 60 s")));
        home.post("reps/" + first + "/correct", "{\"as\":\"" + UUID.randomUUID() + "\",\"outcome\":\"CLEAN\",\"at\":\"" + now() + "\"}").andExpect(status().isBadRequest());
        home.post("exposures/" + near + "/undo", "{\"at\":\"" + now().minus(Duration.ofMinutes(40)) + "\"}").andExpect(status().isOk());
        assertThat(title()).endsWith(": start at 22.8\u00a0m (75\u00a0ft)");
        assertThat(reps()).noneMatch(r -> r.startsWith("TOO_MUCH"));
    }

    @Test
    void whatTheTrainerTakesOutOnTheTrackGoesInTheLogTooAndComesBack() throws Exception {
        measure("kind", "DISTANCE", "trigger", "DOG", "goal", "8 m");
        send("/households/" + home.id + "/distances", "dog", Long.toString(dog), "kind", "DOG", "metres", "24 m");
        String id = meet(20, "REACTED");
        assertThat(title()).contains("28.8");
        for (int round = 0; round < 2; round++) {
            String rep = texts("select r.id::text from rep r left join rep_void v on v.rep_id = r.id where v.rep_id is null and r.track_id = " + home.track).get(0);
            send("/tracks/" + home.track + "/reps/void", "rep", rep);
            assertThat(texts("select (undone_at is not null)::text from exposure where id = '" + id + "'")).containsExactly("true");
            assertThat(title()).contains("24");
            send("/tracks/" + home.track + "/reps/restore", "rep", rep);
            assertThat(texts("select (undone_at is not null)::text from exposure where id = '" + id + "'")).containsExactly("false");
            assertThat(title()).contains("28.8");
            assertThat(reps()).containsExactly("TOO_MUCH 20 ");
        }
        home.post("exposures/" + id + "/undo", "{}").andExpect(status().isOk());
        assertThat(reps()).as("the owner still finds it under its first id").isEmpty();
    }

    @Test
    void departuresAloneMoveTheTrackTheForecastAndTheDesk() throws Exception {
        measure("kind", "ALONE", "goal", "60 s");
        String sitting = UUID.randomUUID().toString();
        for (int seconds : new int[] {4, 12, 8, 20, 6, 4}) {
            leave(sitting, seconds, false);
        }
        assertThat(title()).endsWith(": 5\u00a0s, 15\u00a0s, 10\u00a0s, 25\u00a0s, 5\u00a0s, 5\u00a0s");
        assertThat(reps()).hasSize(6).allMatch(r -> r.startsWith("CLEAN"));
        closeSession();
        open("/tracks/" + home.track).andExpect(content().string(allOf(containsString("2 more sessions at the goal"), containsString("Goal 1"), containsString("When?"))));
        phone("/alone").andExpect(content().string(containsString("data-plan=\"5,15,10,25,5,5\"")));
        for (int day = 0; day < 2; day++) {
            clock.pass(Duration.ofDays(1));
            String next = UUID.randomUUID().toString();
            leave(next, 60, false);
            leave(next, 20, false);
            closeSession();
        }
        assertThat(title()).contains("1\u00a0min").doesNotContain("1\u00a0min\u00a015");
        assertThat(home.suggestion().suggested()).isEqualTo(Decision.DONE);
        clock.pass(Duration.ofDays(8));
        judging.round(edda().practice(), now());
        assertThat(home.suggestion().suggested()).as("what is reached stays open over a pause, or the pause says how to begin").isIn(Decision.DONE, Decision.REFRESH);
    }

    @Test
    void twoUpsetInTwoSessionsCallTheTrainerAndThePhoneRests() throws Exception {
        measure("kind", "ALONE", "goal", "10 min");
        for (int day = 0; day < 2; day++) {
            String sitting = UUID.randomUUID().toString();
            leave(sitting, 10, false);
            leave(sitting, 20, true);
            closeSession();
            if (day == 0) {
                assertThat(title()).as("shorter at once").endsWith(": 2\u00a0s, 5\u00a0s, 3\u00a0s, 10\u00a0s, 3\u00a0s, 2\u00a0s");
                assertThat(home.suggestion().suggested()).isEqualTo(Decision.STAY);
            }
            clock.pass(Duration.ofDays(1));
        }
        assertThat(home.suggestion().suggested()).isEqualTo(Decision.CALL);
        assertThat(home.suggestion().cause()).isEqualTo(Cause.TOO_MUCH);
        phone("/alone").andExpect(content().string(not(containsString("data-plan"))));
        open("/").andExpect(content().string(containsString("Stop and call.")));
        phone("/touch").andExpect(content().string(containsString("data-next")));
    }

    @Test
    void afterAPauseTheSessionIsEasierThroughout() throws Exception {
        measure("kind", "ALONE", "goal", "10 min");
        String sitting = UUID.randomUUID().toString();
        leave(sitting, 20, false);
        closeSession();
        clock.pass(Duration.ofDays(8));
        judging.round(edda().practice(), now());
        assertThat(home.suggestion().grounds().suggestion().refresh()).hasValueSatisfying(r -> assertThat(r.name()).isEqualTo("EASIER_THROUGHOUT"));
        phone("").andExpect(content().string(allOf(containsString("After the break: easier all through."), containsString(": 2\u00a0s, 5\u00a0s, 5\u00a0s, 13\u00a0s, 3\u00a0s, 2\u00a0s"))));
        phone("/alone").andExpect(content().string(containsString("data-plan=\"2,5,5,13,3,2\"")));
    }

    @Test
    void aHandSittingsWalksAndNoisesMeasureToo() throws Exception {
        measure("kind", "ZONE", "zone", "NECK");
        String sitting = UUID.randomUUID().toString();
        home.post("touches", "{\"id\":\"" + UUID.randomUUID() + "\",\"sitting\":\"" + sitting + "\",\"dog\":" + dog + ",\"zone\":\"CHEST\",\"seconds\":2,\"seen\":\"CALM\",\"back\":true,\"at\":\"" + now() + "\"}").andExpect(status().isOk());
        clock.pass(Duration.ofSeconds(20));
        home.post("touches", "{\"id\":\"" + UUID.randomUUID() + "\",\"sitting\":\"" + sitting + "\",\"dog\":" + dog + ",\"zone\":\"NECK\",\"seconds\":2,\"seen\":\"FLINCH\",\"at\":\"" + now() + "\"}").andExpect(status().isOk());
        assertThat(reps()).containsExactly("CLEAN 2 CHEST", "TOO_MUCH 2 NECK");
        send("/households/" + home.id + "/handling/target", "dog", Long.toString(dog), "target", "chin");
        assertThat(home.roadmap().steps().get(0).measure().orElseThrow().about()).as("aimed elsewhere on the page of the log").isEqualTo("CHIN");

        measure("kind", "SITTING", "goal", "60");
        assertThat(title()).endsWith(": sit for 15\u00a0min");
        String watch = UUID.randomUUID().toString();
        String began = now().toString();
        for (String seen : List.of("CALM", "ATE", "REACTED", "END")) {
            clock.pass(Duration.ofMinutes(5));
            home.post("watch-taps", "{\"id\":\"" + UUID.randomUUID() + "\",\"sitting\":\"" + watch + "\",\"dog\":" + dog + ",\"began\":\"" + began + "\",\"carried\":20,\"seen\":\"" + seen + "\",\"at\":\"" + now() + "\"}").andExpect(status().isOk());
        }
        assertThat(reps()).endsWith("CLEAN 5 ", "TOO_MUCH 15 ");

        measure("kind", "WALK", "goal", "50");
        home.post("outings", "{\"id\":\"" + UUID.randomUUID() + "\",\"dog\":" + dog + ",\"paces\":20,\"calm\":18,\"at\":\"" + now() + "\"}").andExpect(status().isOk());
        assertThat(reps()).endsWith("MISSED 18 ");
        assertThat(title()).endsWith(": the known 18 paces out and home, then 23");

        measure("kind", "NOISE", "loudness", "2", "goal", "10 m");
        send("/households/" + home.id + "/distances", "dog", Long.toString(dog), "kind", "NOISE", "loudness", "1", "metres", "10 m");
        for (int i = 0; i < 5; i++) {
            clock.pass(Duration.ofSeconds(30));
            send("/households/" + home.id + "/exposures", "dog", Long.toString(dog), "kind", "NOISE", "loudness", "1", "far", "10 m", "response", "UNPROMPTED");
        }
        assertThat(reps()).endsWith("CLEAN 10 1");
        assertThat(title()).as("louder, and as far off as it began").endsWith(": low, start at 10\u00a0m (33\u00a0ft)");
    }

    @Test
    void aWalkGoesPlaceByPlaceAndEndsAtTheFirstThatIsNotCalm() throws Exception {
        measure("kind", "WALK", "goal", "3");
        home.post("outings", "{\"id\":\"" + UUID.randomUUID() + "\",\"dog\":" + dog + ",\"paces\":20,\"calm\":20,\"at\":\"" + now() + "\"}");
        clock.pass(Duration.ofHours(1));
        measure("kind", "WALK", "places", "hall\r\ndoorstep\r\ngate");
        assertThat(home.roadmap().steps().get(0).plan().passWords()).isEqualTo("2\u00a0walks, calm to the last place, gate");
        assertThat(title()).endsWith(": hall; in again after each");
        assertThat(texts("select count(*)::text from rep r join visit v on v.id = r.visit_id where r.track_id = " + home.track + " and v.left_at is null")).as("paces are no places").containsExactly("0");
        String first = walk("[\"hall\"]", 1);
        assertThat(title()).endsWith(": hall, doorstep; in again after each");
        phone("/way").andExpect(content().string(containsString("data-places=\"hall|doorstep\"")));
        phone("").andExpect(content().string(containsString("/way#dog=" + dog)));
        walk("[\"hall\", \"doorstep\"]", 1);
        assertThat(reps()).containsExactly("CLEAN 20 ", "CLEAN 1 ", "MISSED 1 ");
        assertThat(title()).as("there again").endsWith(": hall, doorstep; in again after each");
        open("/households/" + home.id + "/distances").andExpect(content().string(containsString("calm: hall; not at doorstep")));
        walk("[\"hall\", \"doorstep\"]", 2);
        walk("[\"hall\", \"doorstep\", \"gate\"]", 3);
        assertThat(home.suggestion().suggested()).isEqualTo(Decision.STAY);
        walk("[\"hall\", \"doorstep\", \"gate\"]", 3);
        assertThat(home.suggestion().suggested()).isEqualTo(Decision.DONE);
        home.post("outings/" + first + "/undo", "{\"at\":\"" + now() + "\"}").andExpect(status().isOk());
        for (String wrong : List.of("[]", "[\"a\",\"a\"]", "[\"" + "x".repeat(41) + "\"]")) {
            home.post("outings", "{\"id\":\"" + UUID.randomUUID() + "\",\"dog\":" + dog + ",\"places\":" + wrong + ",\"calm\":0,\"at\":\"" + now() + "\"}").andExpect(status().isBadRequest());
        }
        send("/tracks/" + home.track + "/measure", "kind", "WALK", "places", "hall\nhall").andExpect(content().string(containsString("must be 1 to 12 places that differ")));
        open("/steps/" + home.roadmap().steps().get(0).id() + "/measure").andExpect(content().string(containsString("hall\ndoorstep\ngate")));
    }

    private String walk(String places, int calm) throws Exception {
        String id = UUID.randomUUID().toString();
        home.post("outings", "{\"id\":\"" + id + "\",\"dog\":" + dog + ",\"places\":" + places + ",\"calm\":" + calm + ",\"at\":\"" + now() + "\"}").andExpect(status().isOk());
        clock.pass(Duration.ofHours(4));
        return id;
    }

    @Test
    void inLongWatchingReactionsAreExpected() throws Exception {
        send("/households/" + home.id + "/method", "EXPOSURE", "EXPOSE_LONG_WATCHING");
        measure("kind", "SITTING", "goal", "60");
        String watch = UUID.randomUUID().toString();
        String began = now().toString();
        for (String seen : List.of("REACTED", "CALM", "REACTED")) {
            clock.pass(Duration.ofMinutes(3));
            home.post("watch-taps", "{\"id\":\"" + UUID.randomUUID() + "\",\"sitting\":\"" + watch + "\",\"dog\":" + dog + ",\"began\":\"" + began + "\",\"carried\":20,\"seen\":\"" + seen + "\",\"at\":\"" + now() + "\"}").andExpect(status().isOk());
        }
        assertThat(reps()).containsExactly("MISSED 3 ", "CLEAN 6 ", "MISSED 9 ");
        phone("/watch").andExpect(content().string(allOf(containsString("A reaction now and then is expected."), containsString("Pim: Step 1: sit for 30\u00a0min."))));
    }

    @Test
    void aPageRestsWhileTheOnlyTrackThatMeasuresByItIsParked() throws Exception {
        measure("kind", "ALONE", "goal", "60 s");
        phone("/alone").andExpect(content().string(containsString("Out now")));
        home.within(() -> {
            tracks.park(edda().practice(), home.track, LocalDate.ofInstant(now(), ZoneOffset.UTC).plusDays(9));
            return 0;
        });
        phone("/alone").andExpect(content().string(allOf(containsString("This rests until"), not(containsString("Out now")))));
        leave(UUID.randomUUID().toString(), 10, false);
        assertThat(reps()).as("what is logged all the same counts").containsExactly("CLEAN 10 ");
        send("/households/" + home.id + "/homework", "track", Long.toString(home.track)).andExpect(status().is3xxRedirection());
        phone("/alone").andExpect(content().string(containsString("Out now")));
    }

    @Test
    void whatNoTrackMeasuresStaysALogAndTheBookSaysSo() throws Exception {
        meet(20, "UNPROMPTED");
        assertThat(reps()).isEmpty();
        open("/households/" + home.id).andExpect(content().string(containsString("No track measures it")));
        open("/households/" + home.id + "/distances").andExpect(content().string(allOf(containsString("No track measures it"), containsString("/households/" + home.id + "/tracks/new"))));
        homes.change(edda(), "update track set topic = 'DOGS' where id = " + home.track);
        open("/households/" + home.id + "/distances").andExpect(content().string(containsString("/tracks/" + home.track + "/measure?kind=DISTANCE&amp;about=DOG")));
        for (String log : List.of("/alone", "/handling")) {
            open("/households/" + home.id + log).andExpect(content().string(not(containsString("No track measures it"))));
        }
        open("/tracks/" + home.track + "/measure?kind=DISTANCE&about=RUNNER").andExpect(content().string(matchesPattern("(?s).*value=\"RUNNER\"\\s+selected.*")));
        send("/tracks/" + home.track + "/measure", "kind", "DISTANCE", "trigger", "DOG", "goal", "5 m").andExpect(redirectedUrl("/tracks/" + home.track));
        assertThat(home.roadmap().steps()).hasSize(2);
        meet(20, "UNPROMPTED");
        assertThat(reps()).as("of a step the dog does not stand on yet: practised, no evidence").hasSize(1);
        assertThat(texts("select (visit_id is null)::text from rep where track_id = " + home.track)).containsExactly("true");
    }

    @Test
    void nonsenseIsRefusedBesideTheFieldAndTheNeighbourSeesNothing() throws Exception {
        for (String[] typed : new String[][] {{"DISTANCE", "0 m"}, {"DISTANCE", "near"}, {"ALONE", "13 h"}, {"SITTING", "181"}, {"WALK", ""}, {"NOISE", "2000 m"}}) {
            send("/tracks/" + home.track + "/measure", "kind", typed[0], "trigger", "DOG", "loudness", "3", "goal", typed[1]).andExpect(status().isOk()).andExpect(content().string(containsString("class=\"no\"")));
        }
        send("/tracks/" + home.track + "/measure", "kind", "PLANET").andExpect(content().string(containsString("class=\"no\"")));
        long step = home.roadmap().steps().get(0).id();
        for (String page : List.of("/tracks/" + home.track + "/measure", "/steps/" + step + "/measure")) {
            open(imre(), page).andExpect(status().isNotFound());
            send(imre(), page, "kind", "ALONE", "goal", "60 s", "version", "0").andExpect(status().isNotFound());
        }
        measure("kind", "ALONE", "goal", "60 s");
        send("/steps/" + step + "/measure", "kind", "ALONE", "goal", "90 s", "version", "0").andExpect(status().isConflict());
        send("/steps/" + step + "/measure", "kind", "NONE", "version", Integer.toString(home.roadmap().steps().get(0).version()));
        assertThat(home.roadmap().steps().get(0).measure()).isEmpty();
        assertThat(title()).doesNotContain(":");
    }

    @Test
    void earlySignsStandOnTheTrackAndManyAskForSomethingEasier() throws Exception {
        measure("kind", "ZONE", "zone", "NECK");
        phone("/touch").andExpect(content().string(allOf(containsString("data-early=\"LOOKED_AWAY\""), not(containsString("data-early=\"HACKLES\"")))));
        String sitting = UUID.randomUUID().toString();
        home.post("touches", "{\"id\":\"" + UUID.randomUUID() + "\",\"sitting\":\"" + sitting + "\",\"dog\":" + dog + ",\"zone\":\"CHEST\",\"seconds\":2,\"seen\":\"CALM\",\"back\":true,\"at\":\"" + now() + "\"}").andExpect(status().isOk());
        closeSession();
        for (String sign : List.of("LOOKED_AWAY", "LOOKED_AWAY", "YAWNED")) {
            home.post("signs", "{\"id\":\"" + UUID.randomUUID() + "\",\"dog\":" + dog + ",\"sign\":\"" + sign + "\",\"at\":\"" + now() + "\"}").andExpect(status().isOk());
        }
        open("/tracks/" + home.track).andExpect(content().string(allOf(containsString("looked away 2, yawned 1."), not(containsString("Easier, before it is too much")))));
        String id = UUID.randomUUID().toString();
        for (int twice = 0; twice < 2; twice++) {
            home.post("signs", "{\"id\":\"" + id + "\",\"dog\":" + dog + ",\"sign\":\"STIFF\",\"at\":\"" + now() + "\"}").andExpect(status().isOk());
        }
        open("/tracks/" + home.track).andExpect(content().string(allOf(containsString("4 early signs in two weeks."), containsString("Easier, before it is too much"))));
        home.post("signs", "{\"id\":\"" + UUID.randomUUID() + "\",\"dog\":" + dog + ",\"sign\":\"BARKED\",\"at\":\"" + now() + "\"}").andExpect(status().isBadRequest());
    }
}
