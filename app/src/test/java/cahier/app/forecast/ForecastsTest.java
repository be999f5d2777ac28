package cahier.app.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;

import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import cahier.core.forecast.Forecast;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** The forecast of a track, as the trainer and the owner read it. */
class ForecastsTest extends AppTest {

    @Autowired
    private Forecasts forecasts;
    @Autowired
    private Households households;
    private Home home;

    @BeforeEach
    void makeHome() {
        home = homes.make(edda(), TrackKind.SKILL, 6);
    }

    private Outlook outlook() {
        return asEdda(() -> forecasts.of(edda().practice(), home.roadmap(), now())).orElseThrow();
    }

    private LocalDate today() {
        return now().atZone(ZoneId.of("Europe/London")).toLocalDate();
    }

    private void days(String reps, int days) throws Exception {
        for (int day = 0; day < days; day++) {
            clock.pass(Duration.ofDays(1));
            home.practise(reps);
        }
    }

    @Test
    void withPracticeThereIsADateAndWithoutItIsSaidWhyNot() throws Exception {
        assertThat(outlook().forecast().middle()).as("the dose, until something is known").isPresent();
        days("cmcmc", 3);
        Outlook often = outlook();
        assertThat(often.forecast().middle().orElseThrow()).isAfter(today());
        assertThat(often.plain()).startsWith("As you practise now: about ");
        open("/tracks/" + home.track).andExpect(content().string(allOf(containsString(often.headline()), containsString("Eight in ten between "), not(containsString("By the lesson on")))));
        mvc.perform(get("/o/" + home.token + "/progress")).andExpect(content().string(containsString(often.plain())));
        clock.pass(Duration.ofDays(25));
        assertThat(outlook().forecast().why()).contains(Forecast.Why.NO_PRACTICE);
        open("/tracks/" + home.track).andExpect(content().string(allOf(containsString("Goal not in sight"), containsString("No practice in the last three weeks to reckon with."))));
        mvc.perform(get("/o/" + home.token + "/progress")).andExpect(content().string(containsString("When? That shows once there is practice again.")));
    }

    @Test
    void byTheNextLessonAStepIsExpectedAndLessonsAreCounted() throws Exception {
        asEdda(() -> {
            households.put(edda().practice(), new Lesson(0, home.id, now().minus(Duration.ofDays(14)), 60, "", 0));
            households.put(edda().practice(), new Lesson(0, home.id, now().plus(Duration.ofDays(14)), 60, "", 0));
            return null;
        });
        days("cmcmc", 3);
        assertThat(outlook().byLesson()).matches("By the lesson on .*: step \\d, \\d+ in 100 for the goal\\.");
        assertThat(outlook().lessonsToCome()).matches("About (one lesson|\\d+ lessons) at this rhythm\\.");
    }
}
