package cahier.app.owner;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import java.io.StringReader;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;

/** An owner picks practice times; the reminders are read back as a calendar program reads them. */
class PracticeTimesTest extends AppTest {

    private static final ZoneId LONDON = ZoneId.of("Europe/London");

    @Autowired
    private Households households;
    private Home home;

    @BeforeEach
    void makeHome() {
        home = homes.make(edda(), TrackKind.SKILL, 1);
    }

    private String page() {
        return "/o/" + home.token + "/times";
    }

    private ResultActions pick(String... at) throws Exception {
        return mvc.perform(post(page()).param("at", at));
    }

    private List<VEvent> reminders() throws Exception {
        Calendar calendar = new CalendarBuilder().build(new StringReader(mvc.perform(get(page() + ".ics")).andExpect(status().isOk()).andReturn().getResponse().getContentAsString()));
        calendar.validate();
        return calendar.getComponents("VEVENT");
    }

    private static String value(VEvent event, String property) {
        return event.getProperty(property).map(p -> ((Property) p).getValue()).orElse("");
    }

    @Test
    void timesAreKeptInOrderAndRingEveryDayUntilTheNextLesson() throws Exception {
        mvc.perform(get(page())).andExpect(content().string(not(containsString("Reminders for your calendar"))));
        pick("18:30", "", "07:05", "18:30").andExpect(redirectedUrl(page()));
        mvc.perform(get(page())).andExpect(content().string(allOf(containsString("value=\"07:05\""), containsString("Reminders for your calendar"))));
        asEdda(() -> {
            households.put(edda().practice(), new Lesson(0, home.id, now().plus(Duration.ofDays(5)), 60, "", 0));
            return null;
        });
        LocalDate today = now().atZone(LONDON).toLocalDate();
        List<VEvent> reminders = reminders();
        assertThat(reminders).extracting(e -> e.getStartDate().orElseThrow().getDate()).containsExactly(today.atTime(7, 5), today.atTime(LocalTime.of(18, 30)));
        assertThat(reminders).allSatisfy(e -> {
            assertThat(value(e, "SUMMARY")).isEqualTo("Practise with Pim");
            assertThat(value(e, "RRULE")).contains("FREQ=DAILY").contains("UNTIL=" + now().plus(Duration.ofDays(5)).atZone(LONDON).toLocalDate().toString().replace("-", ""));
            assertThat(e.getAlarms()).hasSize(1);
        });
        assertThat(value(reminders.get(0), "UID")).isNotEqualTo(value(reminders.get(1), "UID"));
    }

    @Test
    void withoutALessonTheyRingForFourWeeksAndNoTimeHasNoFile() throws Exception {
        mvc.perform(get(page() + ".ics")).andExpect(status().isNotFound());
        pick("12:00");
        assertThat(value(reminders().get(0), "RRULE")).contains("UNTIL=" + now().atZone(LONDON).toLocalDate().plusDays(28).toString().replace("-", ""));
        pick("").andExpect(redirectedUrl(page()));
        mvc.perform(get(page() + ".ics")).andExpect(status().isNotFound());
    }

    @Test
    void whatIsNoTimeIsNamedAndWhatWasTypedStays() throws Exception {
        pick("12:00");
        pick("18:30", "after tea").andExpect(content().string(allOf(containsString("A time must be like 18:30, was “after tea”. Nothing was changed."), containsString("value=\"18:30\""))));
        mvc.perform(get(page())).andExpect(content().string(containsString("value=\"12:00\"")));
        mvc.perform(get("/o/nobodys-link/times")).andExpect(status().isNotFound());
        mvc.perform(post("/o/nobodys-link/times").param("at", "12:00")).andExpect(status().isNotFound());
    }
}
