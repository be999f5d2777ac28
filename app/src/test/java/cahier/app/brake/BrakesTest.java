package cahier.app.brake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import java.net.URI;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.ResultActions;

/** What comes too fast waits; what waited goes later, and nobody else is held up. */
class BrakesTest extends AppTest {

    @Autowired
    private Brakes brakes;
    @Autowired
    private DataSource database;

    private ResultActions signIn(String from, String email, String password) throws Exception {
        return mvc.perform(post("/login").with(csrf()).with(r -> {
            r.setRemoteAddr(from);
            return r;
        }).param("username", email).param("password", password));
    }

    /** Tries wrong passwords until it must wait: how many were looked at, and the seconds to wait. The clock goes on meanwhile, and makes room for one more now and then. */
    private long[] tried(IntFunction<String> from, IntFunction<String> email) throws Exception {
        for (int i = 0; i < 60; i++) {
            MockHttpServletResponse answer = signIn(from.apply(i), email.apply(i), "wrong").andReturn().getResponse();
            if (!"/login?error".equals(answer.getRedirectedUrl())) {
                assertThat(answer.getRedirectedUrl()).isEqualTo("/login?wait=" + answer.getHeader("Retry-After"));
                return new long[]{i, Long.parseLong(String.valueOf(answer.getHeader("Retry-After")))};
            }
        }
        throw new AssertionError("sixty wrong passwords were looked at");
    }

    @Test
    void passwordsAreTriedAFewAtATimeAndTheWaitGrows() throws Exception {
        practices.trainerOf("Slow Gate", "Runa Vale", "runa@slowgate.example");
        IntFunction<String> spelt = i -> i % 2 == 0 ? "runa@slowgate.example" : " Runa@slowgate.example";
        long[] first = tried(i -> "192.0.2." + i, spelt);
        assertThat(first[0]).isBetween(5L, 7L);
        assertThat(first[1]).isBetween(1L, 12L);
        clock.pass(Duration.ofMinutes(1));
        tried(i -> "192.0.2.1" + i, spelt);
        clock.pass(Duration.ofMinutes(1));
        long[] third = tried(i -> "192.0.2.2" + i, spelt);
        assertThat(third[0]).as("fewer than at first").isLessThan(5);
        assertThat(third[1]).as("longer than at first").isGreaterThan(12);
        mvc.perform(get("/login").param("wait", "700")).andExpect(content().string(containsString("12 minutes")));
        mvc.perform(get("/login").param("wait", "soon")).andExpect(status().isOk());
    }

    @Test
    void fromOneAddressOfTheNetworkManyAccountsAreNoWayRound() throws Exception {
        assertThat(tried(i -> "198.51.100.7", i -> "nobody" + i + "@nowhere.example")[0]).isBetween(20L, 35L);
        signIn("198.51.100.8", "nobody99@nowhere.example", "wrong").andExpect(redirectedUrl("/login?error"));
    }

    @Test
    void anAddressSpeltInPercentIsNoWayRound() throws Exception {
        practices.trainerOf("Slow Gate", "Runa Vale", "runa@slowgate.example");
        long waits = IntStream.range(0, 40).mapToObj(i -> {
            try {
                return String.valueOf(mvc.perform(post(URI.create("/%6Cogin")).with(csrf()).with(r -> {
                    r.setRemoteAddr("192.0.2.200");
                    return r;
                }).param("username", "percent" + i + "@nowhere.example").param("password", "wrong")).andReturn().getResponse().getRedirectedUrl());
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        }).filter(to -> to.startsWith("/login?wait=")).count();
        assertThat(waits).isPositive();
    }

    @Test
    void theRightPasswordIsNotCounted() throws Exception {
        for (int i = 0; i < 8; i++) {
            signIn("203.0.113.5", IMRE, "hollow-lane").andExpect(redirectedUrl("/"));
        }
    }

    @Test
    void manyInstancesShareOneCount() {
        Brakes another = new Brakes(database, clock);
        String of = UUID.randomUUID().toString();
        IntStream.range(0, 5).forEach(i -> assertThat((i % 2 == 0 ? brakes : another).take(Brake.SIGN_IN, of)).isEmpty());
        assertThat(another.take(Brake.SIGN_IN, of)).isPresent();
        assertThat(brakes.take(Brake.SIGN_IN, of)).isPresent();
        JdbcTemplate jdbc = new JdbcTemplate(database);
        assertThat(jdbc.queryForList("select id from brake", String.class)).isNotEmpty().noneMatch(id -> id.contains(of)).allMatch(id -> id.matches("[A-Z_]+-[0-9a-f]{32}"));
    }

    @Test
    void manyAtTheSameMomentTakeNoMoreThanThereIs() {
        String of = UUID.randomUUID().toString();
        long taken = IntStream.range(0, 400).parallel().filter(i -> brakes.take(Brake.REPS, of, 20).isEmpty()).count();
        assertThat(taken).isEqualTo(250);
        assertThat(IntStream.range(0, 60).parallel().filter(i -> brakes.take(Brake.SIGN_IN, of).isEmpty()).count()).isBetween(5L, 6L);
    }

    @Test
    void aPhoneThatWasAwayForAWeekIsTakenAndAFloodIsNot() throws Exception {
        Home home = homes.make(edda(), TrackKind.SKILL, 2);
        String owner = edda().practice() + "-" + home.id;
        for (int i = 0; i < 5; i++) {
            assertThat(brakes.take(Brake.REPS, owner, 200)).as("a week of a busy household").isEmpty();
        }
        String flood = "{\"reps\":[" + "{},".repeat(150) + "{}]}";
        IntStream.range(0, 30).forEach(i -> brakes.take(Brake.REPS, owner, 200));
        home.post("reps", flood).andExpect(status().isTooManyRequests()).andExpect(header().exists("Retry-After"))
                .andExpect(jsonPath("$.error").value(containsString("Too much at once. It can be sent again in")));
        home.post("questions", question()).andExpect(status().isOk());
        clock.pass(Duration.ofDays(2));
        home.post("reps", flood).andExpect(status().isBadRequest());
    }

    private String question() {
        return "{\"id\":\"%s\",\"words\":\"May he sleep upstairs?\",\"at\":\"%s\"}".formatted(UUID.randomUUID(), now());
    }

    @Test
    void questionsHaveALimitOfTheirOwnAndStopAndCallStaysFree() throws Exception {
        Home home = homes.make(practices.trainerOf("Slow Gate", "Runa Vale", "runa@slowgate.example"), TrackKind.SKILL, 2);
        for (int i = 0; i < 20; i++) {
            home.post("questions", question()).andExpect(status().isOk());
        }
        home.post("questions", question()).andExpect(status().isTooManyRequests());
        home.post("alarms", "{\"id\":\"%s\",\"dog\":\"%d\",\"kind\":\"BIT\",\"what\":\"\",\"at\":\"%s\"}".formatted(UUID.randomUUID(), home.facts().dogs().get(0).id(), now()))
                .andExpect(status().isOk());
    }

    @Test
    void linksAreNotGuessedByTheThousand() throws Exception {
        List<Integer> seen = IntStream.range(0, 130).mapToObj(i -> {
            try {
                return mvc.perform(get("/o/guess" + i).with(r -> {
                    r.setRemoteAddr("203.0.113.77");
                    return r;
                }).contentType(APPLICATION_JSON)).andReturn().getResponse().getStatus();
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        }).toList();
        assertThat(seen).containsOnly(404, 429);
        assertThat(seen.stream().filter(status -> status == 404).count()).isBetween(100L, 103L);
    }
}
