package cahier.app.settings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.scope.TrainerUser;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import org.junit.jupiter.api.Test;

/** Who reads what: the practice's language, a trainer's own, a household's own, and the browser's where nobody is known. */
class LanguageChoiceTest extends AppTest {

    private static final String AMERICAN = "lang=\"en-US\"";
    private static final String BRITISH = "lang=\"en-GB\"";

    @Test
    void eachReadsTheirOwnAndWhoChoseNoneThePractices() throws Exception {
        TrainerUser runa = practices.trainerOf("Tolling Marsh", "Runa Veil", "runa@tollingmarsh.example");
        Home home = homes.make(runa, TrackKind.SKILL, 2);
        String owners = "/o/" + home.token;
        open(runa, "/settings").andExpect(content().string(containsString(BRITISH)));
        homes.change(runa, "update practice set language = 'en-US' where id = " + runa.practice());
        open(runa, "/settings").andExpect(content().string(containsString(AMERICAN)));
        open(owners).andExpect(content().string(containsString(AMERICAN)));
        send(runa, "/settings", "phone", "", "language", "en-GB").andExpect(status().is3xxRedirection());
        open(runa, "/").andExpect(content().string(containsString(BRITISH)));
        open(owners).andExpect(content().string(containsString(AMERICAN)));
        send(runa, "/settings", "phone", "", "language", "").andExpect(status().is3xxRedirection());
        open(runa, "/").andExpect(content().string(containsString(AMERICAN)));
        send(runa, "/households/" + home.id, "version", Integer.toString(home.facts().household().version()), "name", "Veil", "home", "", "zone", "Europe/London", "cautions", "", "emergency", "", "emergencyPhone", "",
                "language", "en-GB").andExpect(status().is3xxRedirection());
        open(owners).andExpect(content().string(containsString(BRITISH)));
        open(runa, "/households/" + home.id).andExpect(content().string(containsString(AMERICAN)));
    }

    @Test
    void aLanguageNobodySpeaksIsRefusedBesideItsFieldAndNothingIsKept() throws Exception {
        TrainerUser runa = practices.trainerOf("Tolling Marsh", "Runa Veil", "runa@tollingmarsh.example");
        String kept = homes.texts(runa, "select coalesce(language, 'none') from trainer where id = " + runa.id()).get(0);
        send(runa, "/settings", "phone", "", "language", "xx-YY").andExpect(status().isOk())
                .andExpect(content().string(allOf(containsString("must be one of en-GB, en-US, was “xx-YY”"), containsString("Save your details"))));
        assertThat(homes.texts(runa, "select coalesce(language, 'none') from trainer where id = " + runa.id())).containsExactly(kept);
        open(imre(), "/settings").andExpect(content().string(containsString(BRITISH)));
    }

    @Test
    void aBrowserChoosesUntilSomebodyIsKnown() throws Exception {
        mvc.perform(get("/login").header("Accept-Language", "en-US,en;q=0.8")).andExpect(content().string(containsString(AMERICAN)));
        mvc.perform(get("/login").header("Accept-Language", "de")).andExpect(content().string(containsString(BRITISH)));
        mvc.perform(get("/").with(user(edda())).header("Accept-Language", "en-US")).andExpect(content().string(containsString(BRITISH)));
    }
}
