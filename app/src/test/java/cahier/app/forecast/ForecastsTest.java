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
import cahier.app.track.PassChoice;
import cahier.app.track.Tracks;
import cahier.core.decide.TrackKind;
import cahier.core.forecast.Forecast;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** The forecast of a track, as the trainer and the owner read it. */
class ForecastsTest extends AppTest {

    /** Weeks: not within a year. */
    private static final int BEYOND = 60;
    @Autowired
    private Forecasts forecasts;
    @Autowired
    private Households households;
    @Autowired
    private Tracks tracks;
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
        assertThat(outlook().stands()).startsWith("It stands on ").endsWith(" and on practice as the sheet asks, three days of five.");
        days("cmcmc", 3);
        Outlook often = outlook();
        assertThat(often.stands()).startsWith("It stands on ").endsWith(" and on 4 days of this household.");
        open("/tracks/" + home.track).andExpect(content().string(containsString(often.stands())));
        assertThat(often.forecast().middle().orElseThrow()).isAfter(today());
        assertThat(often.plain()).startsWith("If you go on like this: most likely about ");
        open("/tracks/" + home.track).andExpect(content().string(allOf(containsString(often.headline()), containsString("Eight in ten between "), containsString(often.leastReps()), not(containsString("By the lesson on")))));
        mvc.perform(get("/o/" + home.token + "/progress")).andExpect(content().string(containsString(often.plain())));
        clock.pass(Duration.ofDays(25));
        assertThat(outlook().forecast().why()).contains(Forecast.Why.NO_PRACTICE);
        open("/tracks/" + home.track).andExpect(content().string(allOf(containsString("Goal not in sight"), containsString("Nobody has practised for three weeks, so there is nothing to go by."))));
        mvc.perform(get("/o/" + home.token + "/progress")).andExpect(content().string(containsString("When? That shows once there is practice again.")));
    }

    @Test
    void moreSessionsAWeekBringTheGoalNearer() throws Exception {
        days("cmcmc", 3);
        Rhythms asked = asEdda(() -> forecasts.rhythms(edda().practice(), home.roadmap(), 7, Optional.empty(), now())).orElseThrow();
        List<Rhythm> rhythms = asked.others();
        assertThat(asked.asked()).isEqualTo(rhythms.get(3));
        Rhythms stricter = asEdda(() -> forecasts.rhythms(edda().practice(), home.roadmap(), 7, Optional.of(PassChoice.RATE_90), now())).orElseThrow();
        assertThat(stricter.leastReps()).as("ten at least instead of five in a row").isGreaterThan(asked.leastReps());
        assertThat(stricter.asked().late().orElse(BEYOND)).as("in whole weeks, which may be the same").isGreaterThanOrEqualTo(asked.asked().late().orElse(BEYOND));
        assertThat(rhythms).extracting(Rhythm::sessionsAWeek).containsExactly(2, 3, 5, 7, 14);
        for (int i = 1; i < rhythms.size(); i++) {
            assertThat(rhythms.get(i).early().orElse(BEYOND)).isLessThanOrEqualTo(rhythms.get(i - 1).early().orElse(BEYOND));
        }
        assertThat(rhythms.get(4).late().orElse(BEYOND)).isLessThan(rhythms.get(0).late().orElse(BEYOND));
        open("/tracks/" + home.track + "/rhythms?sessions=7").andExpect(content().string(allOf(containsString(rhythms.get(0).words()), containsString(asked.words()))));
        open("/tracks/" + home.track + "/rhythms?sessions=many&pass=LUCK").andExpect(content().string(containsString("At 5 sessions a week: ")));
        open("/tracks/" + home.track + "/rhythms?sessions=99").andExpect(content().string(containsString("At 21 sessions a week: ")));
        assertThat(new Rhythm(2, Optional.of(9), Optional.empty()).words()).isEqualTo("from 9 weeks on");
        assertThat(new Rhythm(2, Optional.empty(), Optional.empty()).words()).isEqualTo("not within a year");
        assertThat(new Rhythm(2, Optional.of(1), Optional.of(1)).words()).isEqualTo("1 week");
    }

    @Test
    void whatWasSaidIsKeptAndHeldAgainstTheEnd() throws Exception {
        open(practices.trainerOf("Quiet Row Dogs", "Tamsin Holt", "tamsin@quietrow.example"), "/forecasts").andExpect(content().string(containsString("No track has ended yet")));
        days("cmcmc", 3);
        Outlook said = outlook();
        asEdda(() -> {
            forecasts.keep(edda().practice(), home.id, now());
            forecasts.keep(edda().practice(), home.id, now());
            return null;
        });
        LocalDate day = today();
        clock.pass(Duration.ofDays(2));
        asEdda(() -> {
            tracks.finish(edda().practice(), home.track, now());
            return null;
        });
        List<Held> held = asEdda(() -> forecasts.held(edda().practice())).stream().filter(h -> h.trackId() == home.track).toList();
        assertThat(held).singleElement().satisfies(h -> {
            assertThat(h.saidOn()).isEqualTo(day);
            assertThat(h.early()).isEqualTo(said.forecast().early().orElseThrow());
            assertThat(h.ended()).isEqualTo(today());
            assertThat(h.isRight()).isEqualTo(!today().isBefore(h.early()));
        });
        open("/forecasts").andExpect(content().string(allOf(containsString(" of "), containsString("held"), containsString(held.get(0).isRight() ? "right" : "sooner"))));
        LocalDate d = LocalDate.of(2026, 5, 1);
        assertThat(new Held(1, "", "", "", d, d.plusDays(5), d.plusDays(9), d.plusDays(9)).isRight()).isTrue();
        assertThat(new Held(1, "", "", "", d, d.plusDays(5), d.plusDays(9), d.plusDays(10)).isLater()).isTrue();
        assertThat(new Held(1, "", "", "", d, d.plusDays(5), null, d.plusDays(300)).isRight()).isTrue();
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
