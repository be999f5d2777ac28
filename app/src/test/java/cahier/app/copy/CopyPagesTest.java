package cahier.app.copy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.erasure.ErasureRound;
import cahier.app.scope.TrainerUser;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import java.io.File;
import java.nio.file.Path;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;

/** Leaving with everything and coming back, by the pages. */
class CopyPagesTest extends AppTest {

    @Autowired
    private ErasureRound round;

    private static int copiesLeft() {
        File[] left = Path.of(System.getProperty("java.io.tmpdir")).toFile().listFiles((folder, name) -> name.matches("cahier-(copy|in)-.*\\.zip"));
        return left == null ? 0 : left.length;
    }

    @Test
    void aHouseholdLeavesWithEverythingIsErasedAndComesBackWithItsLink() throws Exception {
        TrainerUser wyn = practices.trainerOf("Cinder Hill", "Wyn Talbot", "wyn@cinderhill.example");
        Home home = homes.make(wyn, TrackKind.SKILL, 3);
        home.practise("cchmcc");
        String name = home.facts().household().name();
        int left = copiesLeft();
        byte[] zip = send(wyn, "/households/" + home.id + "/export").andExpect(status().isOk()).andExpect(header().string("Content-Type", "application/zip"))
                .andExpect(header().string("Content-Disposition", allOf(startsWith("attachment"), containsString("cahier-Test-home-")))).andReturn().getResponse().getContentAsByteArray();
        byte[] owners = mvc.perform(post("/o/" + home.token + "/export")).andExpect(status().isOk()).andReturn().getResponse().getContentAsByteArray();
        assertThat(owners.length).isCloseTo(zip.length, Percentage.withPercentage(2));
        assertThat(copiesLeft()).as("nothing of them stays").isEqualTo(left);
        mvc.perform(get("/o/" + home.token + "/privacy")).andExpect(content().string(containsString("Cinder Hill keeps what you log"))).andExpect(content().string(containsString("Wyn Talbot")));

        MockMultipartFile file = new MockMultipartFile("file", "copy.zip", "application/zip", zip);
        mvc.perform(multipart("/settings/bring-in").file(file).with(user(wyn)).with(csrf())).andExpect(status().isOk()).andExpect(content().string(containsString("some of it is here already")));
        send(wyn, "/households/" + home.id + "/erase", "name", name);
        round.round();
        BringIn.Came came = (BringIn.Came) mvc.perform(multipart("/settings/bring-in").file(file).with(user(wyn)).with(csrf())).andExpect(redirectedUrl("/settings/bring-in")).andReturn()
                .getFlashMap().get("came");
        assertThat(came.name()).isEqualTo(name);
        open(wyn, "/households/" + came.households().get(0)).andExpect(content().string(containsString("Leave it"))).andExpect(content().string(containsString(name)));
        mvc.perform(get("/o/" + home.token)).andExpect(status().isOk()).andExpect(content().string(containsString("Leave it")));
        assertThat(homes.number(wyn, "select count(*) from rep where household_id = " + came.households().get(0))).isEqualTo(6);
        open(wyn, "/account").andExpect(content().string(containsString("brought in a copy"))).andExpect(content().string(containsString("took a copy of everything")));
    }

    @Test
    void whatIsNoCopyIsSaidOnThePage() throws Exception {
        MockMultipartFile file = new MockMultipartFile("file", "copy.zip", "application/zip", new byte[]{1, 2, 3});
        mvc.perform(multipart("/settings/bring-in").file(file).with(user(edda())).with(csrf())).andExpect(status().isOk()).andExpect(content().string(containsString("it is no ZIP file, or was cut short")))
                .andExpect(flash().attributeCount(0));
        mvc.perform(multipart("/settings/bring-in").with(user(edda())).with(csrf())).andExpect(content().string(containsString("Choose the ZIP file first")));
        open("/settings/bring-in").andExpect(content().string(containsString("/settings/export")));
    }

    @Test
    void anOwnerTakesSoManyCopiesAnHour() throws Exception {
        Home home = homes.make(practices.trainerOf("Cinder Hill", "Wyn Talbot", "wyn@cinderhill.example"), TrackKind.SKILL, 1);
        for (int i = 0; i < 5; i++) {
            mvc.perform(post("/o/" + home.token + "/export")).andExpect(status().isOk());
        }
        mvc.perform(post("/o/" + home.token + "/export")).andExpect(status().isTooManyRequests());
    }
}
