package cahier.app.web;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.http.MediaType.TEXT_HTML;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.cookie;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.support.AppTest;
import jakarta.servlet.http.Cookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The frame of every page: the theme, and the pages for what is not there or not allowed. */
class FramesTest extends AppTest {

    @Test
    void theThemeFollowsTheSystemUntilSomeoneHasChosen() throws Exception {
        mvc.perform(get("/login")).andExpect(content().string(containsString("data-theme=\"light\" data-follow=\"system\"")));
        mvc.perform(get("/login").cookie(new Cookie("theme", "dark"))).andExpect(content().string(containsString("data-theme=\"dark\"")))
                .andExpect(content().string(not(containsString("data-follow"))));
        mvc.perform(get("/login").cookie(new Cookie("theme", "<script>"))).andExpect(content().string(containsString("data-follow=\"system\"")));
    }

    @ParameterizedTest
    @CsvSource({"/households, /households", "//evil.example, /", "https://evil.example, /", "/\\evil.example, /"})
    void choosingAThemeLeadsBackToAPageOfOursOnly(String back, String to) throws Exception {
        mvc.perform(post("/theme").with(csrf()).param("theme", "dark").param("back", back)).andExpect(redirectedUrl(to)).andExpect(cookie().value("theme", "dark"));
    }

    @Test
    void anAddressWithLettersWhereANumberStandsIsNotHere() throws Exception {
        open("/households/abc").andExpect(status().isNotFound()).andExpect(content().string(containsString("Nothing here")));
        open("/tracks/99999999999999999999").andExpect(status().isNotFound());
        send(imre(), "/households/1/places/start", "kind", "CASTLE").andExpect(status().isBadRequest()).andExpect(content().string(containsString("That did not work")));
    }

    @Test
    void anAnswerLeadsBackToABookAndNowhereElse() throws Exception {
        mvc.perform(post("/decisions/999999/accept").with(user(edda())).with(csrf()).param("version", "0").param("back", "https://evil.example"))
                .andExpect(status().isNotFound());
    }

    @Test
    void whatIsNotThereHasAPageOfItsOwnAlsoForOwners() throws Exception {
        for (String path : new String[] {"/o/nobodys-link", "/o/nobodys-link/practice/1"}) {
            HttpResponse<String> answer = HttpClient.newHttpClient().send(HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                    .header("Accept", TEXT_HTML.toString()).build(), HttpResponse.BodyHandlers.ofString());
            Assertions.assertThat(answer.statusCode()).isEqualTo(404);
            Assertions.assertThat(answer.body()).contains("Nothing here").contains("Reps on your phone are kept.").doesNotContain("Exception");
        }
    }

    @Test
    void everythingAPageLoadsComesFromHere() throws Exception {
        HttpClient client = HttpClient.newHttpClient();
        String login = client.send(HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/login")).build(), HttpResponse.BodyHandlers.ofString()).body();
        var links = Pattern.compile("(?:href|src)=\"([^\"#]+)\"").matcher(login);
        int loaded = 0;
        while (links.find()) {
            Assertions.assertThat(links.group(1)).startsWith("/");
            HttpResponse<Void> answer = client.send(HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + links.group(1))).build(),
                    HttpResponse.BodyHandlers.discarding());
            Assertions.assertThat(answer.statusCode()).as(links.group(1)).isEqualTo(200);
            loaded++;
        }
        Assertions.assertThat(loaded).isGreaterThanOrEqualTo(6);
    }
}
