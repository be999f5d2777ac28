package cahier.app.owner;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.junit.jupiter.api.RepeatedTest;
import org.springframework.mock.web.MockHttpServletResponse;

/** A phone that sends the same twice at the same moment, because it gave up on the first: whatever it is, the second is known, never refused. */
class SameAtOnceTest extends AppTest {

    private static final int AT_ONCE = 4;

    private final ExecutorService phones = Executors.newFixedThreadPool(AT_ONCE);

    private Map<String, String> messages(Home home) {
        String dog = Long.toString(home.facts().dogs().get(0).id());
        String sitting = UUID.randomUUID().toString();
        Map<String, String> messages = new LinkedHashMap<>();
        messages.put("reps", "{\"reps\":[" + Home.rep(UUID.randomUUID().toString(), sitting, home.stepNow(), "CLEAN", now(), "Dele") + "]}");
        messages.put("sessions/" + sitting + "/finish", "{\"at\":\"" + now() + "\",\"how\":\"EAGER\",\"note\":\"\"}");
        messages.put("exposures", "\"kind\":\"DOG\",\"far\":20,\"unit\":\"M\",\"response\":\"STARED\",\"food\":\"TAKEN\"");
        messages.put("departures", "\"sitting\":\"" + sitting + "\",\"left\":20");
        messages.put("touches", "\"sitting\":\"" + sitting + "\",\"zone\":\"CHEST\",\"seconds\":2,\"seen\":\"CALM\"");
        messages.put("watch-taps", "\"sitting\":\"" + sitting + "\",\"began\":\"" + now().minusSeconds(60) + "\",\"carried\":60,\"seen\":\"CALM\"");
        messages.put("outings", "\"paces\":40,\"calm\":20");
        messages.put("incidents", "\"kind\":\"VISITOR\",\"went\":\"CALM\",\"distance\":\"\",\"words\":\"\"");
        messages.put("questions", "\"words\":\"May I use cheese?\"");
        messages.put("alarms", "\"kind\":\"BIT\",\"what\":\"\"");
        messages.replaceAll((path, body) -> body.startsWith("{") ? body : "{\"id\":\"" + UUID.randomUUID() + "\",\"dog\":\"" + dog + "\",\"at\":\"" + now() + "\"," + body + "}");
        return messages;
    }

    private List<String> atOnce(Home home, String path, String body) {
        CountDownLatch together = new CountDownLatch(AT_ONCE);
        List<CompletableFuture<String>> answers = new ArrayList<>();
        for (int i = 0; i < AT_ONCE; i++) {
            answers.add(CompletableFuture.supplyAsync(() -> {
                try {
                    together.countDown();
                    together.await();
                    MockHttpServletResponse answer = home.post(path, body).andReturn().getResponse();
                    return answer.getStatus() + (answer.getStatus() == 200 ? "" : " " + answer.getContentAsString());
                } catch (Exception e) {
                    return e.toString();
                }
            }, phones));
        }
        return answers.stream().map(CompletableFuture::join).toList();
    }

    @RepeatedTest(3)
    void itIsKnown() {
        Home home = homes.make(edda(), TrackKind.SKILL, 2);
        messages(home).forEach((path, body) -> assertThat(atOnce(home, path, body)).as(path).containsOnly("200"));
        phones.shutdown();
        assertThat(homes.number(edda(), "select count(*) from rep where household_id = " + home.id)).isEqualTo(1);
        assertThat(homes.number(edda(), "select count(*) from question where household_id = " + home.id)).isEqualTo(1);
    }
}
