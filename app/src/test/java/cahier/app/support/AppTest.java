package cahier.app.support;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import cahier.app.account.AccountService;
import cahier.app.account.PracticeMaker;
import cahier.app.judge.JudgingRound;
import cahier.app.scope.PracticeScope;
import cahier.app.scope.TrainerUser;
import cahier.app.week.WeekRound;
import java.time.Clock;
import java.time.Instant;
import java.util.function.Supplier;
import org.junit.jupiter.api.AfterEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Import;
import org.springframework.context.annotation.Primary;
import org.springframework.core.Ordered;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * The whole application with its demo data on a real database, shared by all tests that extend this. Each makes its own household in a
 * practice of the tests' own (Edda's), so that days that pass there leave the demo (Imre's) as it is.
 */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT, properties = {"cahier.demo=true", "cahier.key=only-for-tests", "cahier.mail.every-ms=86400000", "cahier.judge.every-ms=86400000", "cahier.week.every-ms=86400000", "cahier.erase.every-ms=86400000", "cahier.forget.every-ms=86400000", "cahier.look.every-ms=86400000", "cahier.learn.every-ms=86400000", "cahier.week.steps=200"})
@AutoConfigureMockMvc
@Import({AppTest.Time.class, Home.Maker.class, PracticeMaker.class})
public abstract class AppTest {

    protected static final String IMRE = "imre@hollowlane.example";

    @Autowired
    protected MockMvc mvc;
    @Autowired
    protected MovableClock clock;
    @Autowired
    protected AccountService accounts;
    @Autowired
    protected Home.Maker homes;
    @Autowired
    protected PracticeMaker practices;
    @LocalServerPort
    protected int port;

    @DynamicPropertySource
    static void database(DynamicPropertyRegistry registry) {
        Postgres.registerFresh(registry);
    }

    @TestConfiguration
    static class Time {

        @Bean
        @Primary
        MovableClock movableClock() {
            return new MovableClock();
        }

        @Bean
        static Statements statements() {
            return new Statements();
        }

        @Bean
        WebMvcConfigurer roundsRunBeforeEachPage(JudgingRound judging, WeekRound weeks, MovableClock clock) {
            return new WebMvcConfigurer() {
                @Override
                public void addInterceptors(InterceptorRegistry registry) {
                    registry.addInterceptor(new RoundsRun(judging, weeks, clock)).order(Ordered.HIGHEST_PRECEDENCE);
                }
            };
        }
    }

    @AfterEach
    void backToNoon() {
        clock.reset();
    }

    protected TrainerUser edda() {
        return practices.trainerOf("Marl Road Lessons", "Edda Brandt", "edda@marlroad.example");
    }

    protected TrainerUser imre() {
        return (TrainerUser) accounts.loadUserByUsername(IMRE);
    }

    /** Its pages keep the clock of the application. */
    protected Browser browser() {
        return new Browser("http://127.0.0.1:" + port, clock);
    }

    protected Instant now() {
        return Instant.now((Clock) clock);
    }

    protected <T> T asImre(Supplier<T> work) {
        return PracticeScope.within(imre().practice(), work);
    }

    protected <T> T asEdda(Supplier<T> work) {
        return PracticeScope.within(edda().practice(), work);
    }

    protected ResultActions open(String path) throws Exception {
        return open(edda(), path);
    }

    protected ResultActions open(TrainerUser trainer, String path) throws Exception {
        return mvc.perform(get(path).with(user(trainer)));
    }

    /** Sends a form; fields are name, value, name, value. */
    protected ResultActions send(String path, String... fields) throws Exception {
        return send(edda(), path, fields);
    }

    protected ResultActions send(TrainerUser trainer, String path, String... fields) throws Exception {
        var request = post(path).with(user(trainer)).with(csrf());
        for (int i = 0; i < fields.length; i += 2) {
            request.param(fields[i], fields[i + 1]);
        }
        return mvc.perform(request);
    }
}
