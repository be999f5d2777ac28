package cahier.app.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.scope.PracticeScope;
import cahier.app.scope.TrainerUser;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.web.NotFound;
import cahier.core.decide.TrackKind;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;

/** What is typed into a form and not saved yet: kept for its trainer alone, told apart by device, forgotten once the form is saved. */
class DraftsTest extends AppTest {

    @Autowired
    private Drafts drafts;

    private Home home;
    private String form;

    @BeforeEach
    void household() {
        home = homes.make(edda(), TrackKind.SKILL, 1);
        form = "/households/" + home.id + "/intake/home";
    }

    private List<Kept> keep(String device, String words, @Nullable Instant seen) {
        return asEdda(() -> drafts.keep(edda(), form, List.of(new Kept(form, "tried", words, device, now())), seen, now()));
    }

    private List<String> words(TrainerUser who) {
        return PracticeScope.within(who.practice(), () -> drafts.of(who, List.of(form))).stream().map(Kept::words).toList();
    }

    @Test
    void theLastWordsOfADeviceStandAndAnothersAreNotWrittenOver() {
        assertThat(keep("a", "a whistle", null)).isEmpty();
        assertThat(keep("a", "a whistle, then a can", null)).isEmpty();
        Instant seen = now();
        clock.pass(Duration.ofMinutes(2));
        assertThat(keep("b", "a clicker", null)).as("it has not seen what stands there").extracting(Kept::words).containsExactly("a whistle, then a can");
        assertThat(keep("b", "a clicker", seen)).as("it has").isEmpty();
        assertThat(keep("a", "a rattle", seen)).extracting(Kept::words).containsExactly("a clicker");
        assertThat(words(edda())).containsExactly("a clicker");
    }

    @Test
    void aFormThatIsSavedForgetsAndOneThatIsRefusedKeeps() throws Exception {
        keep("a", "a whistle", null);
        send(form, "version", "0", "dailyMinutes", "a few", ForgetsSaved.FIELD, form).andExpect(status().isOk());
        assertThat(words(edda())).containsExactly("a whistle");
        send(form, "version", "0", "dailyMinutes", "20", ForgetsSaved.FIELD, form).andExpect(status().is3xxRedirection());
        assertThat(words(edda())).isEmpty();
    }

    @Test
    void whatWasTypedIsSeenByItsTrainerAlone() throws Exception {
        keep("a", "a whistle", null);
        TrainerUser neighbour = practices.trainerOf("Fallow Field Dogs", "Ines Marchetti", "ines@fallowfield.example");
        assertThat(words(neighbour)).isEmpty();
        mvc.perform(get("/drafts").param("form", form).with(user(neighbour))).andExpect(content().json("[]"));
        assertThatThrownBy(() -> PracticeScope.within(neighbour.practice(), () -> drafts.keep(neighbour, form, List.of(new Kept(form, "tried", "x", "a", now())), null, now()))).isInstanceOf(NotFound.class);
        send(neighbour, "/drafts/forget", "form", form);
        assertThat(words(edda())).containsExactly("a whistle");
    }

    @Test
    void itIsBoundedAndGoesAfterAMonth() {
        asEdda(() -> drafts.keep(edda(), form, IntStream.rangeClosed(1, Drafts.MOST + 20).mapToObj(i -> new Kept(form, "f" + i, "x", "a", now())).toList(), null, now()));
        assertThat(homes.number(edda(), "select count(*)::int from draft")).as("over all its forms").isEqualTo(Drafts.MOST);
        clock.pass(Duration.ofDays(31));
        keep("a", "a whistle", null);
        assertThat(words(edda())).containsExactly("a whistle");
    }

    @ParameterizedTest
    @ValueSource(strings = {"{}", "{\"form\": \"/households/1/intake\"}", "{\"form\": \"\", \"device\": \"a\"}", "{\"form\": \"/x\", \"device\": \"a\", \"fields\": {\"\": \"x\"}}"})
    void whatNoPageSendsIsRefused(String body) throws Exception {
        mvc.perform(post("/drafts").with(user(edda())).with(csrf()).contentType(MediaType.APPLICATION_JSON).content(body)).andExpect(status().isBadRequest());
    }

    @Test
    void aFormAboutNothingIsNotFoundAndTooMuchIsRefused() throws Exception {
        for (String about : List.of("/settings", "/households/999999999/intake", "/steps/x")) {
            mvc.perform(post("/drafts").with(user(edda())).with(csrf()).contentType(MediaType.APPLICATION_JSON).content("{\"form\": \"" + about + "\", \"device\": \"a\", \"fields\": {\"how\": \"x\"}}")).andExpect(status().isNotFound());
        }
        mvc.perform(post("/drafts").with(user(edda())).with(csrf()).contentType(MediaType.APPLICATION_JSON).content("{\"form\": \"" + form + "\", \"device\": \"a\", \"fields\": {\"tried\": \"" + "x".repeat(8001) + "\"}}"))
                .andExpect(status().isBadRequest());
        mvc.perform(get("/signed-in").with(user(edda()))).andExpect(status().isOk()).andExpect(content().string(containsString("csrf")));
        mvc.perform(get("/signed-in")).andExpect(status().is3xxRedirection());
    }
}
