package cahier.app.judge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;

import cahier.app.scope.TrainerUser;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import cahier.core.rep.Cluster;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Where misses cluster stands in the margin of the track, in words and with its odds. */
class ClusterWordsTest extends AppTest {

    @Test
    void aDoseThatIsTooLongIsSaidOnTheTrack() throws Exception {
        TrainerUser orsolya = practices.trainerOf("Reed Fen", "Orsolya Pike", "orsolya@reedfen.example");
        Home home = homes.make(orsolya, TrackKind.SKILL, 3);
        for (int day = 0; day < 3; day++) {
            home.practise("chcccmmhm");
            clock.pass(Duration.ofDays(1));
        }
        home.suggestion();
        open(orsolya, "/tracks/" + home.track).andExpect(content().string(containsString("End after five reps")))
                .andExpect(content().string(containsString("It goes wrong from the sixth rep on: 12 of 12 reps were not clean, elsewhere 3 of 15. 99 chances in 100 that this is no accident.")));
    }

    @Test
    void whetherItWasReadyAndCameBackIsShownAndCounts() throws Exception {
        TrainerUser orsolya = practices.trainerOf("Reed Fen", "Orsolya Pike", "orsolya@reedfen.example");
        Home home = homes.make(orsolya, TrackKind.SKILL, 3);
        for (int day = 0; day < 4; day++) {
            String sitting = UUID.randomUUID().toString();
            Instant at = clock.instant();
            List<String> reps = new ArrayList<>();
            for (int i = 0; i < 5; i++) {
                reps.add(Home.rep(UUID.randomUUID().toString(), sitting, home.stepNow(), day < 2 ? "CLEAN" : "HELPED", at.plusSeconds(i), "Dele"));
            }
            home.sendReps("{\"reps\":[" + String.join(",", reps) + "]}");
            home.post("sessions/" + sitting + "/finish", "{\"at\":\"" + at.plusSeconds(9) + "\",\"how\":\"EAGER\",\"note\":\"\",\"ready\":" + (day < 2) + ",\"cameBack\":2,\"stayedOff\":1}");
            clock.pass(Duration.ofDays(1));
        }
        open(orsolya, "/tracks/" + home.track).andExpect(content().string(containsString("Ready at the start 2 of 4 times. Came back by itself 8 of 12 times.")))
                .andExpect(content().string(containsString("It goes wrong when the dog was not ready at the start: 10 of 10 reps were not clean, elsewhere 0 of 10.")));
    }

    @Test
    void everyKindHasWords() {
        assertThat(ClusterWords.hint(new Cluster(Cluster.Kind.HOUR, "EVENING", 5, 9, 1, 20, 0.993)).says()).isEqualTo("It goes wrong in the evening: 5 of 9 reps were not clean, elsewhere 1 of 20. 99 chances in 100 that this is no accident.");
        assertThat(ClusterWords.hint(new Cluster(Cluster.Kind.REWARD, "kibble", 5, 9, 1, 20, 0.993)).says()).startsWith("It goes wrong with kibble: ");
        assertThat(ClusterWords.hint(new Cluster(Cluster.Kind.HAND, "LEFT", 5, 9, 1, 20, 0.993)).says()).startsWith("It goes wrong with the left hand: ");
        for (int n = 4; n <= 12; n++) {
            assertThat(ClusterWords.hint(new Cluster(Cluster.Kind.LATE, Integer.toString(n), 5, 9, 1, 20, 0.9)).verdict()).matches("End after (one rep|[a-z]+ reps)");
        }
    }
}
