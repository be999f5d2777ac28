package cahier.app.lesson;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.scope.TrainerUser;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import java.io.StringReader;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** The lessons as a calendar program reads them. */
class CalendarTest extends AppTest {

    @Autowired
    private Households households;

    private TrainerUser clara() {
        return practices.trainerOf("Mill Field Lessons", "Clara Osei", "clara@millfield.example");
    }

    private String secret() throws Exception {
        String shown = String.valueOf(send(clara(), "/lessons/calendar").andReturn().getFlashMap().get("calendar"));
        return shown.substring(shown.indexOf("/calendar/"));
    }

    private static List<VEvent> read(String ics) throws Exception {
        Calendar calendar = new CalendarBuilder().build(new StringReader(ics));
        calendar.validate();
        return calendar.getComponents("VEVENT");
    }

    private static String value(VEvent event, String property) {
        return event.getProperty(property).map(p -> ((Property) p).getValue()).orElse("");
    }

    @Test
    void aLessonIsReadBackWithItsTimeAndAMissedOneIsCancelled() throws Exception {
        Home home = homes.make(clara(), TrackKind.SKILL, 1);
        Instant at = now().plus(Duration.ofDays(2)).truncatedTo(ChronoUnit.SECONDS);
        home.within(() -> {
            households.put(clara().practice(), new Lesson(0, home.id, at, 45, "Gate; first, lead", 20, Lesson.State.PLANNED, 0));
            households.put(clara().practice(), new Lesson(0, home.id, at.plus(Duration.ofDays(7)), 60, "", 0, Lesson.State.MISSED, 0));
            return null;
        });
        String feed = mvc.perform(get(secret())).andExpect(status().isOk()).andExpect(header().string("Content-Type", startsWith("text/calendar"))).andExpect(header().doesNotExist("Set-Cookie"))
                .andReturn().getResponse().getContentAsString();
        List<VEvent> events = read(feed).stream().filter(e -> value(e, "SUMMARY").equals("Lesson, " + home.facts().household().name())).toList();
        assertThat(events).hasSize(2);
        VEvent first = events.get(0);
        assertThat(Instant.from(first.getDateTimeStart().getDate())).isEqualTo(at);
        assertThat(Instant.from(first.getDateTimeEnd().getDate())).isEqualTo(at.plus(Duration.ofMinutes(45)));
        assertThat(value(first, "DESCRIPTION")).isEqualTo("Gate; first, lead 20 min to get there.");
        assertThat(value(first, "STATUS")).isEqualTo("CONFIRMED");
        assertThat(value(events.get(1), "STATUS")).isEqualTo("CANCELLED");
        assertThat(value(first, "UID")).isNotEqualTo(value(events.get(1), "UID")).startsWith("lesson-");
    }

    @Test
    void aStoppedAddressIsReadByNobody() throws Exception {
        String secret = secret();
        mvc.perform(get(secret)).andExpect(status().isOk());
        open(clara(), "/lessons").andExpect(content().string(containsString("Stop the address")));
        send(clara(), "/lessons/calendar/stop").andExpect(status().is3xxRedirection());
        mvc.perform(get(secret)).andExpect(status().isNotFound());
        open(clara(), "/lessons").andExpect(content().string(containsString("Make an address")));
    }

    @Test
    void anAddressIsAPracticesOwnAndANewOneEndsTheOld() throws Exception {
        Home foreign = homes.make(edda(), TrackKind.SKILL, 1);
        asEdda(() -> {
            households.put(edda().practice(), new Lesson(0, foreign.id, now().plus(Duration.ofDays(1)), 60, "", 0));
            return null;
        });
        String old = secret();
        assertThat(mvc.perform(get(old)).andReturn().getResponse().getContentAsString()).doesNotContain(foreign.facts().household().name());
        String fresh = secret();
        mvc.perform(get(old)).andExpect(status().isNotFound());
        mvc.perform(get(fresh)).andExpect(status().isOk());
        mvc.perform(get("/calendar/guessed.ics")).andExpect(status().isNotFound());
    }

    @Test
    void theFileNeedsTheTrainer() throws Exception {
        mvc.perform(get("/lessons.ics")).andExpect(redirectedUrlPattern("**/login"));
        open("/lessons.ics").andExpect(status().isOk()).andExpect(content().string(containsString("BEGIN:VCALENDAR")));
        open("/lessons").andExpect(content().string(containsString("Make an address")));
    }
}
