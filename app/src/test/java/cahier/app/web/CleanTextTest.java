package cahier.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.household.Place;
import cahier.app.paper.PaperPdf;
import cahier.app.sheet.Homeworks;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What nobody sees in a text, and what would break a PDF or a mail of it, is left out on the way in. */
class CleanTextTest extends AppTest {

    @Autowired
    private Homeworks homeworks;
    @Autowired
    private PaperPdf pdf;

    @Test
    void onlyWhatNobodySeesGoes() {
        assertThat(CleanText.of("a\u000Bb\u001Bc\uFFFEd\u0000e\u007F")).isEqualTo("abcde");
        assertThat(CleanText.of("one\ttwo\r\nthree")).isEqualTo("one\ttwo\r\nthree");
        assertThat(CleanText.of("dog \uD83D\uDC15, cut \uD83D off")).isEqualTo("dog \uD83D\uDC15, cut  off");
        assertThat(CleanText.of("Zoë, naïve, Łódź, 犬, \u200Fעברית")).isEqualTo("Zoë, naïve, Łódź, 犬, \u200Fעברית");
    }

    @Test
    void aFormAndAPhoneAreCleanedAndThePdfIsMade() throws Exception {
        Home home = homes.make(edda(), TrackKind.SKILL, 1);
        send("/households/" + home.id + "/places", "id", "0", "version", "0", "name", "gar\u000Bden\u001B", "difficulty", "2").andExpect(status().is3xxRedirection());
        assertThat(home.facts().places()).extracting(Place::name).contains("garden");
        home.post("questions", "{\"id\":\"" + UUID.randomUUID() + "\",\"words\":\"May I\\u001b use \\ufffecheese?\",\"at\":\"" + now() + "\"}").andExpect(status().isOk());
        open("/households/" + home.id).andExpect(content().string(containsString("May I use cheese?")));
        send("/tracks/" + home.track, "version", "0", "title", "Leave\u000B it", "goal", "Past \u001Bfood", "plan", "", "kind", "SKILL", "topic", "EVERYDAY", "staleDays", "7", "movesOn", "TRAINER")
                .andExpect(status().is3xxRedirection());
        send("/households/" + home.id + "/homework");
        long sheet = asEdda(() -> homeworks.latest(edda().practice(), home.id)).orElseThrow().id();
        assertThat(new String(asEdda(() -> pdf.of(edda().practice(), sheet, "http://x")), 0, 5)).isEqualTo("%PDF-");
    }
}
