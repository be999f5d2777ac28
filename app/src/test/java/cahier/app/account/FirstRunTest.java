package cahier.app.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestBuilders.formLogin;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.support.Postgres;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.system.CapturedOutput;
import org.springframework.boot.test.system.OutputCaptureExtension;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** An installation with an empty database, from the first request to the first sign-in. */
@SpringBootTest
@AutoConfigureMockMvc
@ExtendWith(OutputCaptureExtension.class)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class FirstRunTest {

    @Autowired
    private MockMvc mvc;
    @Autowired
    private FirstRunToken token;
    @Autowired
    private AccountService accounts;

    @DynamicPropertySource
    static void emptyDatabase(DynamicPropertyRegistry registry) {
        Postgres.registerFresh(registry);
    }

    private ResultActions make(String withToken, String email, String password) throws Exception {
        return mvc.perform(post("/first-run").with(csrf()).param("token", withToken).param("practice", "Marl Road Lessons")
                .param("zone", "Europe/London").param("name", "Edda Brandt").param("email", email).param("password", password));
    }

    private String printed(CapturedOutput output) {
        token.tell();
        return output.getOut().replaceAll("(?s).*give this token: (\\S+).*", "$1");
    }

    @Test
    @Order(1)
    void everythingLeadsToTheFirstRunPage() throws Exception {
        mvc.perform(get("/")).andExpect(status().is3xxRedirection());
        mvc.perform(get("/login")).andExpect(redirectedUrl("/first-run"));
        mvc.perform(get("/first-run")).andExpect(status().isOk()).andExpect(content().string(containsString("Token from the log")));
    }

    @Test
    @Order(2)
    void aWrongTokenMakesNothingAndKeepsWhatWasTyped() throws Exception {
        make("guessed", "edda@marlroad.example", "a-long-password").andExpect(status().isOk())
                .andExpect(content().string(containsString("must be the token printed in the log")))
                .andExpect(content().string(containsString("value=\"Marl Road Lessons\"")))
                .andExpect(content().string(containsString("value=\"edda@marlroad.example\"")));
        assertThat(accounts.isInstalled()).isFalse();
    }

    @Test
    @Order(3)
    void aBadAddressAndAShortPasswordAreRefusedTogether(CapturedOutput output) throws Exception {
        make(printed(output), "edda", "short").andExpect(status().isOk())
                .andExpect(content().string(containsString("must be an address such as imre@hollowlane.example, was “edda”")))
                .andExpect(content().string(containsString("must be at least 10 characters, was 5")));
        assertThat(accounts.isInstalled()).isFalse();
    }

    @Test
    @Order(4)
    void thePrintedTokenMakesThePracticeAndItsTrainerWhoOpensAnEmptyDesk(CapturedOutput output) throws Exception {
        make(printed(output), "edda@marlroad.example", "a-long-password").andExpect(redirectedUrl("/login?made"));
        mvc.perform(formLogin().user("Edda@MarlRoad.example").password("a-long-password")).andExpect(redirectedUrl("/"));
        mvc.perform(get("/").with(user(accounts.loadUserByUsername("edda@marlroad.example")))).andExpect(status().isOk())
                .andExpect(content().string(containsString("No household yet"))).andExpect(content().string(containsString("Marl Road Lessons")));
    }

    @Test
    @Order(5)
    void afterwardsTheFirstRunPageIsGone() throws Exception {
        mvc.perform(get("/first-run")).andExpect(status().isNotFound());
        make("any", "other@marlroad.example", "a-long-password").andExpect(status().isNotFound());
        mvc.perform(get("/login")).andExpect(status().isOk());
        mvc.perform(formLogin().user("edda@marlroad.example").password("wrong-password")).andExpect(redirectedUrl("/login?error"));
        mvc.perform(formLogin().user("nobody@marlroad.example").password("wrong-password")).andExpect(redirectedUrl("/login?error"));
    }
}
